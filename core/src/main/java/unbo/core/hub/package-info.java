/** The section of a hub, to scale from what a job knows. */
@NullMarked
package unbo.core.hub;

import org.jspecify.annotations.NullMarked;
