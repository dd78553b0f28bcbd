/** A vehicle drawn from above with the places where its bearings are. */
@NullMarked
package unbo.core.tools.vehicle;

import org.jspecify.annotations.NullMarked;
