/**
 * How the bearings of a shaft hold it between them: arrangements, spacers, end play hot and cold, preload, crank
 * truing.
 */
@NullMarked
package unbo.core.arrange;

import org.jspecify.annotations.NullMarked;
