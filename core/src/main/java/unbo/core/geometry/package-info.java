/** What play in a pair of bearings does to the wheel, the disc and the steering. */
@NullMarked
package unbo.core.geometry;

import org.jspecify.annotations.NullMarked;
