/** Tools for grease, speed, load and life. */
@NullMarked
package unbo.core.tools.running;

import org.jspecify.annotations.NullMarked;
