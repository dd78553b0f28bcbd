/** Pictures of all tools together; each tool stands in the package of its part of the work. */
@NullMarked
package unbo.core.tools;

import org.jspecify.annotations.NullMarked;
