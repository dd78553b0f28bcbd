/** Which bearings and seals a hub has, what may go in their place, and whether it belongs there. */
package unbo.core.identify;
