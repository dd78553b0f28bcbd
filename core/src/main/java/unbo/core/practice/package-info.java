/** Hidden truth for practice, drawn from seeds; it knows nothing of what analyses it. */
@NullMarked
package unbo.core.practice;

import org.jspecify.annotations.NullMarked;
