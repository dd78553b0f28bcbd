/** How the database is asked: waits, retries, pages of lists, preferences read once. */
package unbo.app.data;
