/** Pages of a vehicle and of a position. */
package unbo.app.log;
