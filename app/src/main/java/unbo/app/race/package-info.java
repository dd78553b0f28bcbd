/** The palette that races are painted with. */
package unbo.app.race;
