package unbo.core.plan;

/**
 * When each step begins, and what that is worth: minutes late first, then how soon all is done.
 *
 * @param begin minutes from the beginning, in the order of the steps
 * @param late minutes by which promises, and dues that could not be met, are missed
 * @param makespan minutes until the last step ends
 * @param weight what a minute late is worth, in minutes that the day is longer
 */
record Starts(int[] begin, int late, int makespan, int weight) {

    /** Of days of more minutes so much is a minute late worth at most, or sums run over. */
    private static final int MOST = 1000;

    /** A minute late is worth more than any that the day is longer, where that is not too many. */
    static int weight(DayWork day) {
        return Math.min(day.minutes() + 1, MOST);
    }

    /** @param dueIsPromised true where dues that cannot be met are counted as promises */
    static Starts of(DayWork day, int[] begin, boolean dueIsPromised) {
        int late = 0;
        int makespan = 0;
        for (int i = 0; i < begin.length; i++) {
            int end = begin[i] + day.tasks().get(i).minutes();
            makespan = Math.max(makespan, end);
            late += late(day.tasks().get(i).times(), end, dueIsPromised);
        }
        return new Starts(begin, late, makespan, weight(day));
    }

    private static int late(DayWork.Times times, int end, boolean dueIsPromised) {
        Integer promised = times.promised();
        Integer due = times.due();
        int late = promised == null ? 0 : Math.max(0, end - promised);
        return dueIsPromised && due != null ? late + Math.max(0, end - due) : late;
    }

    long worth() {
        return (long) late * weight + makespan;
    }

    boolean betterThan(Starts other) {
        return worth() < other.worth();
    }
}
