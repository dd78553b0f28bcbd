/** Bearings of the workshop's own. */
package unbo.app.catalogue;
