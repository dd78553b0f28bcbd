/** Tools that hold parts of a hub against each other by their strength. */
@NullMarked
package unbo.core.tools.strength;

import org.jspecify.annotations.NullMarked;
