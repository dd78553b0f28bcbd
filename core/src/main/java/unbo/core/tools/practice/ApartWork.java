package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;

import org.jspecify.annotations.Nullable;

import unbo.core.apart.Apart;
import unbo.core.apart.ApartInput;
import unbo.core.apart.ApartStep;
import unbo.core.apart.Before;
import unbo.core.apart.HandsOn;
import unbo.core.apart.NoWayOut;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.KindOption;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartKind;
import unbo.core.designation.Decoder;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.strip.Tools;
import unbo.core.tools.section.Section;

/** An assembly to be taken apart: every method can be tried, the force goes where it goes, what breaks stays broken. */
final class ApartWork extends Work {

    private static final List<String> KINDS = List.of(
            "adjustable-taper",
            "cartridge-knuckle",
            "unit-bolted",
            "ball-pair",
            "sprocket-carrier",
            "steering-head",
            "bicycle-front",
            "bicycle-rear",
            "bottom-bracket",
            "crank");
    private static final String BEFORE = "before:";
    private static final int KEPT_LEVEL = 2;
    private static final int OPTIONS_LEVEL = 3;
    private static final int TOOLS_LEVEL = 4;
    private static final int TRIES = 40;
    private static final double BEFORE_MIN = 3;

    private final List<String> kinds;

    ApartWork() {
        this(KINDS);
    }

    /** @param kinds codes of the kinds that are drawn from */
    ApartWork(List<String> kinds) {
        super("apart", "Take it apart", "Every method can be tried. What is spoiled is spoiled.");
        this.kinds = kinds;
    }

    record Task(ApartInput input, Apart plan) {}

    private Task task(long seed, int level) {
        return task(kinds, Map.of(), seed, level);
    }

