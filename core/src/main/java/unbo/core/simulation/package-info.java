/** Stand-ins for instruments: a hub that turns, a hub that sounds. */
@NullMarked
package unbo.core.simulation;

import org.jspecify.annotations.NullMarked;
