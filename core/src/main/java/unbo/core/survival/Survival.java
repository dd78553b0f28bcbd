package unbo.core.survival;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * How many of a group still run after a distance: the product limit over failures (Kaplan and Meier 1958), Greenwood's
 * standard error, and a band by the logarithm of the logarithm, which stays between 0 and 1. A run that ends sound at
 * the distance of a failure counts as at risk there; one that was first seen running counts from where it was seen.
 *
 * @param steps one for each distance at which something failed
 * @param confidence of its band, 0 to 1
 */
public record Survival(List<Step> steps, int runs, int failures, double confidence) {

    /**
     * After a failure.
     *
     * @param atRisk runs that were under way just before
     * @param share that still runs, 0 to 1
     * @param error Greenwood's standard error; null where none is left, which has none
     * @param low lower limit of the band
     */
    public record Step(
            double at,
            int atRisk,
            int failed,
            double share,
            @Nullable Double error,
            double low,
            double high) {}

    public Survival {
        steps = List.copyOf(steps);
    }

    /** @param confidence of the band, over 0, under 1 */
    public static Survival of(List<Observed> runs, double confidence) {
        double[] entries = runs.stream().mapToDouble(Observed::entry).sorted().toArray();
        double[] ends = runs.stream().mapToDouble(Observed::end).sorted().toArray();
        double[] failures = runs.stream()
                .filter(Observed::failed)
                .mapToDouble(Observed::end)
                .sorted()
                .toArray();
        double z = Quantiles.twoSided(confidence);
        List<Step> steps = new ArrayList<>();
        double share = 1;
        double sum = 0;
        for (int i = 0; i < failures.length; ) {
            double at = failures[i];
            int failed = 0;
            while (i < failures.length && failures[i] == at) {
                failed++;
                i++;
            }
            int atRisk = Rows.under(entries, at) - Rows.under(ends, at);
            share *= 1 - (double) failed / atRisk;
            sum += (double) failed / atRisk / (atRisk - failed);
            double before = steps.isEmpty() ? 1 : steps.get(steps.size() - 1).high();
            steps.add(
                    share <= 0
                            ? new Step(at, atRisk, failed, 0, null, 0, before)
                            : step(at, atRisk, failed, share, z * Math.sqrt(sum), z));
        }
        return new Survival(steps, runs.size(), failures.length, confidence);
    }

    /** @param relative error of the share over the share, times the width of the band */
    private static Step step(double at, int atRisk, int failed, double share, double relative, double z) {
        double wide = Math.exp(relative / Math.abs(Math.log(share)));
        return new Step(
                at, atRisk, failed, share, share * relative / z, Math.pow(share, wide), Math.pow(share, 1 / wide));
    }

    /** The share that runs beyond a distance. */
    public double at(double distance) {
        Step last = last(distance);
        return last == null ? 1 : last.share();
    }

    /** The last failure up to a distance; null before the first. */
    public @Nullable Step last(double distance) {
        Step last = null;
        for (Step step : steps) {
            if (step.at() > distance) {
                break;
            }
            last = step;
        }
        return last;
    }

    /** The distance at which half have failed; null while more than half run. */
    public @Nullable Double median() {
        return steps.stream()
                .filter(step -> step.share() <= 0.5)
                .map(Step::at)
                .findFirst()
                .orElse(null);
    }
}
