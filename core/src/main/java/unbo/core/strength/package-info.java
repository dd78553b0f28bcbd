/** Bending and stress in spindles and flanges, to hold two parts against each other. */
@NullMarked
package unbo.core.strength;

import org.jspecify.annotations.NullMarked;
