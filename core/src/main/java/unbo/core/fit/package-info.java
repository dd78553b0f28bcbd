/** Seats of rings: interference, pressure, press force, and the clearance that is left. */
@NullMarked
package unbo.core.fit;

import org.jspecify.annotations.NullMarked;
