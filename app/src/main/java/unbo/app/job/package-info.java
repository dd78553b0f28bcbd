/** Visits, jobs, their stages, documents, drafts and papers, and the pages of a stage. */
package unbo.app.job;
