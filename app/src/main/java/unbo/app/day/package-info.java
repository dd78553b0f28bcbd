/** The day on the bench: what is done when, and what now. */
package unbo.app.day;
