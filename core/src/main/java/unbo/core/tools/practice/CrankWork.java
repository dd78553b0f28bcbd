package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.jspecify.annotations.Nullable;

import unbo.core.arrange.CrankTruing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * A built-up crank that runs out: bent at its pin, and twisted at it. It answers the indicators as it is wedged,
 * squeezed and struck.
 */
final class CrankWork extends Work {

    private static final int LIMIT_UM = 20;
    /** The best hand goes on until it reads so little. */
    private static final int ENOUGH_UM = 16;

    private static final int LIGHT_UM = 20;
    private static final int HARD_UM = 60;
    private static final int HARD_FROM_UM = 45;
    private static final int MOST_ROUNDS = 16;
    private static final double READ_MIN = 3;
    private static final double MOVE_MIN = 2;

    private static final String HELD = "held";
    private static final String READ = "read";
    private static final String DONE = "done";

    CrankWork() {
        super("crank", "True a crank", "A built-up crank that runs out: read, wedge, squeeze, strike.");
    }

    /**
     * What it is. @param bendUm along the pin, both sides @param twistUm square to it, left one way and right the other
     */
    private record Crank(int bendUm, int twistUm, int noiseUm, long seed) {

        static Crank of(long seed, int level) {
            SplittableRandom random = new SplittableRandom(seed);
            int bend = 10 * (random.nextInt(25) - 12);
            int twist = 10 * (random.nextInt(17) - 8);
            boolean small = Math.hypot(bend, twist) < 3 * LIMIT_UM;
            return new Crank(small ? bend + 4 * LIMIT_UM : bend, twist, level, seed);
        }
    }

    /** What was done so far. */
    private static final class State {
        private final Crank crank;
        private final List<String> log = new ArrayList<>();
        private int bend;
        private int twist;
        private int readings;
        private double minutes;
        private boolean held;
        private boolean done;
        private String unsafe = "";
        private CrankTruing.@Nullable High left;
        private CrankTruing.@Nullable High right;

        State(Crank crank) {
            this.crank = crank;
            this.bend = crank.bendUm();
            this.twist = crank.twistUm();
        }

        private double tirUm() {
            return Math.hypot(bend, twist);
        }

        void make(String move) {
            switch (move) {
                case HELD -> {
                    held = true;
                    minutes++;
                    log.add("Webs held, the rod tied, glasses on.");
                }
                case READ -> read();
                case DONE -> {
                    done = true;
                    log.add("Left so.");
                }
                default -> work(move);
            }
        }

        private void work(String move) {
            minutes += MOVE_MIN;
            if (!held && unsafe.isEmpty()) {
                unsafe = "It was struck or pressed with nothing held and no glasses on.";
            }
            int um = move.endsWith("-hard") ? HARD_UM : LIGHT_UM;
            switch (move.replaceAll("-(hard|light)$", "")) {
                case "wedge" -> bend -= um;
                case "squeeze" -> bend += um;
                // wherever it is struck at its high spot it gives way, and past true it is high on the other side
                default -> twist -= twist >= 0 ? um : -um;
            }
            log.add(CrankWork.words(move) + ".");
        }

        private void read() {
            readings++;
            minutes += READ_MIN;
            SplittableRandom random = new SplittableRandom(crank.seed() * 31 + readings);
            left = high(bend, twist, random);
            right = high(bend, -twist, random);
            log.add("Left " + words(left) + "; right " + words(right));
        }

        private CrankTruing.High high(double along, double square, SplittableRandom random) {
            double off = crank.noiseUm() * (random.nextInt(201) - 100) / 100.0;
            long um = Math.max(0, Math.round(Math.hypot(along, square) + off));
            long at = Math.round(Math.toDegrees(Math.atan2(square, along)) / 5) * 5;
            return new CrankTruing.High(um / 1000.0, at);
        }

        private static String words(CrankTruing.High high) {
            return Show.fixed(high.tirMm(), 3) + " mm, high " + Show.number(high.fromPinDeg(), 0) + "° from the pin";
        }
    }

