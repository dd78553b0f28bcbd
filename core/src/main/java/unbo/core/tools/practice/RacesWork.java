package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;

import unbo.core.damage.Mode;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.practice.Painter;
import unbo.core.practice.ReaderTable;
import unbo.core.tools.strip.RaceMapDrawing;

/** The races of the bearing that came out: why did it fail? */
final class RacesWork extends Work {

    private static final double LOOK_MIN = 3;
    private static final int TRIES = 20;

    RacesWork() {
        super("races", "Read the races", "Why did it fail?");
    }

    /** A pair that the reader reads right: what nobody could tell is no work. */
    private static Painter.Painted painted(long seed, int level) {
        SplittableRandom random = new SplittableRandom(seed);
        Painter.Painted painted = Painter.any(random, level);
        for (int i = 0; i < TRIES && !told(painted); i++) {
            painted = Painter.any(random, level);
        }
        return painted;
    }

    private static boolean told(Painter.Painted painted) {
        List<String> read = read(painted);
        return !read.isEmpty() && right(painted, read.get(0));
    }

    private static boolean right(Painter.Painted painted, String answer) {
        Mode second = painted.second();
        return answer.equals(painted.mode().id()) || second != null && answer.equals(second.id());
    }

    @Override
    public Turn turn(long seed, int level, List<String> moves) {
        Painter.Painted painted = painted(seed, level);
        String named = moves.stream()
                .filter(move -> Mode.find(move).isPresent())
                .findFirst()
                .orElse("");
        boolean over = !named.isEmpty();
        return new Turn(
                "These are its races, the outboard edge up. Why did it fail?",
                over ? List.of("Named: " + Mode.find(named).orElseThrow().name() + ".") : List.of(),
                over ? LOOK_MIN : 0,
                RaceMapDrawing.bare(ReaderTable.input(painted)),
                over
                        ? List.of()
                        : List.of(new Group(
                                "It is",
                                Mode.all().stream()
                                        .map(mode -> new Move(mode.id(), mode.name()))
                                        .toList(),
                                true)),
                over ? marks(painted, named) : null);
    }

    private static Marks marks(Painter.Painted painted, String named) {
        Mode second = painted.second();
        String truth = painted.mode().name() + (second == null ? "" : ", and " + second.name());
        boolean right = right(painted, named);
        return new Marks(
                right,
                List.of(
                        right
                                ? new Finding("practice-right", Level.RIGHT, "Right: " + truth + ".")
                                : new Finding("practice-wrong", Level.SOON, "It was: " + truth + ".")),
                truth,
                List.of("Named: " + truth + ". " + painted.mode().cause()),
                LOOK_MIN);
    }

    @Override
    public List<String> best(long seed, int level) {
        return read(painted(seed, level));
    }

    /** What the reader says first. */
    private static List<String> read(Painter.Painted painted) {
        return ReaderTable.named(painted).stream().limit(1).toList();
    }
}
