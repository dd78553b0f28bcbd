/** What has to be shown before a place is handed over, by its kind, and what is to be done afterwards. */
package unbo.core.proof;
