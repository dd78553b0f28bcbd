/** Races as they were painted, measured, and read as modes of damage. */
@NullMarked
package unbo.core.damage;

import org.jspecify.annotations.NullMarked;
