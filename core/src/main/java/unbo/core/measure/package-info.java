/** Quantities and units as mechanics write them, read and printed. */
package unbo.core.measure;
