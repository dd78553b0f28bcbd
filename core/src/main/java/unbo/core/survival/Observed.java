package unbo.core.survival;

import java.util.List;

/**
 * One run as it is counted, in the unit of its counter.
 *
 * @param entry from where it is at risk: 0 where it was fitted new, later where it was first seen running
 * @param end where it failed, or was last known to run
 * @param failed false where it came out sound or still runs
 */
public record Observed(double entry, double end, boolean failed) {

    public Observed {
        if (!(entry >= 0) || !(end > entry) || Double.isInfinite(end)) {
            throw new IllegalArgumentException("a run from " + entry + " to " + end);
        }
    }

    /** A run from new. */
    public static Observed of(double end, boolean failed) {
        return new Observed(0, end, failed);
    }

    /** How many failed. */
    public static int failures(List<Observed> runs) {
        return (int) runs.stream().filter(Observed::failed).count();
    }
}
