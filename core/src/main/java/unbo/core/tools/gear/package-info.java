/** Tools for gears that bearings set. */
@NullMarked
package unbo.core.tools.gear;

import org.jspecify.annotations.NullMarked;
