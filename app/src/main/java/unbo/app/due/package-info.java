/** What is to be done after a vehicle was handed over. */
package unbo.app.due;
