package unbo.core.finding;

import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;

/**
 * How a finding is to be taken, by severity: right, not known, watch, soon, stop. What is not known never hides what is
 * worse, and where nothing was judged nothing is right.
 */
public enum Level {
    RIGHT("right", 0),
    OPEN("not known", 1),
    WATCH("watch", 2),
    SOON("soon", 3),
    STOP("stop", 4);

    private static final Comparator<Level> BY_RANK = Comparator.comparingInt(level -> level.rank);

    private final String word;
    private final int rank;

    Level(String word, int rank) {
        this.word = word;
        this.rank = rank;
    }

    /** The word printed beside the mark. */
    public String word() {
        return word;
    }

    /** As it stands in JSON. */
    public String code() {
        return this == OPEN ? "unknown" : name().toLowerCase(Locale.ROOT);
    }

    /** Severity, 0 for right to 4 for stop. */
    public int rank() {
        return rank;
    }

    /** The worst of several; not known where there is none. */
    public static Level worst(Collection<Level> levels) {
        return levels.stream().max(BY_RANK).orElse(OPEN);
    }

    /** The worse of two. */
    public Level orWorse(Level other) {
        return other.rank > rank ? other : this;
    }
}
