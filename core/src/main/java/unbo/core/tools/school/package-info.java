/** Where practitioners disagree: the sides, what each assumes, when it suits, which is the default and why. */
@NullMarked
package unbo.core.tools.school;

import org.jspecify.annotations.NullMarked;
