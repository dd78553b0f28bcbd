package unbo.core.survival;

import java.util.ArrayList;
import java.util.List;

/**
 * Two groups compared: at each failure the runs that were under way are shared out, and what failed in the first is
 * held against what it should have been were they alike (Mantel 1966). How many failures tell a ratio of two hazards:
 * Schoenfeld 1981.
 *
 * @param first what the first group had
 * @param chiSquare of one degree
 * @param chance that groups that are alike differ by so much
 * @param ratio hazard of the first over that of the second, (O/E)/(O/E); infinite or not a number where none failed
 */
public record LogRank(Side first, Side second, double chiSquare, double chance, double ratio) {

    /** Of two groups that are alike so many in a hundred are called different. */
    public static final double LEVEL = 0.10;

    /** Chance not to see a difference that is there, one in five: 0.842 standard errors. */
    private static final double POWER = 0.80;

    /** A group. @param expected failures it should have had were both alike */
    public record Side(int runs, int failed, double expected) {}

    /** @param first at least one run, as the second */
    public static LogRank of(List<Observed> first, List<Observed> second) {
        double[] ends = java.util.stream.Stream.concat(first.stream(), second.stream())
                .filter(Observed::failed)
                .mapToDouble(Observed::end)
                .distinct()
                .sorted()
                .toArray();
        Under a = new Under(first);
        Under b = new Under(second);
        double expected = 0;
        double variance = 0;
        for (double at : ends) {
            double n1 = a.atRisk(at);
            double n = n1 + b.atRisk(at);
            double d = a.failed(at) + b.failed(at);
            expected += d * n1 / n;
            if (n > 1) {
                variance += d * (n1 / n) * (1 - n1 / n) * (n - d) / (n - 1);
            }
        }
        int failedFirst = Observed.failures(first);
        int failedSecond = Observed.failures(second);
        double chi = variance > 0 ? Math.pow(failedFirst - expected, 2) / variance : 0;
        double otherExpected = failedFirst + failedSecond - expected;
        return new LogRank(
                new Side(first.size(), failedFirst, expected),
                new Side(second.size(), failedSecond, otherExpected),
                chi,
                Quantiles.overChiSquareOfOne(chi),
                failedFirst / expected / (failedSecond / otherExpected));
    }

    /** Runs of a group, counted by distance. */
    private static final class Under {

        private final double[] entries;
        private final double[] ends;
        private final double[] failures;

        Under(List<Observed> runs) {
            entries = runs.stream().mapToDouble(Observed::entry).sorted().toArray();
            ends = runs.stream().mapToDouble(Observed::end).sorted().toArray();
            List<Double> failed = new ArrayList<>();
            runs.stream().filter(Observed::failed).forEach(r -> failed.add(r.end()));
            failures = failed.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        }

        int atRisk(double at) {
            return Rows.under(entries, at) - Rows.under(ends, at);
        }

        int failed(double at) {
            return Rows.upTo(failures, at) - Rows.under(failures, at);
        }
    }

    public int failed() {
        return first.failed() + second.failed();
    }

    /** True where the two differ at the {@value #LEVEL} level. */
    public boolean differ() {
        return chance < LEVEL;
    }

    /** The share of the first group in all runs. */
    public double share() {
        return (double) first.runs() / (first.runs() + second.runs());
    }

    /**
     * Failures of both together that tell a ratio of hazards: (1.645 + 0.842)²/(p·(1 − p)·(ln HR)²), rounded up.
     *
     * @param share of one group in all runs, over 0, under 1
     * @param ratio of the hazards, over 0, not 1
     */
    public static int failuresWanted(double share, double ratio) {
        return (int) Math.ceil(squared() / (share * (1 - share) * Math.pow(Math.log(ratio), 2)));
    }

    /** The least ratio of hazards, over 1, that so many failures tell; infinite for none. */
    public static double ratioSeen(double share, int failures) {
        return Math.exp(Math.sqrt(squared() / (share * (1 - share) * failures)));
    }

    private static double squared() {
        return Math.pow(Quantiles.twoSided(1 - LEVEL) + Quantiles.normal(POWER), 2);
    }
}
