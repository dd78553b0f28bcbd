package unbo.core.apart;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Joint;
import unbo.core.assembly.Part;

/**
 * An assembly in somebody's hands: every method can be tried on every part, also where it does not get at it. What
 * moves is off, what is spoiled stays spoiled.
 */
public final class HandsOn {

    private final Moves moves;
    private final ApartInput input;
    private final Set<String> spoiled = new LinkedHashSet<>();
    private long open;

    /**
     * Something that can be tried.
     *
     * @param code number of the joint, and the method's code
     * @param minutes that it takes, whether it succeeds or not
     */
    public record Way(String code, Part part, String name, double minutes) {}

    /**
     * What came of it.
     *
     * @param step what moved, and how; null where nothing did
     * @param spoiled what it spoiled, by label
     * @param why nothing moved; empty where something did
     */
    public record Came(Part part, @Nullable ApartStep step, List<String> spoiled, String why) {}

    public HandsOn(ApartInput input) {
        this.moves = new Moves(input);
        this.input = input;
    }

    public boolean done() {
        return open == moves.goal();
    }

    /** Codes of the parts that are off. */
    public Set<String> gone() {
        return input.assembly().parts().stream()
                .map(Part::code)
                .filter(part -> moves.gone(part, open))
                .collect(Collectors.toSet());
    }

    /** Codes of the parts that cannot be used again. */
    public Set<String> spoiled() {
        return Set.copyOf(spoiled);
    }

    /** All that can be tried on what is not off, part by part; a method once for each joint. */
    public List<Way> ways() {
        List<Way> ways = new ArrayList<>();
        List<Joint> joints = input.assembly().joints();
        for (int i = 0; i < joints.size(); i++) {
            if ((open & 1L << i) == 0) {
                Set<String> methods = new LinkedHashSet<>();
                for (ApartMethod method : moves.methodsOf(i)) {
                    boolean there = input.tools().containsAll(method.tools());
                    if (there && methods.add(method.code())) {
                        ways.add(new Way(
                                i + "." + method.code(),
                                input.assembly().the(joints.get(i).part()),
                                method.says().name(),
                                method.minutes()));
                    }
                }
            }
        }
        return ways;
    }

    /** Tries it. @throws IllegalArgumentException for what is not among {@link #ways} */
    public Came does(String code) {
        Way way = ways().stream()
                .filter(one -> one.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no way " + code));
        int joint = Integer.parseInt(code.substring(0, code.indexOf('.')));
        String method = code.substring(code.indexOf('.') + 1);
        Moves.Move move = moves.from(open).stream()
                .filter(one -> one.at().index() == joint && one.method().code().equals(method))
                .findFirst()
                .orElse(null);
        if (move == null) {
            return new Came(way.part(), null, List.of(), moves.stands(joint, open));
        }
        ApartStep step = moves.step(move, open);
        open |= move.opens();
        List<String> now = move.spoils().stream().filter(spoiled::add).toList();
        return new Came(
                way.part(),
                step,
                now.stream().map(part -> input.assembly().the(part).label()).toList(),
                "");
    }

    /** How the best plan's step is named here. */
    public String code(ApartStep step) {
        return input.assembly().joints().indexOf(step.joint()) + "."
                + step.how().method();
    }
}
