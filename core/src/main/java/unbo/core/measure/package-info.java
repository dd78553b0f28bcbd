/** Quantities and units as mechanics write them, read and printed. */
@NullMarked
package unbo.core.measure;

import org.jspecify.annotations.NullMarked;
