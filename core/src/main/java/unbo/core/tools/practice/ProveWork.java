package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.setting.EndPlayBand;

/** A hub that was set and run: is it signed, set again, or is it something else that makes it warm? */
final class ProveWork extends Work {

    private static final double AIR_C = 18;
    private static final double WARM_C = 34;
    private static final double HOT_C = 62;
    private static final int LOOSE_UM = 210;
    private static final int RIGHT_UM = 70;
    /** A hub that is so much warmer than its twin is too warm. */
    private static final double WARMER_K = 12;
    /** A brake that is so much hotter than its hub warms it. */
    private static final double BRAKE_K = 30;

    /** What it is. */
    private enum State {
        GOOD("sign", "Sign it off", "It is as it should be."),
        TIGHT("loosen", "Set it looser", "It is preloaded: the hub is hot, its brake is not."),
        LOOSE("tighten", "Set it tighter", "It has too much play, though it runs cool."),
        BRAKE("brake", "Free the brake", "The brake drags: it is hotter than the hub, and warms it.");

        private final String move;
        private final String label;
        private final String why;

        State(String move, String label, String why) {
            this.move = move;
            this.label = label;
            this.why = why;
        }
    }

    /** What can be measured, with its minutes. */
    private enum Look {
        HUB("hub", "Hub, infrared, after the run", 1),
        TWIN("twin", "The other side's hub", 1),
        DISC("disc", "Brake disc or drum", 1),
        PLAY("play", "End play by the indicator", 4),
        SPIN("spin", "Spin it, on stands", 2);

        private final String move;
        private final String label;
        private final double minutes;

        Look(String move, String label, double minutes) {
            this.move = move;
            this.label = label;
            this.minutes = minutes;
        }
    }

    private static final String STANDS = "stands";
    private static final double STANDS_MIN = 4;

    ProveWork() {
        super("prove", "Prove it", "A hub that was set and run: is it signed, or not yet?");
    }

    private static State state(long seed) {
        return State.values()[new SplittableRandom(seed).nextInt(State.values().length)];
    }

    private static double value(State state, Look look, long seed, int level) {
        SplittableRandom random = new SplittableRandom(seed * 31 + look.ordinal());
        double off = level * (random.nextInt(201) - 100) / 100.0;
        return switch (look) {
            case HUB ->
                off
                        + switch (state) {
                            case TIGHT -> HOT_C;
                            case BRAKE -> HOT_C - 8;
                            default -> WARM_C;
                        };
            case TWIN -> WARM_C + off;
            case DISC -> off + (state == State.BRAKE ? HOT_C + 70 : WARM_C + 12);
            case PLAY ->
                switch (state) {
                    case LOOSE -> LOOSE_UM + 4 * off;
                    case TIGHT -> 0;
                    default -> RIGHT_UM + 4 * off;
                };
            case SPIN -> 0;
        };
    }

    private static String found(State state, Look look, long seed, int level) {
        double value = value(state, look, seed, level);
        return switch (look) {
            case HUB, TWIN, DISC -> Show.number(value, 0) + " °C";
            case PLAY -> Show.fixed(value / 1000, 3) + " mm";
            case SPIN ->
                switch (state) {
                    case TIGHT -> "it drags evenly";
                    case BRAKE -> "it drags once a turn, pads touch";
                    default -> "it runs freely";
                };
        };
    }

