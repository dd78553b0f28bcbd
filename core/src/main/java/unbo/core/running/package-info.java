/** Bearings at speed: limits, friction, warmth, and whether an upgrade is worth it. */
package unbo.core.running;
