/** Tools for fitting and setting. */
@NullMarked
package unbo.core.tools.setting;

import org.jspecify.annotations.NullMarked;
