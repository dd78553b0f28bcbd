/** The report of a job, on the screen and as PDF. */
package unbo.app.report;
