/** What is judged, and how severe it is. */
@NullMarked
package unbo.core.finding;

import org.jspecify.annotations.NullMarked;
