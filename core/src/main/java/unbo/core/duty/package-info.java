/** Which bearing of the same place would carry a load from a direction, how long, and which would not. */
@NullMarked
package unbo.core.duty;

import org.jspecify.annotations.NullMarked;
