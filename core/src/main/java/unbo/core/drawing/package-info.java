/** Shapes with roles, charts and scales: what is drawn, not how. */
package unbo.core.drawing;
