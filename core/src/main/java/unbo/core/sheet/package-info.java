/** Facts of a job: what is known, how, and from where. */
@NullMarked
package unbo.core.sheet;

import org.jspecify.annotations.NullMarked;
