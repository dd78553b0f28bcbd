/** Taking an assembly apart and putting it together: the order of the steps, their methods, and what they spoil. */
@NullMarked
package unbo.core.apart;

import org.jspecify.annotations.NullMarked;
