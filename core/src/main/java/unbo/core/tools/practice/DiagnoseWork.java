package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.diagnosis.Check;
import unbo.core.diagnosis.Checks;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisInput;
import unbo.core.diagnosis.HiddenCause;
import unbo.core.diagnosis.Hypothesis;
import unbo.core.diagnosis.NextCheck;
import unbo.core.diagnosis.Observation;
import unbo.core.diagnosis.Way;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.tools.vehicle.PlacesDrawing;
import unbo.core.vehicle.Place;

/** A vehicle that makes a noise: which part, and where? Minutes count. */
final class DiagnoseWork extends Work {

    private static final String STANDS = "stands";
    private static final String CAUSE = "cause:";
    private static final double STANDS_MIN = 4;
    private static final double SURE = 0.9;
    private static final int MOST_CHECKS = 40;
    private static final int TRIES = 500;
    private static final int MOST_MADE = 100;

    private final String vehicle;
    private final String cause;

    DiagnoseWork() {
        this("", "");
    }

    /** Of one kind of vehicle and one cause alone; empty where it does not matter. */
    DiagnoseWork(String vehicle, String cause) {
        super("diagnose", "Find the cause", "A vehicle makes a noise: which part is it, and where? Minutes count.");
        this.vehicle = vehicle;
        this.cause = cause;
    }

    /** What was done so far. */
    static final class State {
        private final HiddenCause hidden;
        private DiagnosisInput seen;
        private final List<String> log = new ArrayList<>();
        private double minutes;
        private boolean stands;
        private String unsafe = "";
        private String named = "";

        State(HiddenCause hidden) {
            this.hidden = hidden;
            this.seen = hidden.told();
        }

        void make(String move) {
            if (move.equals(STANDS)) {
                stands = true;
                minutes += STANDS_MIN;
                log.add("On stands, wheels chocked: " + Show.number(STANDS_MIN, 0) + " min");
            } else if (move.startsWith(CAUSE)) {
                named = move.substring(CAUSE.length());
                hidden.named().stream()
                        .filter(one -> one.key().equals(named))
                        .forEach(one -> log.add("Named: " + one.words(seen.vehicle()) + "."));
            } else {
                int cut = move.indexOf('@');
                String position = cut < 0 ? null : move.substring(cut + 1);
                Way way = Checks.way(seen.vehicle(), cut < 0 ? move : move.substring(0, cut), position)
                        .orElseThrow();
                look(way, position);
            }
        }

        private void look(Way way, @Nullable String position) {
            if (way.lifted() && !stands && unsafe.isEmpty()) {
                unsafe = "It was lifted and nobody set it on stands: "
                        + way.check().shortName() + ".";
            }
            if (way.road() && Diagnosis.of(seen).holdsRoad() && unsafe.isEmpty()) {
                unsafe = "It was driven while wheel nuts, play or heat were not looked at, or said stop: "
                        + way.check().shortName() + ".";
            }
            Observation found = hidden.look(way.check(), position);
            minutes += way.minutes();
            seen = seen.with(found);
            log.add(found.words(seen.vehicle()) + ": " + Show.number(way.minutes(), 1) + " min");
        }

        boolean over() {
            return !named.isEmpty();
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

        /** What was found, in the order it was looked at. */
        List<Observation> seen() {
            return seen.seen();
        }
    }

    private record Asked(String vehicle, String cause, long seed, int level) {}

