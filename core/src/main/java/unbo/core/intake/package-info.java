/** What was brought, by whom it is complained of, and with which load. */
package unbo.core.intake;
