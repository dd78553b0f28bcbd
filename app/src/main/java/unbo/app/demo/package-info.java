/** The data of the demonstration: a harbourside workshop. */
package unbo.app.demo;
