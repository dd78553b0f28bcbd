package unbo.core.plan;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

/**
 * Plans by a list: each step as early as what it follows and its resources let it, in the order of the list. A step
 * that may not wait after another moves that one later until it fits.
 */
final class FirstCome {

    private static final int MOST_SHIFTS = 200;
    /** Later than any promise. */
    private static final double NOBODY_WAITS = 1e6;

    private static final int SHUFFLES = 400;
    /** So many are tried whatever time there is: both orders, and some shuffled. */
    private static final int FEWEST = 8;

    private final DayWork day;
    private final List<Map.Entry<String, Integer>> resources;
    private final boolean dueIsPromised;
    /** What each step follows, as places in the list. */
    private final int[][] after;
    /** Places of the resources that each step uses. */
    private final int[][] uses;
    /** How many each step takes of each resource. */
    private final int[][] takes;
    /** How many of each resource are not there, minute by minute. */
    private final int[][] away;
    /** The step after which each may not wait; −1 for the latest that it follows. */
    private final int[] soonAfter;
    /** Steps that each may not go on with at once. */
    private final int[][] apart;

    FirstCome(DayWork day, boolean dueIsPromised) {
        this.day = day;
        this.resources = List.copyOf(day.capacity().entrySet());
        this.dueIsPromised = dueIsPromised;
        this.after = day.tasks().stream().map(day::after).toArray(int[][]::new);
        this.takes = day.tasks().stream()
                .map(task -> resources.stream()
                        .mapToInt(resource -> day.uses(task, resource.getKey()))
                        .toArray())
                .toArray(int[][]::new);
        this.uses = Arrays.stream(takes)
                .map(of -> IntStream.range(0, of.length).filter(r -> of[r] > 0).toArray())
                .toArray(int[][]::new);
        this.away = resources.stream()
                .map(resource -> Arrays.stream(day.there(resource.getKey()))
                        .map(there -> resource.getValue() - there)
                        .toArray())
                .toArray(int[][]::new);
        this.soonAfter = day.tasks().stream().mapToInt(day::soonAfter).toArray();
        this.apart = day.tasks().stream()
                .map(task -> IntStream.range(0, day.tasks().size())
                        .filter(i -> day.apart(task, day.tasks().get(i)))
                        .toArray())
                .toArray(int[][]::new);
    }

    /** In the order in which the steps were written; null where it does not fit so. */
    @Nullable
    Starts plain() {
        double[] rank = IntStream.range(0, day.tasks().size()).asDoubleStream().toArray();
        return by(rank);
    }

    /**
     * The best of many lists: by promise, by the work behind a step, and shuffled as long as there is time; null where
     * none fits.
     */
    @Nullable
    Starts best(long seed, Duration within) {
        long until = System.nanoTime() + within.toNanos();
        int count = day.tasks().size();
        Starts best = plain();
        double[] behind = behind();
        double[] promise = latestBegin(behind);
        SplittableRandom random = new SplittableRandom(seed);
        double[][] begin = {promise, Arrays.stream(behind).map(work -> -work).toArray()};
        for (int round = 0; round < SHUFFLES && (round < FEWEST || System.nanoTime() < until); round++) {
            double[] rank = begin[round % 2].clone();
            for (int i = 0; round > 1 && i < count; i++) {
                rank[i] += 240 * (random.nextDouble() - 0.5);
            }
            Starts found = by(rank);
            if (found != null && (best == null || found.betterThan(best))) {
                best = found;
            }
        }
        return best;
    }

    /**
     * The latest that each step may begin, so that what follows it ends when it was promised; others after all these.
     */
    private double[] latestBegin(double[] behind) {
        int count = day.tasks().size();
        double[] latest = new double[count];
        for (int i = 0; i < count; i++) {
            Integer promised = day.tasks().get(i).times().promised();
            latest[i] = promised == null
                    ? NOBODY_WAITS - behind[i]
                    : promised - day.tasks().get(i).minutes();
        }
        for (int round = 0; round < count; round++) {
            for (int i = 0; i < count; i++) {
                for (int before : after[i]) {
                    latest[before] = Math.min(
                            latest[before], latest[i] - day.tasks().get(before).minutes());
                }
            }
        }
        return latest;
    }

    /** Minutes of the longest chain that begins with each step. */
    private double[] behind() {
        int count = day.tasks().size();
        double[] behind = new double[count];
        for (int round = 0; round < count; round++) {
            for (int i = 0; i < count; i++) {
                for (int before : after[i]) {
                    behind[before] = Math.max(
                            behind[before],
                            day.tasks().get(i).order().lag()
                                    + behind[i]
                                    + day.tasks().get(i).minutes());
                }
            }
        }
        return behind;
    }

    /** In the order of given ranks, the lowest first; null where it does not fit so. */
    @Nullable
    Starts by(double[] ranks) {
        double[] rank = fixedFirst(ranks);
        int[] notBefore = new int[rank.length];
        for (int shift = 0; shift < MOST_SHIFTS; shift++) {
            int[] begin = serial(rank, notBefore);
            if (begin == null) {
                return null;
            }
            int late = tooLate(begin);
            if (late < 0) {
                return fits(begin) ? Starts.of(day, begin, dueIsPromised) : null;
            }
            move(late, begin, notBefore);
        }
        return null;
    }

