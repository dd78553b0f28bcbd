/** Tools for bearings without rolling elements. */
@NullMarked
package unbo.core.tools.plain;

import org.jspecify.annotations.NullMarked;
