/** Bearing units that are bolted to a knuckle, and the signal of their wheel-speed ring. */
@NullMarked
package unbo.core.unit;

import org.jspecify.annotations.NullMarked;
