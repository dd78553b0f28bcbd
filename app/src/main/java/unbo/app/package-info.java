/** The application: how it starts, and what it refuses to start with. */
package unbo.app;
