/** Measures core and pages on filled databases; no part of the application. */
package unbo.speed;
