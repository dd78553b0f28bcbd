/** Shaft seals: their state at a place, and those of a bearing's two sides. */
@NullMarked
package unbo.core.seal;

import org.jspecify.annotations.NullMarked;
