/** Races as they were painted, measured, and read as modes of damage. */
package unbo.core.damage;
