/** Causes of noise, play and heat, weighed by what was checked. */
@NullMarked
package unbo.core.diagnosis;

import org.jspecify.annotations.NullMarked;
