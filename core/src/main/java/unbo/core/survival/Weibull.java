package unbo.core.survival;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

import org.jspecify.annotations.Nullable;

import unbo.core.numeric.Search;

/**
 * Weibull's distribution through runs that failed and runs that did not: maximum likelihood with censoring to the right
 * and late entry (Lawless, Statistical Models and Methods for Lifetime Data). S(t) = exp(−(t/η)^β). With fewer than
 * {@value #ENOUGH} failures the slope is held and only η is told by the data.
 *
 * @param beta slope; held where there are few failures
 * @param eta characteristic life, in the unit of the runs; null where nothing failed
 * @param held true where the slope was not told by the data
 * @param betaLimits by the profile of the likelihood, two-sided; null where it is held
 * @param etaLow life that η exceeds at the confidence, one-sided, for this slope: (2·Σt^β/χ²)^(1/β)
 * @param etaLimits by the profile of the likelihood, two-sided, slope free; null where it is held
 */
public record Weibull(
        double beta,
        @Nullable Double eta,
        boolean held,
        @Nullable Limits betaLimits,
        double etaLow,
        @Nullable Limits etaLimits,
        int failures) {

    /** Failures from which the slope is told by the data. */
    public static final int ENOUGH = 5;
    /** Slope of wear-out, held while there are few failures: our own judgement. */
    public static final double WEAR_OUT = 1.5;
    /** Slope of water and accident: as likely for an old bearing as for a new one. */
    public static final double ACCIDENT = 1.0;

    private static final double LEAST_SLOPE = 0.05;
    private static final double MOST_SLOPE = 40;
    private static final int NEWTON = 40;
    /** To this share slopes and lives are found. */
    private static final double FINE = 1e-9;

    private static final double TENTH = -Math.log(0.9);

    /**
     * A band.
     *
     * @param low in the unit of what it bounds
     * @param high the same
     */
    public record Limits(double low, double high) {}

    /**
     * Runs over the longest of them, so that no power runs over, as logarithms.
     *
     * @param logs sum over those that failed
     * @param longest in the counter of the runs
     */
    private record Runs(double[] ends, double[] entries, int failures, double logs, double longest) {

        static Runs of(List<Observed> runs) {
            double longest = runs.stream().mapToDouble(Observed::end).max().orElse(1);
            return new Runs(
                    runs.stream().mapToDouble(r -> Math.log(r.end() / longest)).toArray(),
                    runs.stream()
                            .filter(r -> r.entry() > 0)
                            .mapToDouble(r -> Math.log(r.entry() / longest))
                            .toArray(),
                    Observed.failures(runs),
                    runs.stream()
                            .filter(Observed::failed)
                            .mapToDouble(r -> Math.log(r.end() / longest))
                            .sum(),
                    longest);
        }

        /** Σ t^β, late entries taken off. */
        double sum(double beta) {
            double sum = 0;
            for (double end : ends) {
                sum += Math.exp(beta * end);
            }
            for (double entry : entries) {
                sum -= Math.exp(beta * entry);
            }
            return sum;
        }

        /** Log likelihood of a slope, the best η taken for it. */
        double profile(double beta) {
            return failures * Math.log(beta) + (beta - 1) * logs - failures * Math.log(sum(beta) / failures) - failures;
        }

        /** Log likelihood. @param log of η over the longest run */
        double likelihood(double beta, double log) {
            return failures * (Math.log(beta) - beta * log) + (beta - 1) * logs - sum(beta) * Math.exp(-beta * log);
        }

        /**
         * The slope that is likeliest for a characteristic life, by Newton's steps from one that is near.
         *
         * @param log of η over the longest run
         */
        double slope(double near, double log) {
            double beta = near;
            for (int i = 0; i < NEWTON; i++) {
                double first = failures * (1 / beta - log) + logs;
                double second = -failures / (beta * beta);
                for (double end : ends) {
                    double u = end - log;
                    double power = Math.exp(beta * u);
                    first -= power * u;
                    second -= power * u * u;
                }
                for (double entry : entries) {
                    double u = entry - log;
                    double power = Math.exp(beta * u);
                    first += power * u;
                    second += power * u * u;
                }
                double step = second < 0 ? -first / second : Math.signum(first) * beta / 2;
                double next =
                        Math.max(LEAST_SLOPE, Math.min(MOST_SLOPE, beta + Math.max(-beta / 2, Math.min(beta, step))));
                if (Math.abs(next - beta) < FINE * beta) {
                    return next;
                }
                beta = next;
            }
            return beta;
        }
    }

    /**
     * The slope told by the data where enough failed, else held.
     *
     * @param runs at least one
     * @param heldSlope slope while there are few failures, over 0
     * @param confidence of the limits, over 0, under 1
     */
    public static Weibull of(List<Observed> runs, double heldSlope, double confidence) {
        return Observed.failures(runs) < ENOUGH ? held(runs, heldSlope, confidence) : free(runs, confidence);
    }

    /** The slope held. */
    public static Weibull held(List<Observed> runs, double slope, double confidence) {
        Runs scaled = Runs.of(runs);
        return new Weibull(
                slope, eta(scaled, slope), true, null, etaLow(scaled, slope, confidence), null, scaled.failures);
    }

    /** The slope told by the data. @throws IllegalArgumentException for fewer than two failures */
    public static Weibull free(List<Observed> runs, double confidence) {
        Runs scaled = Runs.of(runs);
        if (scaled.failures < 2) {
            throw new IllegalArgumentException(scaled.failures + " failures tell no slope");
        }
        double beta =
                Math.exp(Search.summit(b -> scaled.profile(Math.exp(b)), Math.log(LEAST_SLOPE), Math.log(MOST_SLOPE)));
        double z = Quantiles.twoSided(confidence);
        double drop = scaled.profile(beta) - z * z / 2;
        Limits slopes = new Limits(
                Math.exp(cross(b -> scaled.profile(Math.exp(b)) - drop, Math.log(beta), Math.log(LEAST_SLOPE))),
                Math.exp(cross(b -> scaled.profile(Math.exp(b)) - drop, Math.log(beta), Math.log(MOST_SLOPE))));
        double eta = Math.pow(scaled.sum(beta) / scaled.failures, 1 / beta);
        double[] near = {beta};
        DoubleUnaryOperator over = log -> {
            near[0] = scaled.slope(near[0], log);
            return scaled.likelihood(near[0], log) - drop;
        };
        double log = Math.log(eta);
        double low = cross(over, log, log - 5);
        near[0] = beta;
        Limits lives = new Limits(Math.exp(low) * scaled.longest, Math.exp(cross(over, log, log + 8)) * scaled.longest);
        return new Weibull(
                beta, eta * scaled.longest, false, slopes, etaLow(scaled, beta, confidence), lives, scaled.failures);
    }

    private static @Nullable Double eta(Runs runs, double beta) {
        return runs.failures == 0 ? null : Math.pow(runs.sum(beta) / runs.failures, 1 / beta) * runs.longest;
    }

    private static double etaLow(Runs runs, double beta, double confidence) {
        double chi = Quantiles.chiSquareEven(confidence, 2 * runs.failures + 2);
        return Math.pow(2 * runs.sum(beta) / chi, 1 / beta) * runs.longest;
    }

    /** Where a function falls through nought between a summit over it and a far end; the end where it does not. */
    private static double cross(DoubleUnaryOperator of, double summit, double end) {
        return of.applyAsDouble(end) >= 0 ? end : Search.edge(x -> of.applyAsDouble(x) >= 0, summit, end);
    }

    /** The life that nine in ten exceed; null where nothing failed. */
    public @Nullable Double b10() {
        return eta == null ? null : eta * Math.pow(TENTH, 1 / beta);
    }

    /** The share that runs beyond a distance; with the lower limit of η where nothing failed. */
    public double survives(double distance) {
        return Math.exp(-Math.pow(distance / (eta == null ? etaLow : eta), beta));
    }

    /**
     * Failures to be looked for over a further distance of one that has run: what the cumulative hazard grows by, ((a +
     * x)/η)^β − (a/η)^β.
     */
    public double lookedFor(double ran, double further) {
        double life = eta == null ? etaLow : eta;
        return Math.pow((ran + further) / life, beta) - Math.pow(ran / life, beta);
    }

    /** Failures that are still wanted before the slope is told. */
    public int wanted() {
        return Math.max(0, ENOUGH - failures);
    }
}
