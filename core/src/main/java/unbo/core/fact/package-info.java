/** What can be known of a place, each by its key. */
@NullMarked
package unbo.core.fact;

import org.jspecify.annotations.NullMarked;
