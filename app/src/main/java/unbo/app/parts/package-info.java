/** The parts list of a job, order sheets and labels. */
package unbo.app.parts;