    /** What cannot move is laid down before the rest. */
    private double[] fixedFirst(double[] ranks) {
        double[] rank = ranks.clone();
        for (int i = 0; i < rank.length; i++) {
            DayWork.Times times = day.tasks().get(i).times();
            Integer least = times.notBefore();
            Integer due = times.due();
            if (least != null
                    && due != null
                    && due == least + day.tasks().get(i).minutes()) {
                rank[i] = Double.NEGATIVE_INFINITY;
            }
        }
        return rank;
    }

    private boolean fits(int[] begin) {
        for (int i = 0; i < begin.length; i++) {
            int end = begin[i] + day.tasks().get(i).minutes();
            Integer due = day.tasks().get(i).times().due();
            if (end > day.minutes() || !dueIsPromised && due != null && end > due) {
                return false;
            }
        }
        return true;
    }

    /** A step that begins later after another than it may; −1 where none does. */
    private int tooLate(int[] begin) {
        for (int i = 0; i < begin.length; i++) {
            Integer most = day.tasks().get(i).order().maxLag();
            if (most != null && begin[i] > since(i, begin) + most) {
                return i;
            }
        }
        return -1;
    }

    /** From when on a step counts as waiting. */
    private int since(int task, int[] begin) {
        int of = soonAfter[task];
        return of < 0 ? latest(task, begin) : begin[of] + day.tasks().get(of).minutes();
    }

    private int latest(int task, int[] begin) {
        int latest = 0;
        for (int before : after[task]) {
            latest = Math.max(latest, begin[before] + day.tasks().get(before).minutes());
        }
        return latest;
    }

    /** The step after which one may not wait begins so much later. */
    private void move(int task, int[] begin, int[] notBefore) {
        int since = since(task, begin);
        int most =
                java.util.Objects.requireNonNull(day.tasks().get(task).order().maxLag());
        for (int before : after[task]) {
            boolean it = soonAfter[task] < 0
                    ? begin[before] + day.tasks().get(before).minutes() == since
                    : before == soonAfter[task];
            if (it) {
                notBefore[before] = begin[before] + begin[task] - since - most;
            }
        }
    }

    private int @Nullable [] serial(double[] rank, int[] notBefore) {
        int count = rank.length;
        int[] begin = new int[count];
        Arrays.fill(begin, -1);
        int[][] used = new int[resources.size()][];
        for (int r = 0; r < used.length; r++) {
            used[r] = away[r].clone();
        }
        for (int placed = 0; placed < count; placed++) {
            int next = next(rank, begin);
            if (next < 0) {
                return null;
            }
            int at = place(next, begin, notBefore, used);
            if (at < 0) {
                return null;
            }
            begin[next] = at;
        }
        return begin;
    }

    /** The step of the lowest rank whose turn it may be; −1 where none is. */
    private int next(double[] rank, int[] begin) {
        int next = -1;
        for (int i = 0; i < rank.length; i++) {
            if (begin[i] < 0 && (next < 0 || rank[i] < rank[next]) && ready(i, begin)) {
                next = i;
            }
        }
        return next;
    }

    private boolean ready(int task, int[] begin) {
        for (int before : after[task]) {
            if (begin[before] < 0) {
                return false;
            }
        }
        return true;
    }

    private int place(int task, int[] begin, int[] notBefore, int[][] used) {
        DayWork.Task step = day.tasks().get(task);
        Integer least = step.times().notBefore();
        int at = Math.max(notBefore[task], least == null ? 0 : least);
        if (!step.order().after().isEmpty()) {
            at = Math.max(at, latest(task, begin) + step.order().lag());
        }
        while (at + step.minutes() <= day.minutes()) {
            int full = Math.max(full(task, at, used), otherwise(task, at, begin));
            if (full < 0) {
                take(task, at, used);
                return at;
            }
            at = full + 1;
        }
        return -1;
    }

    /** The last minute at which a resource is taken; −1 where all are free. */
    private int full(int task, int at, int[][] used) {
        int last = -1;
        for (int r : uses[task]) {
            int most = resources.get(r).getValue();
            for (int minute = at + day.tasks().get(task).minutes() - 1; minute >= at && minute > last; minute--) {
                if (used[r][minute] + takes[task][r] > most) {
                    last = minute;
                }
            }
        }
        return last;
    }

    /** The last minute at which a resource is set otherwise; −1 where none is. */
    private int otherwise(int task, int at, int[] begin) {
        int last = -1;
        for (int other : apart[task]) {
            int end = begin[other] + day.tasks().get(other).minutes();
            if (begin[other] >= 0 && begin[other] < at + day.tasks().get(task).minutes() && end > at) {
                last = Math.max(last, end - 1);
            }
        }
        return last;
    }

    private void take(int task, int at, int[][] used) {
        for (int r : uses[task]) {
            for (int minute = at; minute < at + day.tasks().get(task).minutes(); minute++) {
                used[r][minute] += takes[task][r];
            }
        }
    }
}
