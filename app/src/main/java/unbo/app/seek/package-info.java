/** The box in the head of every page: what may be meant by whatever is typed, over tools, tables and the record. */
package unbo.app.seek;
