/** Tools for what play does outside the hub. */
@NullMarked
package unbo.core.tools.geometry;

import org.jspecify.annotations.NullMarked;
