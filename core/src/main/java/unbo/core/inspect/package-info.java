/** Judging what was taken out: bearings cleaned for use again, measured seats, compounds for a gap. */
@NullMarked
package unbo.core.inspect;

import org.jspecify.annotations.NullMarked;
