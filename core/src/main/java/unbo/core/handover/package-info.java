/** What a customer is told of a job: what was found, what was done, what is due. */
@NullMarked
package unbo.core.handover;

import org.jspecify.annotations.NullMarked;
