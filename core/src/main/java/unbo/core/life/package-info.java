/** Ratings, equivalent loads and lives of bearings by ISO 281, on wheels and on shafts. */
@NullMarked
package unbo.core.life;

import org.jspecify.annotations.NullMarked;
