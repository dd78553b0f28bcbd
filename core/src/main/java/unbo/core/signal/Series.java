package unbo.core.signal;

/** A real row of values at equal steps: an envelope, or a low band of the sound itself. */
record Series(double rateHz, float[] values) {

    double seconds() {
        return values.length / rateHz;
    }
}
