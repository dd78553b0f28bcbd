package unbo.core.logbook;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.survival.Lives;
import unbo.core.survival.Observed;

/**
 * Runs of the record as lives, in one counter. A bearing that was fitted here begins at 0. One that was found in its
 * place is taken for the original where the counter counts from the vehicle's first day, and is at risk from where it
 * was first seen; where the counter does not, nobody knows how old it is. One that was found failed at a service failed
 * between that and the visit before: the middle stands for it. What cannot be counted is left out, and why is told.
 *
 * @param left how many were left out, by why
 */
public record RecordedLives(List<Lives.Run> runs, Map<Left, Integer> left) {

    /** Why a run is not counted. */
    public enum Left {
        UNREAD("counter was not read at both ends"),
        BACK("counter goes back"),
        ORIGIN("was found there, and nobody knows how old it was"),
        FRESH("has not run yet");

        private final String words;

        Left(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A run in one counter.
     *
     * @param from the counter where it is known from; null where it was not read, as the others
     * @param to where it ended, or was last known to run
     * @param seen where it was last seen sound; null unless it was found failed
     */
    public record Row(
            String group,
            boolean fitted,
            Run.Ended ended,
            @Nullable Double from,
            @Nullable Double to,
            @Nullable Double seen) {}

    public RecordedLives {
        runs = List.copyOf(runs);
        left = Map.copyOf(left);
    }

    /** @param fromNew true for a counter that begins with the vehicle: km and hours, not days or immersions */
    public static RecordedLives of(List<Row> rows, boolean fromNew) {
        List<Lives.Run> runs = new ArrayList<>();
        Map<Left, Integer> left = new EnumMap<>(Left.class);
        for (Row row : rows) {
            Left why = why(row, fromNew);
            if (why == null) {
                runs.add(run(row));
            } else {
                left.merge(why, 1, Integer::sum);
            }
        }
        return new RecordedLives(runs, left);
    }

    private static @Nullable Left why(Row row, boolean fromNew) {
        Double from = row.from();
        Double to = row.to();
        if (!row.fitted() && !fromNew) {
            return Left.ORIGIN;
        }
        if (from == null || to == null) {
            return Left.UNREAD;
        }
        if (to < from) {
            return Left.BACK;
        }
        return to > from ? null : row.ended() == Run.Ended.RUNNING ? Left.FRESH : Left.BACK;
    }

    private static Lives.Run run(Row row) {
        double from = java.util.Objects.requireNonNull(row.from());
        double to = java.util.Objects.requireNonNull(row.to());
        double begin = row.fitted() ? from : 0;
        boolean found = row.ended() == Run.Ended.FOUND;
        double seen = row.seen() == null ? from : Math.max(from, Math.min(to, row.seen()));
        double end = found ? (seen + to) / 2 : to;
        return new Lives.Run(
                new Observed(from - begin, end - begin, found || row.ended() == Run.Ended.FAILED), row.group(), found);
    }

    /** How many were left out. */
    public int leftOut() {
        return left.values().stream().mapToInt(Integer::intValue).sum();
    }
}
