/** Vehicles, their places, and how they are used. */
@NullMarked
package unbo.core.vehicle;

import org.jspecify.annotations.NullMarked;
