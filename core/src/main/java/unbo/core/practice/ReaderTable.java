package unbo.core.practice;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;

import unbo.core.damage.Mode;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;

/**
 * The reader of races held against painted pairs: what was painted, against what was read first.
 *
 * @param read of each painted mode by its id, how often each mode was read first; {@code none} where none was
 * @param pairs painted in all
 */
public record ReaderTable(Map<String, Map<String, Integer>> read, int pairs) {

    public static final String NONE = "none";

    private static final long SEED = 2000;
    private static final int ROWS = 2;

    /** Painted in turn, every mode as often. */
    public static ReaderTable of(int pairs, int level) {
        SplittableRandom random = new SplittableRandom(SEED + level);
        Map<String, Map<String, Integer>> read = new LinkedHashMap<>();
        List<Mode> modes = Mode.all();
        for (int i = 0; i < pairs; i++) {
            Painter.Painted painted = Painter.of(modes.get(i % modes.size()), random, level);
            String first = named(painted).stream().findFirst().orElse(NONE);
            read.computeIfAbsent(painted.mode().id(), id -> new TreeMap<>()).merge(first, 1, Integer::sum);
        }
        return new ReaderTable(read, pairs);
    }

    /** Share read right first. */
    public double right() {
        return read.entrySet().stream()
                        .mapToInt(row -> row.getValue().getOrDefault(row.getKey(), 0))
                        .sum()
                / (double) pairs;
    }

    /** Modes as they are read, the likeliest first, two at most. */
    public static List<String> named(Painter.Painted painted) {
        return RaceMap.of(input(painted)).ranked().stream()
                .limit(ROWS)
                .map(ranked -> ranked.mode().id())
                .toList();
    }

    /** What is seen of a painted pair. */
    public static RaceMapInput input(Painter.Painted painted) {
        return new RaceMapInput(
                RaceMapInput.Kind.BALL,
                true,
                painted.elements(),
                painted.inner(),
                painted.outer(),
                new RaceMapInput.Size(null, null, null),
                new RaceMapInput.Stood(null, null),
                false);
    }
}