    /** An assembly that comes apart. @param kinds codes of those that are drawn from @param numbers by place */
    static Task task(List<String> kinds, Map<String, String> numbers, long seed, int level) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < TRIES; i++) {
            String kind = kinds.get(random.nextInt(kinds.size()));
            Map<String, String> options = new HashMap<>();
            for (KindOption option : KindOption.of(kind)) {
                int at = random.nextInt(option.values().size());
                if (level >= OPTIONS_LEVEL) {
                    options.put(option.code(), option.values().get(at).code());
                }
            }
            Assembly assembly =
                    Assembly.of(new Assembly.Asked(kind, options, Assembly.Grip.USUAL, numbers), Decoder.SHIPPED);
            boolean keeps = level >= KEPT_LEVEL && random.nextInt(3) > 0;
            List<String> kept = assembly.parts().stream()
                    .filter(part -> keeps || part.kind() != PartKind.BEARING)
                    .filter(part -> !part.upkeep().renewed())
                    .map(Part::code)
                    .toList();
            Set<String> tools = new TreeSet<>(Tools.codes());
            if (level >= TOOLS_LEVEL) {
                List<String> some = List.copyOf(tools);
                tools.remove(some.get(random.nextInt(some.size())));
            }
            ApartInput input = ApartInput.of(assembly, tools, kept);
            try {
                Apart plan = Apart.of(input);
                boolean found =
                        plan.steps().stream().allMatch(step -> step.missing().isEmpty());
                if (found) {
                    return new Task(input, plan);
                }
            } catch (NoWayOut none) {
                // another one then
            }
        }
        throw new IllegalStateException("seed " + seed + " makes nothing that comes apart");
    }

    /** What was done so far. */
    static final class State {
        private final Task task;
        private final HandsOn hands;
        private final List<Before> before;
        private final Set<String> stood = new LinkedHashSet<>();
        private final List<String> log = new ArrayList<>();
        private double minutes;
        private String unsafe = "";
        private @Nullable ApartStep last;

        State(Task task) {
            this.task = task;
            this.hands = new HandsOn(task.input());
            this.before = Before.of(task.input().assembly().kind());
        }

        void make(String move) {
            if (move.startsWith(BEFORE)) {
                stood.add(move.substring(BEFORE.length()));
                minutes += BEFORE_MIN;
                log.add(said(move.substring(BEFORE.length())) + " " + Show.number(BEFORE_MIN, 0) + " min");
                return;
            }
            before.stream()
                    .filter(one -> !stood.contains(one.code()) && unsafe.isEmpty())
                    .findFirst()
                    .ifPresent(one -> unsafe = "Work began without this: " + one.says());
            HandsOn.Way way = hands.ways().stream()
                    .filter(one -> one.code().equals(move))
                    .findFirst()
                    .orElseThrow();
            HandsOn.Came came = hands.does(move);
            minutes += way.minutes();
            String what = way.part().label() + ", " + way.name() + ", " + Show.number(way.minutes(), 0) + " min: ";
            last = came.step() != null ? came.step() : last;
            log.add(what + (came.step() == null ? "it does not move. " + came.why() : moved(came)));
        }

        private String moved(HandsOn.Came came) {
            ApartStep step = java.util.Objects.requireNonNull(came.step());
            String caution = step.how().words().caution();
            List<String> kept = task.input().keep();
            String force = step.crosses() ? " The force crossed the rolling elements." : "";
            String spoiled = came.spoiled().isEmpty() ? "" : " Spoiled: " + String.join(", ", came.spoiled()) + ".";
            boolean matters = step.spoils().stream().anyMatch(kept::contains);
            return "off." + force + spoiled + (matters ? " It was to be used again." : "")
                    + (caution.isEmpty() ? "" : " Before it: " + caution);
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

        boolean over() {
            return hands.done();
        }

        /** Parts that are spoiled, that were to be used again, and that the best hand would have kept. */
        Set<String> lost() {
            Set<String> lost = new LinkedHashSet<>(hands.spoiled());
            lost.retainAll(task.input().keep());
            lost.removeAll(task.plan().spoiled());
            return lost;
        }

        /** The same, by name. */
        List<String> lostParts() {
            return lost().stream()
                    .map(part -> task.input().assembly().the(part).label())
                    .toList();
        }

        private String said(String code) {
            return before.stream()
                    .filter(one -> one.code().equals(code))
                    .findFirst()
                    .map(Before::says)
                    .orElse("");
        }
    }

    static List<Group> groups(State state) {
        List<Group> groups = new ArrayList<>();
        List<Move> first = state.before.stream()
                .filter(one -> !state.stood.contains(one.code()))
                .map(one -> new Move(BEFORE + one.code(), one.says()))
                .toList();
        if (!first.isEmpty()) {
            groups.add(new Group("Before", first, true));
        }
        Map<String, List<Move>> byPart = new LinkedHashMap<>();
        for (HandsOn.Way way : state.hands.ways()) {
            byPart.computeIfAbsent(way.part().label(), part -> new ArrayList<>())
                    .add(new Move(way.code(), way.name()));
        }
        byPart.forEach((part, moves) -> groups.add(new Group(part, moves, false)));
        return groups;
    }

    static State played(Task task, List<String> moves) {
        State state = new State(task);
        for (String move : moves) {
            boolean may = among(groups(state), move);
            if (may && !state.hands.done()) {
                state.make(move);
            }
        }
        return state;
    }

    @Override
    public Turn turn(long seed, int level, List<String> moves) {
        Task task = task(seed, level);
        State state = played(task, moves);
        boolean over = state.hands.done();
        List<String> bearings = task.input().assembly().parts().stream()
                .filter(part ->
                        part.kind() == PartKind.BEARING && task.input().keep().contains(part.code()))
                .map(Part::label)
                .toList();
        return new Turn(
                "Take it all apart. "
                        + (bearings.isEmpty()
                                ? "The bearings are scrap; all else is used again."
                                : "All of it is used again, the bearings too."),
                state.log,
                state.minutes,
                drawing(task, state),
                over ? List.of() : groups(state),
                over ? marks(task, state) : null);
    }

    static unbo.core.drawing.Drawing drawing(Task task, State state) {
        ApartStep last = state.last;
        Set<String> gone = state.hands.gone();
        Section.Push push = null;
        if (last != null) {
            // what moved last is still drawn, with its force
            gone = new LinkedHashSet<>(gone);
            gone.remove(last.part().code());
            push = new Section.Push(
                    last.part().code(),
                    last.exit(),
                    last.how().ring(),
                    !last.how().through().equals("none"));
        }
        return Section.of(task.input().assembly(), new Section.View(gone, state.hands.spoiled(), Map.of(), push));
    }

    private static Marks marks(Task task, State state) {
        List<String> lost = state.lostParts();
        State best = played(task, way(task));
        boolean inTime = inTime(state.minutes, best.minutes);
        List<Finding> findings = new ArrayList<>();
        unsafe(findings, state.unsafe);
        findings.add(
                lost.isEmpty()
                        ? new Finding(
                                "practice-right",
                                Level.RIGHT,
                                "Nothing was spoiled that the best hand would have kept.")
                        : new Finding(
                                "practice-spoiled",
                                Level.SOON,
                                "Spoiled without need: " + String.join(", ", lost) + "."));
        findings.add(minutes(state.minutes, best.minutes));
        return new Marks(
                state.unsafe.isEmpty() && lost.isEmpty() && inTime,
                findings,
                "It is all apart.",
                best.log,
                best.minutes);
    }

    static List<String> way(Task task) {
        List<String> way = new ArrayList<>();
        Before.of(task.input().assembly().kind()).forEach(one -> way.add(BEFORE + one.code()));
        HandsOn hands = new HandsOn(task.input());
        task.plan().steps().forEach(step -> way.add(hands.code(step)));
        return way;
    }

    @Override
    public List<String> best(long seed, int level) {
        return way(task(seed, level));
    }
}
