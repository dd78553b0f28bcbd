/** Tools for proving and for what comes due. */
@NullMarked
package unbo.core.tools.proving;

import org.jspecify.annotations.NullMarked;
