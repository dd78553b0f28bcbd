package unbo.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * How likely each promise is kept: the steps are drawn shorter and longer, and done in the order of the plan. Hands-on
 * minutes are spread log-normally about their own, waits take what they take.
 *
 * @param kept of each promised step by its code, share of the draws in which it ended in time
 * @param draws how many were drawn
 */
public record DayChance(Map<String, Double> kept, int draws) {

    public static final int DRAWS = 500;
    /** Spread of a step about its usual minutes, of the logarithm; our own guide where no record says more. */
    public static final double SPREAD = 0.3;

    private static final long SEED = 7;

    public DayChance {
        kept = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(kept));
    }

    /** @param spread of the logarithm of a step's minutes, 0 or more */
    public static DayChance of(DayPlan plan, double spread) {
        SplittableRandom random = new SplittableRandom(SEED);
        Map<String, Integer> inTime = new LinkedHashMap<>();
        plan.steps().stream()
                .filter(step -> step.task().times().promised() != null)
                .forEach(step -> inTime.put(step.task().code(), 0));
        for (int draw = 0; draw < DRAWS && !inTime.isEmpty(); draw++) {
            Map<String, Integer> ends = drawn(plan, spread, random);
            plan.steps().forEach(step -> {
                Integer promised = step.task().times().promised();
                Integer end = ends.get(step.task().code());
                if (promised != null && end != null && end <= promised) {
                    inTime.merge(step.task().code(), 1, Integer::sum);
                }
            });
        }
        Map<String, Double> kept = new LinkedHashMap<>();
        inTime.forEach((code, times) -> kept.put(code, times / (double) DRAWS));
        return new DayChance(kept, DRAWS);
    }

    /** When each step ends in one draw; empty where the day did not hold it. */
    private static Map<String, Integer> drawn(DayPlan plan, double spread, SplittableRandom random) {
        DayWork day = plan.day();
        List<DayWork.Task> tasks = new ArrayList<>();
        for (DayWork.Task task : day.tasks()) {
            boolean fixed =
                    task.waits() || task.times().due() != null && task.times().notBefore() != null;
            int minutes = fixed
                    ? task.minutes()
                    : Math.max(1, (int) Math.round(task.minutes() * Math.exp(spread * random.nextGaussian())));
            tasks.add(new DayWork.Task(
                    task.code(),
                    minutes,
                    task.uses(),
                    task.order(),
                    new DayWork.Times(
                            task.times().notBefore(), null, task.times().promised()),
                    task.waits(),
                    task.setting()));
        }
        DayWork longer = new DayWork(day.minutes() * 2, day.capacity(), tasks, day.away());
        double[] rank = plan.steps().stream().mapToDouble(DayPlan.Step::begin).toArray();
        Starts starts = new FirstCome(longer, true).by(rank);
        Map<String, Integer> ends = new LinkedHashMap<>();
        if (starts != null) {
            for (int i = 0; i < tasks.size(); i++) {
                ends.put(tasks.get(i).code(), starts.begin()[i] + tasks.get(i).minutes());
            }
        }
        return ends;
    }
}