    /** The vehicles asked for last, made once. */
    private static final Map<Asked, HiddenCause> MADE = Collections.synchronizedMap(new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, HiddenCause> eldest) {
            return size() > MOST_MADE;
        }
    });

    private HiddenCause hidden(long seed, int level) {
        Asked asked = new Asked(vehicle, cause, seed, level);
        HiddenCause made = MADE.get(asked);
        if (made == null) {
            made = make(seed, level);
            MADE.put(asked, made);
        }
        return made;
    }

    /** A vehicle that the best way finds the cause of: what nobody could tell is no lesson. */
    private HiddenCause make(long seed, int level) {
        HiddenCause hidden = HiddenCause.of(seed, level);
        for (int i = 1; i < TRIES && !(wanted(hidden) && found(hidden)); i++) {
            hidden = HiddenCause.of(seed + i * 1_000_000_007L, level);
        }
        return hidden;
    }

    private boolean wanted(HiddenCause hidden) {
        return (vehicle.isEmpty() || hidden.told().vehicle().equals(vehicle))
                && (cause.isEmpty() || hidden.truth().cause().code().equals(cause));
    }

    static boolean found(HiddenCause hidden) {
        List<String> way = way(hidden);
        return way.get(way.size() - 1).equals(CAUSE + hidden.truth().key());
    }

    /** Always what takes the most doubt a minute, until it is sure or nothing tells more. */
    static List<String> way(HiddenCause hidden) {
        List<String> way = new ArrayList<>();
        State state = new State(hidden);
        Diagnosis now = Diagnosis.of(state.seen);
        for (int i = 0; i < MOST_CHECKS && now.leader().probability() < SURE; i++) {
            Optional<NextCheck> next = now.nextChecks().stream()
                    .filter(one -> one.first() || one.gainBits() > 0)
                    .findFirst();
            if (next.isEmpty()) {
                break;
            }
            if (next.get().way().lifted() && !state.stands) {
                way.add(STANDS);
                state.make(STANDS);
            }
            way.add(next.get().done());
            state.make(next.get().done());
            now = Diagnosis.of(state.seen);
        }
        String named = now.ranked().stream()
                .filter(one -> !one.hypothesis().none())
                .findFirst()
                .orElseThrow()
                .hypothesis()
                .key();
        way.add(CAUSE + named);
        return way;
    }

    /** What a way takes, minutes. */
    static double minutes(HiddenCause hidden, List<String> way) {
        State state = new State(hidden);
        way.forEach(state::make);
        return state.minutes;
    }

    static String named(List<String> way) {
        return way.get(way.size() - 1).substring(CAUSE.length());
    }

    @Override
    public Turn turn(long seed, int level, List<String> moves) {
        HiddenCause hidden = hidden(seed, level);
        State state = new State(hidden);
        for (String move : moves) {
            if (!state.over() && may(state, move)) {
                state.make(move);
            }
        }
        String complaint = hidden.told().complaint();
        String task = "A " + hidden.told().vehicle() + " that makes a noise"
                + (complaint.isEmpty() ? "" : "; its owner calls it a " + complaint) + ". Which part, and where?";
        return new Turn(
                task,
                state.log,
                state.minutes,
                PlacesDrawing.of(hidden.told().vehicle(), hidden.told().axles()),
                state.over() ? List.of() : groups(state),
                state.over() ? marks(state) : null);
    }

    private static boolean may(State state, String move) {
        return among(groups(state), move);
    }

    private static List<Group> groups(State state) {
        List<Group> groups = new ArrayList<>(checks(state));
        groups.add(new Group(
                "Name the cause",
                state.hidden.named().stream()
                        .map(one -> new Move(CAUSE + one.key(), one.words(state.seen.vehicle())))
                        .toList(),
                false));
        return groups;
    }

    /** What can still be looked at. */
    static List<Group> checks(State state) {
        String vehicle = state.seen.vehicle();
        List<Group> groups = new ArrayList<>();
        if (!state.stands && Checks.ways(vehicle).stream().anyMatch(Way::lifted)) {
            groups.add(new Group("", List.of(new Move(STANDS, "Set it on stands, chock the wheels")), true));
        }
        for (Check check : Checks.on(vehicle)) {
            List<Move> moves = new ArrayList<>();
            for (Way way : Checks.ways(vehicle)) {
                if (way.check().equals(check)) {
                    String minutes = ", " + Show.number(way.minutes(), 1) + " min";
                    if (!check.positioned()) {
                        moves.add(new Move(check.id(), way.where().words() + minutes));
                    }
                    way.positions().stream()
                            .filter(at -> check.positioned() && Place.axle(at) <= state.seen.axles())
                            .forEach(at -> moves.add(
                                    new Move(check.id() + "@" + at, Hypothesis.where(vehicle, at) + minutes)));
                }
            }
            moves.removeIf(
                    move -> state.seen.seen().stream().anyMatch(o -> o.done().equals(move.code())));
            if (!moves.isEmpty()) {
                groups.add(new Group(check.shortName(), moves, false));
            }
        }
        return groups;
    }

    private static Marks marks(State state) {
        HiddenCause hidden = state.hidden;
        String vehicle = hidden.told().vehicle();
        List<String> way = way(hidden);
        State best = new State(hidden);
        way.forEach(best::make);
        boolean right = state.named.equals(hidden.truth().key());
        boolean inTime = inTime(state.minutes, best.minutes);
        List<Finding> findings = new ArrayList<>();
        unsafe(findings, state.unsafe);
        String truth = hidden.truth().words(vehicle);
        String said = hidden.named().stream()
                .filter(one -> one.key().equals(state.named))
                .findFirst()
                .map(one -> one.words(vehicle))
                .orElse("");
        findings.add(
                right
                        ? new Finding("practice-right", Level.RIGHT, "Right: " + truth + ".")
                        : new Finding("practice-wrong", Level.SOON, "It was: " + truth + ". Named: " + said + "."));
        findings.add(minutes(state.minutes, best.minutes));
        double sure = Diagnosis.of(state.seen).ranked().stream()
                .filter(one -> one.hypothesis().equals(hidden.truth()))
                .mapToDouble(Diagnosis.Ranked::probability)
                .sum();
        findings.add(new Finding(
                "practice-sure",
                Level.OPEN,
                "By what was found it stood at " + Show.number(100 * sure, 0) + " in 100 when it was named."));
        return new Marks(state.unsafe.isEmpty() && right && inTime, findings, truth, best.log, best.minutes);
    }

    @Override
    public List<String> best(long seed, int level) {
        return way(hidden(seed, level));
    }
}
