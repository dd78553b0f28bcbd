/** The workshop's preferences. */
package unbo.app.workshop;
