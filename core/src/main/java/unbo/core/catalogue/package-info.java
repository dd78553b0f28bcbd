/** Dimension tables of rolling bearings and seals, and what follows from them. */
package unbo.core.catalogue;
