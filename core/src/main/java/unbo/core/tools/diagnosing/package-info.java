/** What Diagnose asks, and its answer in print. */
@NullMarked
package unbo.core.tools.diagnosing;

import org.jspecify.annotations.NullMarked;
