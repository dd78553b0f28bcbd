/** Chains of links with shims that fill what is left. */
@NullMarked
package unbo.core.stack;

import org.jspecify.annotations.NullMarked;
