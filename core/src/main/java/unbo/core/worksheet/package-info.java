/** Derivations: symbols, formulas, values and sources behind every answer. */
package unbo.core.worksheet;
