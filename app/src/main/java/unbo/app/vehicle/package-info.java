/** Vehicles, positions and immersions as they are kept. */
package unbo.app.vehicle;
