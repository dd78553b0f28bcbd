/** Readings of a dial indicator over one turn, and rock at the rim. */
@NullMarked
package unbo.core.runout;

import org.jspecify.annotations.NullMarked;
