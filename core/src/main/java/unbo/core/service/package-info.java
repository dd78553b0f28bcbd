/** What a job came to, and when its place is due again. */
package unbo.core.service;
