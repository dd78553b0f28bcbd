/** Greases: how much, which on which, how thick, and for how long. */
@NullMarked
package unbo.core.lubrication;

import org.jspecify.annotations.NullMarked;
