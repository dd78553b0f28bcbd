/** The day on the bench: which step when, and what to do now. */
@NullMarked
package unbo.core.plan;

import org.jspecify.annotations.NullMarked;
