/** The board of Diagnose, and the workshop's own counted cases. */
package unbo.app.diagnosis;
