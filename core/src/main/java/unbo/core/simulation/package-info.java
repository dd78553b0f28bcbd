/** Stand-ins for instruments: a hub that turns, a hub that sounds. */
package unbo.core.simulation;
