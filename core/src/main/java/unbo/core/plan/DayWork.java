package unbo.core.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

import org.jspecify.annotations.Nullable;

/**
 * What a day is planned from, in whole minutes from its beginning.
 *
 * @param minutes that the day has
 * @param capacity how many there are of each resource
 */
public record DayWork(int minutes, Map<String, Integer> capacity, List<Task> tasks) {

    /** The resource that everything but a wait uses one of, besides those it names. */
    public static final String PERSON = "person";

    /**
     * A step.
     *
     * @param uses resources, one of each, for as long as it lasts
     * @param order what it follows
     * @param times when it may begin and shall end
     * @param waits true where nobody need be there
     */
    public record Task(String code, int minutes, List<String> uses, Order order, Times times, boolean waits) {

        public Task {
            uses = List.copyOf(uses);
        }
    }

    /**
     * What a step follows.
     *
     * @param after codes of steps that must be done before
     * @param lag minutes at least after the latest of these
     * @param maxLag minutes at most after the latest of these; null where it may wait
     */
    public record Order(
            List<String> after, int lag, @Nullable Integer maxLag) {

        public Order {
            after = List.copyOf(after);
        }
    }

    /**
     * When a step may begin and shall end, in minutes from the beginning; null where it does not matter.
     *
     * @param notBefore it cannot begin earlier
     * @param due it must have ended
     * @param promised it should have ended; each minute later counts
     */
    public record Times(
            @Nullable Integer notBefore,
            @Nullable Integer due,
            @Nullable Integer promised) {}

    public DayWork {
        Map<String, Integer> all = new LinkedHashMap<>(capacity);
        all.putIfAbsent(PERSON, 1);
        capacity = Map.copyOf(all);
        tasks = List.copyOf(tasks);
    }

    /** Its place in the list; empty where there is none such. */
    OptionalInt at(String code) {
        for (int i = 0; i < tasks.size(); i++) {
            if (tasks.get(i).code().equals(code)) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }

    /** True where a step uses one of a resource. */
    boolean uses(Task task, String resource) {
        return task.uses().contains(resource) || resource.equals(PERSON) && !task.waits();
    }

    /** What a step follows, as places in the list. */
    int[] after(Task task) {
        return task.order().after().stream()
                .mapToInt(code -> at(code).orElseThrow())
                .toArray();
    }

    /** The earliest that each step can begin by what it follows, resources left out; null where they go in a ring. */
    int @Nullable [] earliest() {
        int[] begin = new int[tasks.size()];
        boolean moved = true;
        for (int round = 0; moved; round++) {
            if (round > tasks.size()) {
                return null;
            }
            moved = false;
            for (int i = 0; i < begin.length; i++) {
                Task task = tasks.get(i);
                Integer notBefore = task.times().notBefore();
                int at = notBefore == null ? 0 : Math.max(0, notBefore);
                int latest = -1;
                for (int before : after(task)) {
                    latest = Math.max(latest, begin[before] + tasks.get(before).minutes());
                }
                if (latest >= 0) {
                    at = Math.max(at, latest + task.order().lag());
                }
                if (at > begin[i]) {
                    begin[i] = at;
                    moved = true;
                }
            }
        }
        return begin;
    }

    /** No plan ends sooner: the longest chain, and the work of each resource over how many there are of it. */
    int lowerBound() {
        int[] begin = java.util.Objects.requireNonNull(earliest());
        int bound = 0;
        for (int i = 0; i < begin.length; i++) {
            bound = Math.max(bound, begin[i] + tasks.get(i).minutes());
        }
        for (Map.Entry<String, Integer> resource : capacity.entrySet()) {
            int work = 0;
            int first = Integer.MAX_VALUE;
            for (int i = 0; i < begin.length; i++) {
                if (uses(tasks.get(i), resource.getKey())) {
                    work += tasks.get(i).minutes();
                    first = Math.min(first, begin[i]);
                }
            }
            if (work > 0) {
                bound = Math.max(bound, first + (work + resource.getValue() - 1) / resource.getValue());
            }
        }
        return bound;
    }
}
