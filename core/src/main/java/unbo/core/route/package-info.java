/** The stages of a job: what each asks, what it hangs on, and when the job may be signed. */
@NullMarked
package unbo.core.route;

import org.jspecify.annotations.NullMarked;
