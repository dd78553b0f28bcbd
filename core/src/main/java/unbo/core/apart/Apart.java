package unbo.core.apart;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.apart.Moves.Move;
import unbo.core.assembly.Joint;
import unbo.core.assembly.Part;
import unbo.core.assembly.Side;
import unbo.core.strip.Tools;

/**
 * The order in which an assembly comes apart, each joint by its best method: the cheapest of all orders, by Dijkstra's
 * search over what is open and what is spoiled. A plan costs its minutes, 1000 for each part to be used again that it
 * spoils, the risk of its methods to what stays, and 30 for each tool that has to be found. Of plans of one cost the
 * one whose steps stand first in the assembly's own order is taken.
 *
 * @param spoiled codes of parts that cannot be used again: damaged, or always new
 * @param cost in minutes and what counts as such
 * @param split true where the assembly was too large to be searched whole, and was planned in pieces
 */
public record Apart(ApartInput input, List<ApartStep> steps, List<String> spoiled, double cost, boolean split) {

    /** What a part to be used again costs when it is spoiled. */
    static final double SPOILED_COST = 1000;
    /** What a tool costs that is not at hand. */
    static final double TOOL_COST = 30;

    /** What is apart, of the parts to be kept what is spoiled, of the missing tools which were found: bits. */
    private record State(long open, long spoiled, long found) {}

    /**
     * A way to a state.
     *
     * @param order its moves by joint and method, for ties
     * @param before the way without its last step; null at the beginning
     */
    private record Path(
            State state,
            double cost,
            int[] order,
            @Nullable Path before,
            @Nullable Move last) {

        private List<ApartStep> steps(Moves moves) {
            List<ApartStep> steps = new ArrayList<>();
            for (Path path = this; path.before != null && path.last != null; path = path.before) {
                steps.add(moves.step(path.last, path.before.state.open()));
            }
            Collections.reverse(steps);
            return List.copyOf(steps);
        }
    }

    private static final int MOST_STATES = 10_000;
    /** States that a piece of an assembly too large is searched by. */
    private static final int PIECE_STATES = 1_000;

    /** @throws NoWayOut where a part cannot come out */
    public static Apart of(ApartInput input) {
        Moves moves = new Moves(input);
        input.assembly().joints().forEach(joint -> check(input, joint));
        Path path = new Path(new State(0, 0, 0), 0, new int[0], null, null);
        boolean whole = input.assembly().joints().size() <= ApartInput.MOST_JOINTS;
        boolean split = !whole;
        int limit = whole ? MOST_STATES : PIECE_STATES;
        while (path.state.open() != moves.goal()) {
            Path next = search(input, moves, path, limit);
            if (next.state.open() != moves.goal()) {
                split = true;
                limit = PIECE_STATES;
            }
            path = next;
        }
        Set<String> spoiled = new LinkedHashSet<>();
        List<ApartStep> steps = path.steps(moves);
        steps.forEach(step -> spoiled.addAll(step.spoils()));
        return new Apart(input, steps, List.copyOf(spoiled), path.cost, split);
    }

    /** The cheapest way on from a state to the end; where that is too far, to the state that lies farthest. */
    private static Path search(ApartInput input, Moves moves, Path from, int limit) {
        PriorityQueue<Path> ahead = new PriorityQueue<>(
                (a, b) -> a.cost == b.cost ? Arrays.compare(a.order, b.order) : Double.compare(a.cost, b.cost));
        Map<State, Double> best = new HashMap<>();
        Set<State> done = new HashSet<>();
        ahead.add(from);
        Path farthest = from;
        while (!ahead.isEmpty()) {
            Path path = ahead.poll();
            if (!done.add(path.state)) {
                continue;
            }
            if (path.order.length > farthest.order.length) {
                farthest = path;
            }
            if (path.state.open() == moves.goal() || done.size() > limit && farthest != from) {
                return path.state.open() == moves.goal() ? path : farthest;
            }
            List<Move> next = moves.worth(path.state.open());
            for (int i = 0; i < next.size(); i++) {
                Path longer = longer(moves, path, next.get(i), i);
                Double known = best.get(longer.state);
                if (known == null || longer.cost <= known) {
                    best.put(longer.state, longer.cost);
                    ahead.add(longer);
                }
            }
        }
        throw stuck(input, moves, farthest.state.open());
    }

