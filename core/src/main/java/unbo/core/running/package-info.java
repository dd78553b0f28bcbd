/** Bearings at speed: limits, friction, warmth, and whether an upgrade is worth it. */
@NullMarked
package unbo.core.running;

import org.jspecify.annotations.NullMarked;
