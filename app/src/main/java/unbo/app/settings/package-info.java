/** The page of the workshop's preferences. */
package unbo.app.settings;
