/** The section of any assembly, drawn from its parts. */
@NullMarked
package unbo.core.tools.section;

import org.jspecify.annotations.NullMarked;
