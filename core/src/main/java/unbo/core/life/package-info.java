/** Ratings, equivalent loads and lives of bearings by ISO 281, on wheels and on shafts. */
package unbo.core.life;
