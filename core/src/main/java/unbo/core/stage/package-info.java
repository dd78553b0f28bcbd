/** The stations of a job, which a tool may stand at. */
@NullMarked
package unbo.core.stage;

import org.jspecify.annotations.NullMarked;
