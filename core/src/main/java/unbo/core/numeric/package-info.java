/** Looking for a place of a function of one number. */
@NullMarked
package unbo.core.numeric;

import org.jspecify.annotations.NullMarked;
