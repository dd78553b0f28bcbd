/** Lessons: what is shown of a hidden truth, what is asked, and what it was. */
@NullMarked
package unbo.core.tools.practice;

import org.jspecify.annotations.NullMarked;
