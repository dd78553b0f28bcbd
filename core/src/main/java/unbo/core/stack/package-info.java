/** Chains of links with shims that fill what is left. */
package unbo.core.stack;
