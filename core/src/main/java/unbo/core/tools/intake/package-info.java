/** What Intake asks, and its answer in print. */
@NullMarked
package unbo.core.tools.intake;

import org.jspecify.annotations.NullMarked;
