/** Files out and in: jobs, positions, everything, calendars and tables. */
package unbo.app.exchange;
