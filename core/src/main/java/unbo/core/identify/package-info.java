/** Which bearings and seals a hub has, what may go in their place, and whether it belongs there. */
@NullMarked
package unbo.core.identify;

import org.jspecify.annotations.NullMarked;
