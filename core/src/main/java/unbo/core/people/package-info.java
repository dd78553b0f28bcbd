/** People of a workshop: what each may do, and what a password is. */
@NullMarked
package unbo.core.people;

import org.jspecify.annotations.NullMarked;
