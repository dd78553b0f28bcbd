/** The section of a hub, to scale from what a job knows. */
package unbo.core.hub;
