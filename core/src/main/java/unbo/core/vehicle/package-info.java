/** Vehicles, their places, and how they are used. */
package unbo.core.vehicle;
