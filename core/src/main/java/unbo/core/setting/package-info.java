/** Adjusting: castellated nuts, axle nuts, cones and locknuts, units. */
@NullMarked
package unbo.core.setting;

import org.jspecify.annotations.NullMarked;