    private static Path longer(Moves moves, Path path, Move move, int way) {
        List<String> keep = moves.input().keep();
        long spoiled = path.state.spoiled();
        double cost = path.cost + moves.cost(move);
        for (String part : move.spoils()) {
            int kept = keep.indexOf(part);
            if (kept >= 0 && (spoiled & 1L << kept) == 0) {
                spoiled |= 1L << kept;
                cost += SPOILED_COST;
            }
        }
        long found = path.state.found();
        for (String tool : moves.missing(move)) {
            long bit = 1L << Tools.index(tool);
            if ((found & bit) == 0) {
                found |= bit;
                cost += TOOL_COST;
            }
        }
        int[] order = Arrays.copyOf(path.order, path.order.length + 1);
        order[path.order.length] = move.at().index() * 1000 + way;
        return new Path(new State(path.state.open() | move.opens(), spoiled, found), cost, order, path, move);
    }

    private static void check(ApartInput input, Joint joint) {
        if (joint.way().exits().isEmpty()) {
            Part part = input.assembly().the(joint.part());
            throw new NoWayOut(
                    part.code(),
                    joint.way().shoulder() == Side.BOTH
                            ? "A shoulder stands on both sides of the " + part.label() + ": it cannot leave either way."
                            : joint.way().exit() == Side.NONE
                                    ? "The " + part.label() + " has no side that it could leave by."
                                    : "A shoulder stands on the only side that the " + part.label()
                                            + " could leave by.");
        }
    }

    private static NoWayOut stuck(ApartInput input, Moves moves, long open) {
        NoWayOut covered = null;
        for (Joint joint : input.assembly().joints()) {
            boolean waits = joint.order().after().stream().anyMatch(other -> !moves.gone(other, open));
            if (waits || moves.gone(joint.part(), open)) {
                continue;
            }
            Part part = input.assembly().the(joint.part());
            List<Part> covers = joint.way().exits().stream()
                    .map(exit -> moves.covering(part, exit, open))
                    .filter(Objects::nonNull)
                    .toList();
            if (covers.size() < joint.way().exits().size()) {
                return new NoWayOut(
                        part.code(),
                        "No method gets at the " + part.label() + " here: what it could be pushed or pulled by is "
                                + "hidden, nothing finds a hold behind it, and heat does not free it.");
            }
            if (covered == null) {
                covered = new NoWayOut(
                        part.code(),
                        "The " + covers.get(0).label() + " stands in the way of the " + part.label() + ".");
            }
        }
        if (covered != null) {
            return covered;
        }
        Part first = input.assembly().joints().stream()
                .filter(joint -> !moves.gone(joint.part(), open))
                .map(joint -> input.assembly().the(joint.part()))
                .findFirst()
                .orElseThrow();
        return new NoWayOut(
                first.code(), "The " + first.label() + " and what has to be off before it wait for each other.");
    }

    /** Hands-on minutes of all steps. */
    public double minutes() {
        return steps.stream().mapToDouble(ApartStep::minutes).sum();
    }

    /** True where the force of a step crosses the elements of a bearing. */
    public boolean crossed() {
        return steps.stream().anyMatch(ApartStep::crosses);
    }

    /** Codes of tools that have to be found. */
    public List<String> missing() {
        return steps.stream()
                .flatMap(step -> step.missing().stream())
                .distinct()
                .toList();
    }

    /** Codes of the parts to be used again that the plan spoils. */
    public List<String> lost() {
        return spoiled.stream().filter(input.keep()::contains).toList();
    }

    /** Codes of all methods. */
    public static Set<String> methods() {
        return ApartMethod.ALL.stream().map(ApartMethod::code).collect(Collectors.toSet());
    }
}
