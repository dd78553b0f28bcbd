/** Shapes with roles, charts and scales: what is drawn, not how. */
@NullMarked
package unbo.core.drawing;

import org.jspecify.annotations.NullMarked;
