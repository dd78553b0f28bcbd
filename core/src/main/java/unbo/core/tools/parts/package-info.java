/** The lines of a list of parts: asked, proposed and printed. */
@NullMarked
package unbo.core.tools.parts;

import org.jspecify.annotations.NullMarked;
