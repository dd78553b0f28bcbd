/** What a recording is asked for, and its answer in print. */
@NullMarked
package unbo.core.tools.listening;

import org.jspecify.annotations.NullMarked;
