/** Instruments: simulated and attached streams of readings, recordings of noise. */
package unbo.app.instrument;
