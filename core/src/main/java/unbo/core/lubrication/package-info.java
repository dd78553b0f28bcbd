/** Greases: how much, which on which, how thick, and for how long. */
package unbo.core.lubrication;
