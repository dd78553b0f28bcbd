package unbo.core.logbook;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

/** How long steps took, by the minutes in which they were ticked one after the other. */
public final class StepTimes {

    /** A gap that is longer was a break, or the night, and tells nothing of the step. */
    public static final int LONGEST_MINUTES = 120;
    /** So many steps of the plan's own minutes are set against what was seen: few steps move little. */
    private static final double PRIOR = 5;

    private static final int LAST = 10;
    /** Fewer tell nothing of a method by themselves. */
    private static final int ENOUGH = 3;

    /**
     * A step that was ticked.
     *
     * @param planned its usual minutes; null where nobody says
     * @param at the minute in which it was done
     */
    public record Ticked(String code, @Nullable Double planned, LocalDateTime at) {}

    /** What a step took, in minutes; null where the gap before it tells nothing. */
    public record Took(Ticked step, @Nullable Double minutes) {}

    /**
     * Minutes that a step took, and those that were planned for it, over zero.
     *
     * @param planned minutes
     */
    public record Seen(double minutes, double planned) {}

    /**
     * How this workshop's minutes stand to the plan's.
     *
     * @param steps that were seen and have planned minutes
     * @param factor what the plan's minutes are to be multiplied by; 1 where nothing was seen
     */
    public record Pace(int steps, double factor) {}

    private StepTimes() {}

    /**
     * What each took, in the order in which they were done. Stamps are whole minutes; steps that were ticked in one
     * minute share the time since the one before by what was planned for them, evenly where nobody says.
     */
    public static List<Took> of(List<Ticked> ticked) {
        TreeMap<LocalDateTime, List<Ticked>> together =
                ticked.stream().collect(Collectors.groupingBy(Ticked::at, TreeMap::new, Collectors.toList()));
        List<Took> took = new ArrayList<>();
        LocalDateTime before = null;
        for (Map.Entry<LocalDateTime, List<Ticked>> group : together.entrySet()) {
            double gap = before == null
                    ? Double.POSITIVE_INFINITY
                    : Duration.between(before, group.getKey()).toMinutes();
            group.getValue()
                    .forEach(step -> took.add(new Took(
                            step, gap > LONGEST_MINUTES ? null : Double.valueOf(gap * share(step, group.getValue())))));
            before = group.getKey();
        }
        return took;
    }

    private static double share(Ticked step, List<Ticked> group) {
        boolean said = group.stream().allMatch(one -> one.planned() != null && one.planned() > 0);
        double all = group.stream()
                .mapToDouble(one -> said ? requireNonNull(one.planned()) : 1)
                .sum();
        return (said ? requireNonNull(step.planned()) : 1) / all;
    }

    /**
     * The pace over what was seen: all minutes seen by all minutes planned for the same steps, held to 1 as if five
     * steps of the mean planned length had gone by the plan.
     */
    public static Pace pace(List<Seen> seen) {
        double took = seen.stream().mapToDouble(Seen::minutes).sum();
        double planned = seen.stream().mapToDouble(Seen::planned).sum();
        if (planned <= 0) {
            return new Pace(0, 1);
        }
        double prior = PRIOR * planned / seen.size();
        return new Pace(seen.size(), (took + prior) / (planned + prior));
    }

    /** What a method took here. @param method its code */
    public record SeenOf(String method, Seen seen) {}

    /**
     * The pace of each method that was seen {@value #ENOUGH} times or more: the median of its last ten, so that a day
     * on which all went wrong moves little.
     *
     * @param seen the oldest first
     */
    public static Map<String, Double> paces(List<SeenOf> seen) {
        Map<String, List<Double>> by = new TreeMap<>();
        seen.forEach(one -> by.computeIfAbsent(one.method(), none -> new ArrayList<>())
                .add(one.seen().minutes() / one.seen().planned()));
        Map<String, Double> paces = new TreeMap<>();
        by.forEach((method, all) -> {
            if (all.size() >= ENOUGH) {
                List<Double> last = all.subList(Math.max(0, all.size() - LAST), all.size()).stream()
                        .sorted()
                        .toList();
                int half = last.size() / 2;
                paces.put(method, last.size() % 2 == 1 ? last.get(half) : (last.get(half - 1) + last.get(half)) / 2);
            }
        });
        return paces;
    }
}
