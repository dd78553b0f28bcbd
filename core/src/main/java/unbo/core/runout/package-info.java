/** Readings of a dial indicator over one turn, and rock at the rim. */
package unbo.core.runout;
