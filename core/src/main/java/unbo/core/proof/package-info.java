/** What has to be shown before a place is handed over, by its kind, and what is to be done afterwards. */
@NullMarked
package unbo.core.proof;

import org.jspecify.annotations.NullMarked;
