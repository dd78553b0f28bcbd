package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * Work on something hidden, one move after the other: every move can be made, also the wrong ones, and what is done is
 * done. Where it stands is made again from the seed, the level and the moves.
 */
public abstract class Work {

    public static final int LEVELS = 4;
    /** So many moves end any work. */
    public static final int MOST_MOVES = 120;

    private static final int SPARE_MIN = 10;

    private final String code;
    private final String title;
    private final String asks;

    Work(String code, String title, String asks) {
        this.code = code;
        this.title = title;
        this.asks = asks;
    }

    /** All work, in the order it is learned. */
    public static List<Work> all() {
        return List.of(
                new DiagnoseWork(), new ApartWork(), new NutWork(), new CrankWork(), new ProveWork(), new WholeWork());
    }

    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    public String asks() {
        return asks;
    }

    /** Something that can be done now. */
    public record Move(String code, String label) {}

    /** Moves of a kind. @param open false where they are folded away */
    public record Group(String title, List<Move> moves, boolean open) {}

    /**
     * The end of it.
     *
     * @param findings why, the gravest first
     * @param truth what it was
     * @param best what the best hand would have done, in words
     * @param bestMinutes that it would have taken
     */
    public record Marks(boolean passed, List<Finding> findings, String truth, List<String> best, double bestMinutes) {}

    /**
     * How it stands.
     *
     * @param task what is to be done, and what is known
     * @param log what was done and came of it, the first first
     * @param minutes that it took so far
     * @param groups what can be done; empty at the end
     * @param marks null before the end
     */
    public record Turn(
            String task,
            List<String> log,
            double minutes,
            @Nullable Drawing drawing,
            List<Group> groups,
            @Nullable Marks marks) {

        public boolean over() {
            return marks != null;
        }

        /** True for something that can be done now. */
        public boolean may(String move) {
            return among(groups, move);
        }
    }

    /**
     * How it stands after some moves; those that cannot be made are passed over.
     *
     * @param level 1 to {@value #LEVELS}
     */
    public abstract Turn turn(long seed, int level, List<String> moves);

    /** The moves of the machine's best way, from what is seen alone. */
    public abstract List<String> best(long seed, int level);

    /** A move of a hand that knows nothing. */
    String any(Turn turn, SplittableRandom random) {
        List<Move> all =
                turn.groups().stream().flatMap(group -> group.moves().stream()).toList();
        return all.get(random.nextInt(all.size())).code();
    }

    /** True for something that can be done now. */
    static boolean among(List<Group> groups, String move) {
        return groups.stream()
                .flatMap(group -> group.moves().stream())
                .anyMatch(one -> one.code().equals(move));
    }

    /** What fails it whatever else was right; nothing where that is empty. */
    static void unsafe(List<Finding> findings, String unsafe) {
        if (!unsafe.isEmpty()) {
            findings.add(new Finding("practice-unsafe", Level.STOP, unsafe + " That fails, whatever else."));
        }
    }

    /** How long it took beside the best hand, minutes. */
    static Finding minutes(double minutes, double best) {
        return new Finding(
                "practice-minutes",
                inTime(minutes, best) ? Level.RIGHT : Level.WATCH,
                Show.number(minutes, 1) + " minutes; the best hand took " + Show.number(best, 1) + ".");
    }

    /** Half as long again as the best hand, and ten minutes, is in time. */
    static boolean inTime(double minutes, double best) {
        return minutes <= best * 1.5 + SPARE_MIN;
    }
}
