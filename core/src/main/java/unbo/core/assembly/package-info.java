/** Kinds of assembly: what a position's bearings sit in, and what that asks of setting, proving and looking after. */
@NullMarked
package unbo.core.assembly;

import org.jspecify.annotations.NullMarked;
