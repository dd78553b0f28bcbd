/** The stages of a job: what each asks, what it hangs on, and when the job may be signed. */
package unbo.core.route;
