/** Timers that run on the board: cures, baths, warm-ups. */
package unbo.app.timer;
