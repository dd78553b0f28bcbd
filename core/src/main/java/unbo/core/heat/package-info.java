/** How hot and how cold parts are made so that they go together by hand. */
@NullMarked
package unbo.core.heat;

import org.jspecify.annotations.NullMarked;
