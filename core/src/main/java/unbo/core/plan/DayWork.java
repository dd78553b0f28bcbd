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
 * @param away when one of a resource is not there
 */
public record DayWork(int minutes, Map<String, Integer> capacity, List<Task> tasks, List<Away> away) {

    /** The resource that everything but a wait uses one of, besides those it names. */
    public static final String PERSON = "person";

    /**
     * A step.
     *
     * @param uses resources, one of each, for as long as it lasts
     * @param uses resources, one of each time it is named, for as long as it lasts
     * @param order what it follows
     * @param times when it may begin and shall end
     * @param waits true where nobody need be there
     * @param setting how its resources are set meanwhile, as an oven to °C: none is used by steps of two settings at
     *     once; null where it does not matter
     */
    public record Task(
            String code,
            int minutes,
            List<String> uses,
            Order order,
            Times times,
            boolean waits,
            @Nullable Integer setting) {

        public Task {
            uses = List.copyOf(uses);
        }

        /** A step that sets nothing. */
        public Task(String code, int minutes, List<String> uses, Order order, Times times, boolean waits) {
            this(code, minutes, uses, order, times, waits, null);
        }

        /** The same step counted from a later minute on. @param pinned it begins then; null where it may move */
        public Task from(int minute, @Nullable Integer pinned) {
            Integer least = pinned != null ? pinned : times.notBefore();
            Integer due = pinned != null ? Integer.valueOf(pinned + minutes) : times.due();
            return new Task(
                    code,
                    minutes,
                    uses,
                    order,
                    new Times(
                            least == null ? null : Integer.valueOf(Math.max(0, least - minute)),
                            due == null ? null : Integer.valueOf(Math.max(minutes, due - minute)),
                            times.promised() == null ? null : Integer.valueOf(times.promised() - minute)),
                    waits,
                    setting);
        }
    }

    /**
     * What a step follows.
     *
     * @param after codes of steps that must be done before
     * @param lag minutes at least after the latest of these
     * @param maxLag minutes at most after one of these; null where it may wait
     * @param of code of the one after which it may not wait longer; null for the latest of all
     */
    public record Order(
            List<String> after,
            int lag,
            @Nullable Integer maxLag,
            @Nullable String of) {

        public Order {
            after = List.copyOf(after);
        }

        /** A step that waits no longer than so after the latest. */
        public Order(List<String> after, int lag, @Nullable Integer maxLag) {
            this(after, lag, maxLag, null);
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
        away = List.copyOf(away);
    }

    /** A day on which everything is there all the time. */
    public DayWork(int minutes, Map<String, Integer> capacity, List<Task> tasks) {
        this(minutes, capacity, tasks, List.of());
    }

    /** One of a resource that is not there. @param from minutes from the beginning @param until the first that it is */
    public record Away(String resource, int from, int until) {}

    /** How many of a resource are there in each minute. */
    int[] there(String resource) {
        int[] there = new int[minutes + 1];
        java.util.Arrays.fill(there, capacity.getOrDefault(resource, 0));
        for (Away one : away) {
            if (one.resource().equals(resource)) {
                for (int minute = Math.max(0, one.from()); minute < Math.min(minutes, one.until()); minute++) {
                    there[minute]--;
                }
            }
        }
        return there;
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

    /** How many of a resource a step uses. */
    int uses(Task task, String resource) {
        int named = java.util.Collections.frequency(task.uses(), resource);
        return Math.max(named, resource.equals(PERSON) && !task.waits() ? 1 : 0);
    }

    /** True where two steps may not go on at once: they share a resource, and set it otherwise. */
    boolean apart(Task one, Task other) {
        return one.setting() != null
                && other.setting() != null
                && !one.setting().equals(other.setting())
                && one.uses().stream().anyMatch(other.uses()::contains);
    }

    /** The step after which one may not wait, as a place in the list; −1 for the latest of those it follows. */
    int soonAfter(Task task) {
        return task.order().of() == null ? -1 : at(task.order().of()).orElseThrow();
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
                int used = uses(tasks.get(i), resource.getKey());
                if (used > 0) {
                    work += used * tasks.get(i).minutes();
                    first = Math.min(first, begin[i]);
                }
            }
            if (work > 0) {
                bound = Math.max(bound, done(work, first, resource.getKey()));
            }
        }
        return bound;
    }

    /** When so many minutes of a resource are over at the soonest; after the day where it does not have them. */
    private int done(int work, int from, String resource) {
        int[] there = there(resource);
        int left = work;
        int minute = from;
        while (left > 0 && minute < minutes) {
            left -= Math.max(0, there[minute]);
            minute++;
        }
        return left > 0 ? minutes + left : minute;
    }
}
