/** Derivations: symbols, formulas, values and sources behind every answer. */
@NullMarked
package unbo.core.worksheet;

import org.jspecify.annotations.NullMarked;
