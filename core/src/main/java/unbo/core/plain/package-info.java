/** Bearings without rolling elements: bushes, spherical plain bearings and rod ends. */
@NullMarked
package unbo.core.plain;

import org.jspecify.annotations.NullMarked;
