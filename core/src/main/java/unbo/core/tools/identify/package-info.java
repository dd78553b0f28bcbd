/** Tools that tell which bearing or seal it is. */
@NullMarked
package unbo.core.tools.identify;

import org.jspecify.annotations.NullMarked;
