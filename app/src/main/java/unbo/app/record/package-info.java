/** What the record tells over all jobs: lives, pairs, a year, the passport of a bearing. */
package unbo.app.record;
