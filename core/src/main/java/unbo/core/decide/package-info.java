/** When to renew, when to look, and whether to renew now or run on. */
@NullMarked
package unbo.core.decide;

import org.jspecify.annotations.NullMarked;