    @Override
    public Turn turn(long seed, int level, List<String> moves) {
        State state = state(seed);
        List<String> log = new ArrayList<>();
        double minutes = 0;
        boolean stands = false;
        String unsafe = "";
        String done = "";
        List<Look> looked = new ArrayList<>();
        for (String move : moves) {
            if (!done.isEmpty()) {
                break;
            }
            if (move.equals(STANDS) && !stands) {
                stands = true;
                minutes += STANDS_MIN;
                log.add("On stands, wheels chocked.");
            }
            for (Look look : Look.values()) {
                if (look.move.equals(move) && !looked.contains(look)) {
                    looked.add(look);
                    minutes += look.minutes;
                    log.add(look.label + ": " + found(state, look, seed, level));
                    boolean lifted = look == Look.PLAY || look == Look.SPIN;
                    unsafe = lifted && !stands && unsafe.isEmpty()
                            ? "The wheel was lifted and nobody set it on stands."
                            : unsafe;
                }
            }
            for (State one : State.values()) {
                if (one.move.equals(move)) {
                    done = move;
                    log.add(one.label + ".");
                }
            }
        }
        return new Turn(
                "A hub on two tapered bearings, set to " + Show.fixed(EndPlayBand.WHEEL_HUB.minMm(), 3) + " to "
                        + Show.fixed(EndPlayBand.WHEEL_HUB.maxMm(), 3)
                        + " mm of end play, locked, run ten kilometres; the air is at " + Show.number(AIR_C, 0)
                        + " °C. Sign it, or what else? What is signed unmeasured is not proved.",
                log,
                minutes,
                null,
                done.isEmpty() ? groups(stands, looked) : List.of(),
                done.isEmpty() ? null : marks(state, new Done(done, looked, unsafe, seed, level), minutes));
    }

    private static List<Group> groups(boolean stands, List<Look> looked) {
        List<Move> looks = new ArrayList<>();
        if (!stands) {
            looks.add(new Move(STANDS, "Set it on stands, chock the wheels"));
        }
        for (Look look : Look.values()) {
            if (!looked.contains(look)) {
                looks.add(new Move(look.move, look.label + ", " + Show.number(look.minutes, 0) + " min"));
            }
        }
        return List.of(
                new Group("Measure", looks, true),
                new Group(
                        "And then",
                        Arrays.stream(State.values())
                                .map(one -> new Move(one.move, one.label))
                                .toList(),
                        true));
    }

    private static Marks marks(State state, Done done, double minutes) {
        List<String> way = way(state, done.seed(), done.level());
        double best = way.stream().mapToDouble(ProveWork::minutes).sum();
        boolean right = done.move().equals(state.move);
        boolean measured = done.looked().containsAll(List.of(Look.HUB, Look.TWIN, Look.PLAY));
        boolean inTime = inTime(minutes, best);
        List<Finding> findings = new ArrayList<>();
        unsafe(findings, done.unsafe());
        findings.add(
                right
                        ? new Finding("practice-right", Level.RIGHT, "Right. " + state.why)
                        : new Finding("practice-wrong", Level.SOON, "It was not. " + state.why));
        if (!measured) {
            findings.add(new Finding(
                    "practice-unmeasured",
                    Level.SOON,
                    "Not proved: both hubs' warmth and the end play belong to it, whatever is decided."));
        }
        findings.add(minutes(minutes, best));
        return new Marks(
                done.unsafe().isEmpty() && right && measured && inTime,
                findings,
                state.why,
                way.stream().map(ProveWork::words).toList(),
                best);
    }

    /** What was decided, and on what. */
    private record Done(String move, List<Look> looked, String unsafe, long seed, int level) {}

    private static double minutes(String move) {
        return move.equals(STANDS)
                ? STANDS_MIN
                : Arrays.stream(Look.values())
                        .filter(look -> look.move.equals(move))
                        .mapToDouble(look -> look.minutes)
                        .sum();
    }

    private static String words(String move) {
        return Stream.concat(
                        Arrays.stream(Look.values())
                                .filter(look -> look.move.equals(move))
                                .map(look -> look.label),
                        Arrays.stream(State.values())
                                .filter(one -> one.move.equals(move))
                                .map(one -> one.label))
                .findFirst()
                .orElse("On stands, wheels chocked");
    }

    /** Both hubs, the brake, the play; decided by what they read. */
    private static List<String> way(State state, long seed, int level) {
        double hub = value(state, Look.HUB, seed, level);
        double warmer = hub - value(state, Look.TWIN, seed, level);
        double disc = value(state, Look.DISC, seed, level) - hub;
        double play = value(state, Look.PLAY, seed, level) / 1000;
        State is = warmer > WARMER_K
                ? disc > BRAKE_K ? State.BRAKE : State.TIGHT
                : EndPlayBand.WHEEL_HUB.holds(play) ? State.GOOD : State.LOOSE;
        return List.of(Look.HUB.move, Look.TWIN.move, Look.DISC.move, STANDS, Look.PLAY.move, is.move);
    }

    @Override
    public List<String> best(long seed, int level) {
        return way(state(seed), seed, level);
    }
}
