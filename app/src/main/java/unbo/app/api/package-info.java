/** Every computation by JSON, without state. */
package unbo.app.api;
