package unbo.core.plan;

import java.time.Duration;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

/**
 * A day planned: no resource is used by more than there are of it, the order is kept, nothing is outside the day, and
 * what may not wait does not. Within that, promises are missed by as little as can be, and then all is done as soon as
 * can be. Lists are tried first, then the model is searched through by a constraint solver, bounded in time; the plan
 * is never worse than first come, first served.
 *
 * @param steps in the order of the request; empty where the day does not hold them
 * @param lateMinutes by which promises, and dues that cannot be met, are missed
 * @param makespan minutes until the last step ends
 * @param lowerBound no plan ends sooner
 * @param proven true where no better plan is
 * @param dueMissed true where not every due can be met, and they count as promises
 */
public record DayPlan(
        DayWork day,
        List<Step> steps,
        int lateMinutes,
        int makespan,
        int lowerBound,
        boolean proven,
        boolean dueMissed) {

    /** Bound of the search. */
    private static final Duration WITHIN = Duration.ofMillis(1400);

    /** Bound of a search that begins with a plan that is known. */
    private static final Duration AGAIN_WITHIN = Duration.ofMillis(700);

    private static final long SEED = 1;
    /** A plan that is known is worth as many minutes late. */
    private static final int WORTH_LATE = 5;
    /** A plan that is known is worth a day longer by so many minutes. */
    private static final int WORTH_LONGER = 30;

    /** A step in the plan. @param begin minutes from the beginning of the day */
    public record Step(DayWork.Task task, int begin) {

        public int end() {
            return begin + task.minutes();
        }
    }

    public DayPlan {
        steps = List.copyOf(steps);
    }

    /** False where steps follow each other in a ring. */
    public static boolean ordered(DayWork day) {
        return day.earliest() != null;
    }

    /** False where the day is too short for its longest chain, or for the work of one of its resources. */
    public static boolean mayFit(DayWork day) {
        return ordered(day) && day.lowerBound() <= day.minutes();
    }

    /** @throws IllegalArgumentException where steps follow each other in a ring */
    public static DayPlan of(DayWork day) {
        return of(day, WITHIN);
    }

    /**
     * Planned anew with as little change as possible: the order of the plan before is kept where that costs no more
     * than {@value #WORTH_LATE} minutes late and {@value #WORTH_LONGER} of the day.
     *
     * @param before when each step of the plan before begins, by its code; new steps come where they fit
     * @throws IllegalArgumentException where steps follow each other in a ring
     */
    public static DayPlan again(DayWork day, Map<String, Integer> before) {
        return again(day, before, before.isEmpty() ? WITHIN : AGAIN_WITHIN);
    }

    /** The same, searched for so long at most. */
    public static DayPlan again(DayWork day, Map<String, Integer> before, Duration within) {
        DayPlan fresh = of(day, within);
        if (before.isEmpty() || !fresh.fits()) {
            return fresh;
        }
        double[] rank = day.tasks().stream()
                .mapToDouble(task -> before.getOrDefault(task.code(), Integer.MAX_VALUE))
                .toArray();
        Starts kept = new FirstCome(day, fresh.dueMissed()).by(rank);
        return kept == null
                        || kept.late() > fresh.lateMinutes() + WORTH_LATE
                        || kept.makespan() > fresh.makespan() + WORTH_LONGER
                ? fresh
                : new DayPlan(
                        day,
                        steps(day, kept),
                        kept.late(),
                        kept.makespan(),
                        fresh.lowerBound(),
                        false,
                        fresh.dueMissed());
    }

    static DayPlan of(DayWork day, Duration within) {
        if (day.earliest() == null) {
            throw new IllegalArgumentException("steps follow each other in a ring");
        }
        boolean dues = day.tasks().stream().anyMatch(task -> task.times().due() != null);
        DayPlan hard = planned(day, dues ? within.dividedBy(2) : within, false);
        return hard.fits() || !dues ? hard : planned(day, within.dividedBy(2), true);
    }

    private static DayPlan planned(DayWork day, Duration within, boolean dueIsPromised) {
        Starts listed = new FirstCome(day, dueIsPromised).best(SEED, within.dividedBy(3));
        int bound = day.lowerBound();
        boolean best = listed != null && listed.late() == 0 && listed.makespan() == bound;
        Solved.Outcome outcome =
                best ? new Solved.Outcome(listed, true) : new Solved(day, dueIsPromised).better(listed, within);
        Starts starts = outcome.starts();
        return starts == null
                ? new DayPlan(day, List.of(), 0, 0, bound, outcome.proven(), dueIsPromised)
                : new DayPlan(
                        day,
                        steps(day, starts),
                        starts.late(),
                        starts.makespan(),
                        bound,
                        outcome.proven(),
                        dueIsPromised);
    }

    private static List<Step> steps(DayWork day, Starts starts) {
        return java.util.stream.IntStream.range(0, day.tasks().size())
                .mapToObj(i -> new Step(day.tasks().get(i), starts.begin()[i]))
                .toList();
    }

    /** True where the day holds all of it. */
    public boolean fits() {
        return steps.size() == day.tasks().size();
    }

    /** What breaks a rule that must hold, in the codes of the steps; null where nothing does. */
    public @Nullable String broken() {
        for (Step step : steps) {
            if (step.begin() < 0 || step.end() > day.minutes()) {
                return step.task().code() + " lies outside the day";
            }
            int latest = steps.stream()
                    .filter(other ->
                            step.task().order().after().contains(other.task().code()))
                    .mapToInt(Step::end)
                    .max()
                    .orElse(-1);
            Integer most = step.task().order().maxLag();
            if (latest >= 0
                    && (step.begin() < latest + step.task().order().lag()
                            || most != null && step.begin() > since(step, latest) + most)) {
                return step.task().code() + " is out of order";
            }
            for (Step other : steps) {
                if (day.apart(step.task(), other.task()) && step.begin() < other.end() && other.begin() < step.end()) {
                    return step.task().code() + " sets otherwise than "
                            + other.task().code();
                }
            }
            Integer least = step.task().times().notBefore();
            if (least != null && step.begin() < least) {
                return step.task().code() + " begins too soon";
            }
        }
        for (Map.Entry<String, Integer> resource : day.capacity().entrySet()) {
            int[] there = day.there(resource.getKey());
            for (Step step : steps) {
                for (int minute = step.begin(); minute < step.end(); minute++) {
                    int now = minute;
                    int at = steps.stream()
                            .filter(other -> other.begin() <= now && other.end() > now)
                            .mapToInt(other -> day.uses(other.task(), resource.getKey()))
                            .sum();
                    if (at > there[minute] && day.uses(step.task(), resource.getKey()) > 0) {
                        return resource.getKey() + " is used by " + at;
                    }
                }
            }
        }
        return null;
    }

    /** From when on a step counts as waiting. */
    private int since(Step step, int latest) {
        String of = step.task().order().of();
        return steps.stream()
                .filter(other -> other.task().code().equals(of))
                .mapToInt(Step::end)
                .findFirst()
                .orElse(latest);
    }
}
