/** Dimension tables of rolling bearings and seals, and what follows from them. */
@NullMarked
package unbo.core.catalogue;

import org.jspecify.annotations.NullMarked;
