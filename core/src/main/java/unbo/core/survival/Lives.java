package unbo.core.survival;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

/**
 * Lives of a group of bearings, told by their runs: survival, Weibull, and where the runs are of several groups these
 * by themselves and against each other.
 *
 * @param groups in the order in which they appear; empty where the runs are of one
 * @param comparisons of two groups; each against all others where there are more
 */
public record Lives(Input input, Survival survival, Weibull weibull, List<Group> groups, List<Comparison> comparisons) {

    /** Failures of both together from which two groups are compared at all. */
    public static final int TOLD = 5;

    /** The ratio of hazards that a workshop looks for. */
    public static final double RATIO = 2;

    /**
     * What is asked.
     *
     * @param unit of the counter that all runs are of: km, mi, h, races, immersions, days
     * @param heldSlope slope while few have failed
     * @param computed life that the load tells, in the unit of the runs; null where none was computed
     */
    public record Input(
            List<Run> runs,
            String unit,
            double confidence,
            double heldSlope,
            @Nullable Double computed) {

        public Input {
            runs = List.copyOf(runs);
        }
    }

    /**
     * A run.
     *
     * @param group it is counted in; empty for none
     * @param between true where it failed between two visits and the middle stands for it
     */
    public record Run(Observed observed, String group, boolean between) {}

    public record Group(String name, List<Observed> runs, Survival survival, Weibull weibull) {}

    /** @param other name of the second group, or of all others together */
    public record Comparison(String first, String other, LogRank rank) {

        /** Failures of both together that would tell a ratio of {@value Lives#RATIO}. */
        public int wanted() {
            return LogRank.failuresWanted(rank.share(), RATIO);
        }

        /** True from so many failures on as tell that ratio. */
        public boolean enough() {
            return rank.failed() >= wanted();
        }
    }

    /** @param in one run or more */
    public static Lives of(Input in) {
        List<Observed> all = in.runs().stream().map(Run::observed).toList();
        Map<String, List<Observed>> by = new LinkedHashMap<>();
        in.runs().stream()
                .filter(run -> !run.group().isEmpty())
                .forEach(run -> by.computeIfAbsent(run.group(), name -> new ArrayList<>())
                        .add(run.observed()));
        List<Group> groups = by.size() < 2
                ? List.of()
                : by.entrySet().stream()
                        .map(e -> new Group(
                                e.getKey(),
                                List.copyOf(e.getValue()),
                                Survival.of(e.getValue(), in.confidence()),
                                Weibull.of(e.getValue(), in.heldSlope(), in.confidence())))
                        .toList();
        return new Lives(
                in,
                Survival.of(all, in.confidence()),
                Weibull.of(all, in.heldSlope(), in.confidence()),
                groups,
                comparisons(groups));
    }

    private static List<Comparison> comparisons(List<Group> groups) {
        if (groups.size() == 2) {
            Group first = groups.get(0);
            Group second = groups.get(1);
            return List.of(new Comparison(first.name(), second.name(), LogRank.of(first.runs(), second.runs())));
        }
        List<Comparison> all = new ArrayList<>();
        for (Group group : groups) {
            List<Observed> others = groups.stream()
                    .filter(other -> other != group)
                    .flatMap(other -> other.runs().stream())
                    .toList();
            all.add(new Comparison(group.name(), "the others", LogRank.of(group.runs(), others)));
        }
        return all;
    }

    /** The life that nine in ten exceed; null where nothing failed. */
    public @Nullable Double b10() {
        return weibull.b10();
    }

    /** Runs whose failure lies somewhere between two visits. */
    public long between() {
        return input.runs().stream().filter(Run::between).count();
    }

    /** True where the slope says that the old fail more often than the new. */
    public boolean wearsOut() {
        Weibull.Limits slope = weibull.betaLimits();
        return slope != null && slope.low() > 1;
    }

    /** True where the slope says that the new fail more often than the old. */
    public boolean failsEarly() {
        Weibull.Limits slope = weibull.betaLimits();
        return slope != null && slope.high() < 1;
    }
}
