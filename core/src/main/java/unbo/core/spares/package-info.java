/** Which spares to carry under a limit of mass or money. */
@NullMarked
package unbo.core.spares;

import org.jspecify.annotations.NullMarked;
