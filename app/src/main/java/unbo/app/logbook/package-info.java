/** What is counted over all jobs: findings, measured facts, damage, parts, and how long bearings ran. */
package unbo.app.logbook;
