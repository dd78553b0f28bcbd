/** Facts of a job: what is known, how, and from where. */
package unbo.core.sheet;
