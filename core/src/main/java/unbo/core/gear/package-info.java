/** Bevel and hypoid gears that bearings set: pinion depth, backlash, contact pattern. */
@NullMarked
package unbo.core.gear;

import org.jspecify.annotations.NullMarked;
