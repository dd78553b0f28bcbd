package unbo.core.signal;

import org.jspecify.annotations.Nullable;

/**
 * A noise recording in the memory: samples of one channel, between −1 and 1, and of a second one where there was one.
 *
 * @param rateHz samples a second, 8 000 to 96 000
 * @param second samples of the right channel; null for mono
 * @param cut true when the file was longer than {@value #LONGEST_S} s, or broke off before its end
 */
public record Recording(double rateHz, float[] samples, float @Nullable [] second, boolean cut) {

    /** Seconds of a file that are read. */
    public static final int LONGEST_S = 60;
    /** Seconds below which nothing is said. */
    public static final int SHORTEST_S = 10;

    public static Recording mono(double rateHz, float[] samples) {
        return new Recording(rateHz, samples, null, false);
    }

    public double seconds() {
        return samples.length / rateHz;
    }
}
