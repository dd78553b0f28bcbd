package unbo.speed;

import java.util.Arrays;

/** Durations of one kind, in nanoseconds, and what is read off them. */
final class Times {

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
}