    private static final List<Move> MOVES = List.of(
            new Move("wedge-light", "Wedge opposite the pin, lightly"),
            new Move("wedge-hard", "Wedge opposite the pin, hard"),
            new Move("squeeze-light", "Squeeze opposite the pin, lightly"),
            new Move("squeeze-hard", "Squeeze opposite the pin, hard"),
            new Move("left-light", "Strike the left web at its high spot, lightly"),
            new Move("left-hard", "Strike the left web at its high spot, hard"),
            new Move("right-light", "Strike the right web at its high spot, lightly"),
            new Move("right-hard", "Strike the right web at its high spot, hard"));

    private static String words(String move) {
        return MOVES.stream()
                .filter(one -> one.code().equals(move))
                .findFirst()
                .map(Move::label)
                .orElse(move);
    }

    private static List<Group> groups(State state) {
        List<Move> first = new ArrayList<>();
        if (!state.held) {
            first.add(new Move(HELD, "Hold the webs, tie the rod, glasses on"));
        }
        first.add(new Move(READ, "Turn it between the indicators and read"));
        return List.of(
                new Group("", first, true),
                new Group("Work on it", MOVES, true),
                new Group("It is true enough", List.of(new Move(DONE, "Leave it so")), true));
    }

    private static State played(Crank crank, List<String> moves) {
        State state = new State(crank);
        for (String move : moves) {
            boolean may = among(groups(state), move);
            if (may && !state.done) {
                state.make(move);
            }
        }
        return state;
    }

    @Override
    public Turn turn(long seed, int level, List<String> moves) {
        Crank crank = Crank.of(seed, level);
        State state = played(crank, moves);
        return new Turn(
                "A built-up crank between centres, its supports at the outer ends. Both mains to run within "
                        + Show.fixed(LIMIT_UM / 1000.0, 2) + " mm.",
                state.log,
                state.minutes,
                CrankFace.of(state.left, state.right),
                state.done ? List.of() : groups(state),
                state.done ? marks(crank, state) : null);
    }

    private static Marks marks(Crank crank, State state) {
        List<String> way = way(crank);
        State best = played(crank, way);
        boolean right = state.tirUm() <= LIMIT_UM;
        boolean inTime = inTime(state.minutes, best.minutes);
        String said = "It runs out by " + Show.fixed(state.tirUm() / 1000, 3) + " mm, of "
                + Show.fixed(Math.hypot(crank.bendUm(), crank.twistUm()) / 1000, 3) + " at first.";
        List<Finding> findings = new ArrayList<>();
        unsafe(findings, state.unsafe);
        findings.add(
                right
                        ? new Finding("practice-right", Level.RIGHT, said)
                        : new Finding("practice-wrong", Level.SOON, said));
        findings.add(minutes(state.minutes, best.minutes));
        return new Marks(state.unsafe.isEmpty() && right && inTime, findings, said, best.log, best.minutes);
    }

    /** Read, the move that the reading asks for, as hard as it is far off, and again. */
    private static List<String> way(Crank crank) {
        List<String> way = new ArrayList<>(List.of(HELD, READ));
        for (int i = 0; i < MOST_ROUNDS; i++) {
            State now = played(crank, way);
            if (now.left == null || now.right == null) {
                break;
            }
            CrankTruing truing = CrankTruing.of(new CrankTruing.Input(
                    List.of(now.left), List.of(now.right), false, ENOUGH_UM / 1000.0, LIMIT_UM / 1000.0));
            if (truing.inside()) {
                break;
            }
            String how = truing.largestMm() * 1000 > HARD_FROM_UM ? "-hard" : "-light";
            way.add(switch (truing.move()) {
                        case WEDGE_OPPOSITE_PIN -> "wedge";
                        case SQUEEZE_OPPOSITE_PIN -> "squeeze";
                        case STRIKE_RIGHT -> "right";
                        default -> "left";
                    }
                    + how);
            way.add(READ);
        }
        way.add(DONE);
        return way;
    }

    @Override
    public List<String> best(long seed, int level) {
        return way(Crank.of(seed, level));
    }
}
