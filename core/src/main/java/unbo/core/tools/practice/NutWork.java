package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.setting.EndPlayBand;

/**
 * A hub on two tapered bearings that answers the indicator as its castellated nut is turned: rollers that were not
 * turned while it was tightened settle later, and the play grows.
 */
final class NutWork extends Work {

    static final EndPlayBand BAND = EndPlayBand.WHEEL_HUB;
    /** Play that a twelfth of a turn makes, µm: a thread of 1 mm, six slots, two holes. */
    private static final int STEP_UM = 83;
    /** What rollers that were not turned hide, µm. */
    private static final int UNSETTLED_UM = 60;

    private static final int STARTS_OUT = 4;
    private static final int SLIPS_LEVEL = 3;
    private static final int SLIP_UM = 70;
    private static final double SPIN_MIN = 1;
    private static final double TURN_MIN = 0.5;
    private static final double READ_MIN = 2;
    private static final double LOCK_MIN = 2;
    private static final int TIGHT = -3;

    NutWork() {
        super("nut", "Set the nut", "A hub that answers the indicator as its nut is turned.");
    }

    /** A hub. @param offUm play where the nut stands in its first hole @param slipAt the reading that is off */
    record Hub(int offUm, int noiseUm, int slipAt, long seed) {

        static Hub of(long seed, int level) {
            SplittableRandom random = new SplittableRandom(seed);
            int off = random.nextInt(STEP_UM);
            int slip = level >= SLIPS_LEVEL ? 1 + random.nextInt(2) : 0;
            return new Hub(off, 3 * level, slip, seed);
        }
    }

    /** What was done so far; the nut in twelfths of a turn, out is positive. */
    static final class State {
        private final Hub hub;
        private final List<String> log = new ArrayList<>();
        private int nut = STARTS_OUT;
        private boolean settled;
        private int readings;
        private double minutes;
        private String unsafe = "";
        private String locked = "";
        private @Nullable Double readMm;

        State(Hub hub) {
            this.hub = hub;
        }

        /** End play once all is settled, µm; negative where it is preloaded. */
        int playUm() {
            return nut * STEP_UM + hub.offUm() - STEP_UM;
        }

        /** End play as it shows now. */
        private int showsUm() {
            return Math.max(0, playUm() - (settled ? 0 : UNSETTLED_UM));
        }

        void make(String move) {
            switch (move) {
                case "tight" -> turn(true);
                case "tight-still" -> turn(false);
                case "spin" -> spin();
                case "out" -> step(1);
                case "in" -> step(-1);
                case "read" -> read();
                default -> lock(move);
            }
        }

        private void turn(boolean turning) {
            nut = TIGHT;
            settled = turning;
            minutes += SPIN_MIN;
            log.add(
                    turning
                            ? "Tightened while the hub was turned: the rollers found their seats."
                            : "Tightened while the hub stood still.");
        }

        private void spin() {
            minutes += SPIN_MIN;
            boolean tight = playUm() <= 0;
            settled |= tight;
            log.add(
                    tight
                            ? "Turned a few times, the nut tight: it drags."
                            : "Turned a few times: it turns freely" + (showsUm() > 0 ? ", with play." : "."));
        }

        private void step(int by) {
            nut += by;
            minutes += TURN_MIN;
            log.add("The nut a twelfth of a turn " + (by > 0 ? "out" : "in") + ".");
        }

        private void read() {
            readings++;
            minutes += READ_MIN;
            SplittableRandom random = new SplittableRandom(hub.seed() * 31 + readings);
            int noise = random.nextInt(2 * hub.noiseUm() + 1) - hub.noiseUm();
            int slip = readings == hub.slipAt() ? SLIP_UM : 0;
            int um = Math.max(0, showsUm() + noise + slip);
            readMm = um / 1000.0;
            log.add("Indicator, pushed and pulled: " + Show.fixed(um / 1000.0, 3) + " mm");
        }

        private void lock(String move) {
            minutes += LOCK_MIN;
            locked = move;
            log.add(
                    move.equals("new-pin")
                            ? "Locked by a new cotter pin."
                            : move.equals("old-pin") ? "Locked by the old cotter pin." : "The wheel let down.");
            if (move.equals("old-pin")) {
                unsafe = "The old cotter pin went in again.";
            } else if (move.equals("no-pin")) {
                unsafe = "The wheel was let down with the nut not locked.";
            }
        }

        boolean over() {
            return !locked.isEmpty();
        }

