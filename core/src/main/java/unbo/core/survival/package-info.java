/** How long bearings last, told by runs that have ended and runs that have not. */
@NullMarked
package unbo.core.survival;

import org.jspecify.annotations.NullMarked;
