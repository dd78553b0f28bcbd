package unbo.speed;

import java.util.Arrays;

/** Durations of one kind, in nanoseconds, and what is read off them. */
final class Times {

    /** Of a normal distribution: within so many standard deviations lie 95 in 100. */
    private static final double Z95 = 1.96;

    private final long[] sorted;

    Times(long[] nanos) {
        sorted = nanos.clone();
        Arrays.sort(sorted);
    }

    int count() {
        return sorted.length;
    }

    /**
     * The time that {@code share} of all stay within, in milliseconds: the smallest with at least that share at or
     * under it.
     */
    double within(double share) {
        int index = (int) Math.ceil(share * sorted.length) - 1;
        return sorted[Math.max(0, index)] / 1e6;
    }

    double median() {
        return within(0.5);
    }

    /**
     * How far the median may be off, as a share of it: half the width of its 95 % interval by order statistics
     * (binomial, by its normal approximation).
     */
    double medianOff() {
        double half = Z95 * Math.sqrt(sorted.length) / 2;
        int low = (int) Math.max(0, Math.floor(sorted.length / 2.0 - half));
        int high = (int) Math.min(sorted.length - 1.0, Math.ceil(sorted.length / 2.0 + half));
        return (sorted[high] - sorted[low]) / 2e6 / median();
    }
}
