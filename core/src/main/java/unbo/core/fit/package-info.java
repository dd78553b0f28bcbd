/** Seats of rings: interference, pressure, press force, and the clearance that is left. */
package unbo.core.fit;
