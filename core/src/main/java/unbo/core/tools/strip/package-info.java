/** Tools for getting it out and reading it. */
@NullMarked
package unbo.core.tools.strip;

import org.jspecify.annotations.NullMarked;
