/** What a rolling bearing is: its kind, sizes, inside, ratings, marks, and the book it is found in. */
@NullMarked
package unbo.core.bearing;

import org.jspecify.annotations.NullMarked;