        List<String> log() {
            return log;
        }

        double minutes() {
            return minutes;
        }

        String unsafe() {
            return unsafe;
        }

        boolean settled() {
            return settled;
        }

        Drawing drawing() {
            return NutFace.of(nut, readMm);
        }
    }

    static final List<Group> GROUPS = List.of(
            new Group(
                    "The nut",
                    List.of(
                            new Move("tight", "Tighten it, the hub turning"),
                            new Move("tight-still", "Tighten it, the hub still"),
                            new Move("out", "A twelfth of a turn out"),
                            new Move("in", "A twelfth of a turn in")),
                    true),
            new Group(
                    "The hub",
                    List.of(new Move("spin", "Turn the hub"), new Move("read", "Read the indicator, push and pull")),
                    true),
            new Group(
                    "It is right so",
                    List.of(
                            new Move("new-pin", "Lock it by a new cotter pin"),
                            new Move("old-pin", "Lock it by the old cotter pin"),
                            new Move("no-pin", "Let the wheel down")),
                    true));

    static State played(Hub hub, List<String> moves) {
        State state = new State(hub);
        for (String move : moves) {
            boolean known = among(GROUPS, move);
            if (known && !state.over()) {
                state.make(move);
            }
        }
        return state;
    }

    @Override
    public Turn turn(long seed, int level, List<String> moves) {
        Hub hub = Hub.of(seed, level);
        State state = played(hub, moves);
        return new Turn(
                "Two tapered bearings just renewed, the wheel on stands, the nut finger tight. Set it to "
                        + Show.fixed(BAND.minMm(), 3) + " to " + Show.fixed(BAND.maxMm(), 3)
                        + " mm of end play; a twelfth of a turn is " + Show.fixed(STEP_UM / 1000.0, 3) + " mm.",
                state.log,
                state.minutes,
                state.drawing(),
                state.over() ? List.of() : GROUPS,
                state.over() ? marks(hub, state) : null);
    }

    private static Marks marks(Hub hub, State state) {
        State best = played(hub, way(hub));
        double play = Math.max(0, state.playUm()) / 1000.0;
        boolean right = state.playUm() >= 0 && BAND.holds(play);
        boolean inTime = inTime(state.minutes, best.minutes);
        List<Finding> findings = new ArrayList<>();
        unsafe(findings, state.unsafe);
        String said = state.playUm() < 0
                ? "It is preloaded: it runs hot and fails."
                : "End play " + Show.fixed(play, 3) + " mm once all has settled.";
        findings.add(
                right
                        ? new Finding("practice-right", Level.RIGHT, said)
                        : new Finding("practice-wrong", Level.SOON, said));
        if (!state.settled) {
            findings.add(new Finding(
                    "practice-unsettled",
                    Level.WATCH,
                    "The hub was never turned while its nut was tight: the rollers settle on the road, and the play "
                            + "grows by " + Show.fixed(UNSETTLED_UM / 1000.0, 3) + " mm over what was read."));
        }
        findings.add(minutes(state.minutes, best.minutes));
        return new Marks(
                state.unsafe.isEmpty() && right && state.settled && inTime, findings, said, best.log, best.minutes);
    }

    /** Tight while turning, out until there is play, the middle of three readings, to the nearest hole. */
    static List<String> way(Hub hub) {
        List<String> way = new ArrayList<>(List.of("tight"));
        for (int i = 0; i <= 2 - TIGHT; i++) {
            way.add("out");
            State now = played(hub, with(way, "spin"));
            if (now.log.get(now.log.size() - 1).endsWith("with play.")) {
                break;
            }
        }
        double play = read(hub, way);
        double half = STEP_UM / 2000.0;
        if (play > BAND.middleMm() + half) {
            way.add("in");
        } else if (play < BAND.middleMm() - half) {
            way.add("out");
        }
        way.add("new-pin");
        return way;
    }

    /** The middle of three readings: one may be off. */
    private static double read(Hub hub, List<String> way) {
        List<Double> read = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            way.add("read");
            State now = played(hub, way);
            String line = now.log.get(now.log.size() - 1);
            read.add(Double.parseDouble(line.replaceAll("[^0-9.]", "")));
        }
        return read.stream().sorted().toList().get(1);
    }

    private static List<String> with(List<String> moves, String more) {
        List<String> all = new ArrayList<>(moves);
        all.add(more);
        return all;
    }

    @Override
    public List<String> best(long seed, int level) {
        return way(Hub.of(seed, level));
    }
}
