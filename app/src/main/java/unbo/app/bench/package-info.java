/** Questions that are asked with no job open, and beside a job. */
package unbo.app.bench;
