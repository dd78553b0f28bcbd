package unbo.core.apart;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.jspecify.annotations.Nullable;

import unbo.core.apart.ApartMethod.Reach;
import unbo.core.apart.ApartMethod.Through;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.Joint;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartKind;
import unbo.core.assembly.Side;
import unbo.core.fit.Material;

/**
 * What can be done next to an assembly that is partly apart. A joint can be opened when what covers its part on the way
 * out is gone, its locks are open, and a method gets at it as things stand.
 */
final class Moves {

    /** What drifting round an uneven edge may cost a light-alloy seat. */
    static final double UNEVEN_RISK = 100;

    static final double AMBIENT_C = 20;
    /** Sealed and greased bearings take no more. */
    static final double SEALED_C = 80;
    /** Lips of seals in a case take no more. */
    private static final double LIPS_C = 100;
    /** No housing or ring is made hotter for a bearing. */
    static final double MOST_C = 120;
    /** Where the seat is not known. */
    static final double USUAL_C = 100;
    /** Where retaining compound lets go. */
    private static final double COMPOUND_C = 250;
    /** A ring on a shaft is heated quickly, and let go of at once. */
    private static final double RING_C = 120;
    /** What is driven with hammer and drift; more is for a press: a rule of this product's own. */
    private static final double DRIFT_MOST_N = 8000;
    /** Thickness of a splitter's edge, mm. */
    private static final double SPLITTER_MM = 1.5;
    /** Thickness of a puller's jaw, mm. */
    private static final double JAW_MM = 5;

    /** Joints whose methods reach them in any state. */
    private static final Set<Joint.Kind> ALIKE = Set.of(
            Joint.Kind.SLIDES,
            Joint.Kind.THREAD,
            Joint.Kind.PIN,
            Joint.Kind.CLIP,
            Joint.Kind.BOLTS,
            Joint.Kind.LIGHT_PRESS);

    private final ApartInput input;
    private final Assembly assembly;
    private final List<Joint> joints;
    private final Map<Joint, Integer> numbers = new IdentityHashMap<>();
    private final Map<String, Long> all = new HashMap<>();
    private final List<List<ApartMethod>> methods = new ArrayList<>();
    private final Map<String, List<Part>> neighbours = new HashMap<>();
    private final List<Part> fillers;

    /**
     * A move.
     *
     * @param opens all joints that it opens, as bits
     * @param spoils codes of the parts that cannot be used again after it
     */
    record Move(At at, ApartMethod method, long opens, List<String> spoils) {}

    /** A joint, by its number too, and the end that its part leaves by. */
    record At(int index, Joint joint, Part part, Side exit) {}

    Moves(ApartInput input) {
        this.input = input;
        this.assembly = input.assembly();
        this.joints = assembly.joints();
        for (int i = 0; i < joints.size(); i++) {
            numbers.put(joints.get(i), i);
        }
        for (int i = 0; i < joints.size(); i++) {
            all.merge(joints.get(i).part(), 1L << i, (a, b) -> a | b);
        }
        for (int i = 0; i < joints.size(); i++) {
            methods.add(methods(i));
        }
        for (Part part : assembly.parts()) {
            neighbours.put(
                    part.code(),
                    assembly.parts().stream()
                            .filter(other -> other != part && sameBody(part, other))
                            .toList());
        }
        this.fillers = assembly.parts().stream()
                .filter(part -> part.kind().fillsBores() && part.onShaft())
                .toList();
    }

    /** The methods that work on a joint, whatever they reach. */
    private List<ApartMethod> methods(int index) {
        Joint joint = joints.get(index);
        Part part = assembly.the(joint.part());
        String target = target(part, index);
        return ApartMethod.ALL.stream()
                .filter(method -> method.opens() == joint.kind())
                .filter(method -> method.works(target, part.kind().code(), part.code()))
                .filter(method -> !input.forbidden().contains(method.code()) && strong(method, joint))
                .toList();
    }

    /** The number of a joint, by the very one; by what it says where it comes from elsewhere. */
    private int index(Joint joint) {
        Integer index = numbers.get(joint);
        return index == null ? joints.indexOf(joint) : index;
    }

    ApartInput input() {
        return input;
    }

    List<ApartMethod> methodsOf(int joint) {
        return methods.get(joint);
    }

    /** Why a joint does not open by what was tried. */
    String stands(int index, long open) {
        Joint joint = joints.get(index);
        Part part = assembly.the(joint.part());
        if (!unlocked(joint, index, open)) {
            return joint.order().after().stream()
                    .filter(first -> !gone(first, open))
                    .findFirst()
                    .map(first -> "The " + assembly.the(first).label() + " comes before it.")
                    .orElse("Something else still holds it.");
        }
        return joint.way().exits().stream()
                .map(exit -> covering(part, exit, open))
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .map(other -> "The " + other.label() + " stands in its way.")
                .orElse("It does not get at it as things stand.");
    }

    /** All joints open. */
    long goal() {
        return (1L << joints.size()) - 1;
    }

    /** True where a part is off: all its joints are open. A part that is held by none stays. */
    boolean gone(String part, long open) {
        Long bits = all.get(part);
        return bits != null && (open & bits) == bits;
    }

    /** The joints that a step opens, as bits. */
    long bits(ApartStep step) {
        long bits = 1L << index(step.joint());
        for (Part along : step.along()) {
            bits |= all.getOrDefault(along.code(), 0L);
        }
        return bits;
    }

    /** True where nothing stands in the way of a step's part, as things stand. */
    boolean leaves(ApartStep step, long open) {
        Joint joint = step.joint();
        return unlocked(joint, index(joint), open)
                && joint.way().exits().stream()
                        .anyMatch(exit -> covering(step.part(), exit, open) == null && !held(joint, exit, open));
    }

    /** What can be done next, in the order of the joints. */
    List<Move> from(long open) {
        List<Move> moves = new ArrayList<>();
        for (int i = 0; i < joints.size(); i++) {
            if ((open & 1L << i) == 0) {
                add(moves, i, open);
            }
        }
        return moves;
    }

    /**
     * What is worth trying next: no move that another one for the same joint is as good as in everything; and where the
     * first joint that can be opened costs the same whenever it is opened and helps all others, that one alone.
     */
    List<Move> worth(long open) {
        List<Move> worth = new ArrayList<>();
        for (int i = 0; i < joints.size(); i++) {
            if ((open & 1L << i) != 0) {
                continue;
            }
            List<Move> here = new ArrayList<>();
            add(here, i, open);
            List<Move> good = new ArrayList<>();
            for (Move move : here) {
                if (good.stream().noneMatch(other -> asGood(other, move))) {
                    good.removeIf(other -> asGood(move, other));
                    good.add(move);
                }
            }
            if (worth.isEmpty() && good.size() == 1 && anyTime(good.get(0))) {
                return good;
            }
            worth.addAll(good);
        }
        return worth;
    }

    private boolean asGood(Move one, Move other) {
        return one.opens() == other.opens()
                && cost(one) <= cost(other)
                && kept(other).containsAll(kept(one))
                && missing(other).containsAll(missing(one));
    }

    private List<String> kept(Move move) {
        return move.spoils().stream().filter(input.keep()::contains).toList();
    }

    /** True for a move that costs the same at any time, and never stands in another's way once it is done. */
    private boolean anyTime(Move move) {
        Part part = move.at().part();
        boolean taken = joints.stream()
                .anyMatch(joint -> joint.order().with().contains(part.code())
                        || joint.order().takes().containsValue(part.code()));
        return ALIKE.contains(move.at().joint().kind())
                && part.kind() != PartKind.SPACER
                && part.ring() == Part.Ring.NONE
                && !taken
                && move.opens() == 1L << move.at().index()
                && missing(move).isEmpty()
                && kept(move).isEmpty();
    }

    private void add(List<Move> moves, int index, long open) {
        Joint joint = joints.get(index);
        Part part = assembly.the(joint.part());
        if (!unlocked(joint, index, open)) {
            return;
        }
        for (Side exit : joint.way().exits()) {
            if (covering(part, exit, open) != null || held(joint, exit, open)) {
                continue;
            }
            for (ApartMethod method : methods.get(index)) {
                if (reaches(method.reach(), part, joint, exit, open)) {
                    moves.add(move(new At(index, joint, part, exit), method, open));
                }
            }
        }
    }

    /** True where everything that is to be off before it is off. */
    private boolean unlocked(Joint joint, int index, long open) {
        boolean first = joint.order().after().stream().allMatch(part -> gone(part, open));
        long others = all.getOrDefault(joint.part(), 0L) & ~(1L << index);
        boolean last = joint.kind() != Joint.Kind.SLIDES || (open & others) == others;
        return first && last;
    }

    /** True while something covers the bearing that comes along by an end. */
    private boolean held(Joint joint, Side exit, long open) {
        String taken = joint.order().takes().get(exit);
        return taken != null && !gone(taken, open) && covering(assembly.the(taken), exit, open) != null;
    }

    /** The part that stands in the way out; null where none does. Balls pass a dust cap. */
    @Nullable
    Part covering(Part part, Side exit, long open) {
        for (Part other : neighbours(part)) {
            boolean beyond = exit == Side.INBOARD
                    ? other.stand().order() < part.stand().order()
                    : other.stand().order() > part.stand().order();
            boolean passes = part.ring() == Part.Ring.BALLS && other.kind() == PartKind.CAP;
            if (beyond && !passes && !gone(other.code(), open)) {
                return other;
            }
        }
        return null;
    }

    private List<Part> neighbours(Part part) {
        return neighbours.getOrDefault(part.code(), List.of());
    }

    private static boolean sameBody(Part part, Part other) {
        return part.onShaft() == other.onShaft()
                && part.stand().body().equals(other.stand().body());
    }

    /** False where a hammer would have to do what asks for a press. */
    private static boolean strong(ApartMethod method, Joint joint) {
        return !method.code().equals("drift")
                || joint.hold().force() == null
                || joint.hold().force().leastN() <= DRIFT_MOST_N;
    }

    /** What a method sees in a part: a ring by where it is tight. */
    private String target(Part part, int index) {
        boolean own = part.ring() != Part.Ring.WHOLE || tight(part, index);
        return own ? ring(part) : part.onShaft() ? "whole-outer" : "whole-inner";
    }

    /** What a method sees in a part that is tight on its own side. */
    static String ring(Part part) {
        return switch (part.ring()) {
            case OUTER -> "cup";
            case INNER -> "cone";
            case DRAWN -> "drawn";
            case BALLS -> "balls";
            case NONE -> part.kind().code();
            case WHOLE -> part.onShaft() ? "whole-inner" : "whole-outer";
        };
    }

    /** True where a joint of a part is the one on its own side: the first of its kind. */
    private boolean tight(Part part, int index) {
        for (int i = 0; i < index; i++) {
            if (joints.get(i).part().equals(part.code()) && joints.get(i).kind() == Joint.Kind.PRESS) {
                return false;
            }
        }
        return true;
    }

    private boolean reaches(Reach reach, Part part, Joint joint, Side exit, long open) {
        Joint.Behind behind = joint.way().behind();
        Side far = exit.opposite();
        Part blocks = blocking(part, far, open);
        boolean clear = blocks == null && !filled(open);
        return switch (reach) {
            case ANY, OWN -> true;
            case FAR -> behind.ring() && clear;
            case FAR_INNER -> behind == Joint.Behind.INNER && clear;
            case TIPS ->
                behind == Joint.Behind.INNER
                        && !filled(open)
                        && blocks != null
                        && blocks.kind() == PartKind.SPACER
                        && !assembly.option("spacerTips").equals("no");
            case HOLLOW -> !filled(open);
            case GRIP ->
                behind != Joint.Behind.NONE
                        && !filled(open)
                        && (blocks == null
                                || blocks.kind() == PartKind.BEARING
                                || blocks.kind() == PartKind.SPACER
                                        && assembly.grip().holds());
            case ROOM -> joint.way().roomMm() >= SPLITTER_MM;
            case JAW_ROOM -> joint.way().roomMm() >= JAW_MM;
            case OPEN -> joint.way().exit() == Side.BOTH && joint.way().shoulder() == Side.NONE && alone(part, open);
            case CLOSED -> behind == Joint.Behind.NONE && clear && !assembly.mindsHeat(part);
            case ALLOY -> alloy(joint) && assembly.heatAllowed() && heatC(part, joint) <= ovenC(joint);
            case CASE_HEAT -> alloy(joint) && assembly.heatAllowed();
            case HOT -> assembly.heatAllowed();
            case COMPOUND_HEAT -> !alloy(joint) && assembly.heatAllowed();
            case BEAD -> !alloy(joint) && assembly.heatAllowed();
        };
    }

    /** The nearest part that stands in the bore behind a part; null where a drift passes. */
    private @Nullable Part blocking(Part part, Side far, long open) {
        Part nearest = null;
        for (Part other : neighbours(part)) {
            double away = (other.stand().order() - part.stand().order()) * (far == Side.OUTBOARD ? 1 : -1);
            if (away > 0
                    && !other.open()
                    && !gone(other.code(), open)
                    && (nearest == null
                            || away
                                    < Math.abs(nearest.stand().order()
                                            - part.stand().order()))) {
                nearest = other;
            }
        }
        return nearest;
    }

    /** True while a shaft stands in the bores. */
    private boolean filled(long open) {
        return fillers.stream().anyMatch(part -> !gone(part.code(), open));
    }

    private boolean alone(Part part, long open) {
        return neighbours(part).stream().allMatch(other -> other.thin() || gone(other.code(), open));
    }

    private static boolean alloy(Joint joint) {
        return Material.of(joint.hold().material()).perK() > Material.STEEL.perK();
    }

    private static double ovenC(Joint joint) {
        return Math.min(Material.of(joint.hold().material()).ovenC(), MOST_C);
    }

    /** Temperature at which a housing that opens faster than its ring lets go, both equally warm. */
    private double heatC(Part part, Joint joint) {
        Double most = joint.hold().mostUm();
        Double seat = joint.hold().seatMm();
        if (most == null || seat == null || part.kind() != PartKind.BEARING) {
            return USUAL_C;
        }
        double opens = Material.of(joint.hold().material()).perK() - Material.STEEL.perK();
        return AMBIENT_C + Math.max(0, most) / 1000 / (opens * seat);
    }

    private Move move(At at, ApartMethod method, long open) {
        long opens = 1L << at.index();
        for (Part along : along(at, open)) {
            opens |= all.getOrDefault(along.code(), 0L);
        }
        return new Move(at, method, opens, spoils(at, method, open));
    }

    /** What comes away by the same movement. */
    private List<Part> along(At at, long open) {
        Joint.Order order = at.joint().order();
        List<String> others = new ArrayList<>(order.with());
        String taken = order.takes().get(at.exit());
        if (taken != null) {
            others.add(taken);
        }
        return others.stream()
                .filter(other -> !gone(other, open))
                .map(assembly::the)
                .toList();
    }

    private static Through through(At at, ApartMethod method) {
        boolean crosses = method.through() != Through.NONE
                && !at.joint().order().crosses().isEmpty();
        return crosses ? Through.ELEMENTS : method.through();
    }

    private List<String> spoils(At at, ApartMethod method, long open) {
        Part part = at.part();
        Joint joint = at.joint();
        Set<String> spoils = new LinkedHashSet<>();
        if (through(at, method) == Through.ELEMENTS) {
            if (part.kind() == PartKind.BEARING) {
                spoils.add(part.code());
            }
            spoils.addAll(joint.order().crosses());
            String taken = joint.order().takes().get(at.exit());
            if (taken != null) {
                spoils.add(taken);
            }
        }
        if (part.upkeep().renewed() || joint.turn().renewed() || method.destroys()) {
            spoils.add(part.code());
        }
        Double celsius = celsius(method, part, joint);
        if (celsius != null) {
            spoils.addAll(cooked(part, joint, celsius, open));
        }
        return List.copyOf(spoils);
    }

    /** Codes of tools that a move needs and that are not at hand. */
    List<String> missing(Move move) {
        return move.method().tools().stream()
                .filter(tool -> !input.tools().contains(tool))
                .toList();
    }

    /** What a move costs beside what it spoils and what has to be found for it: minutes, and risk in their measure. */
    double cost(Move move) {
        return move.method().minutes() + risk(move.method(), move.at().joint());
    }

    /** A move as a step, as things stood before it. */
    ApartStep step(Move move, long open) {
        At at = move.at();
        Part part = at.part();
        Joint joint = at.joint();
        ApartMethod method = move.method();
        Through through = through(at, method);
        boolean own = !joint.says().isEmpty();
        boolean tool = !method.tools().isEmpty() && own;
        return new ApartStep(
                part,
                joint,
                along(at, open),
                at.exit(),
                new ApartStep.How(
                        method.code(),
                        method.says().name(),
                        through.code(),
                        through == Through.NONE ? null : ring(at, through),
                        through == Through.NONE ? null : joint.hold().force(),
                        new ApartStep.Effort(method.tools(), method.minutes(), risk(method, joint)),
                        new ApartStep.Words(
                                tool
                                        ? joint.says() + " " + method.says().sentence()
                                        : own ? joint.says() : method.says().sentence(),
                                (joint.caution() + " " + method.says().caution()).strip())),
                celsius(method, part, joint),
                move.spoils(),
                missing(move));
    }

    /** The ring that the force enters by. */
    private @Nullable String ring(At at, Through through) {
        boolean innerTight =
                target(at.part(), at.index()).equals("whole-inner") || at.part().ring() == Part.Ring.INNER;
        return switch (at.part().ring()) {
            case NONE, BALLS -> through == Through.ELEMENTS ? "inner" : null;
            default -> through == Through.ELEMENTS == innerTight ? "outer" : "inner";
        };
    }

    private double risk(ApartMethod method, Joint joint) {
        boolean uneven = method.code().equals("drift")
                && method.reach() == Reach.FAR
                && joint.way().behind() != Joint.Behind.FULL;
        return method.effort().risk() + (uneven && alloy(joint) ? UNEVEN_RISK : 0);
    }

    private @Nullable Double celsius(ApartMethod method, Part part, Joint joint) {
        if (!method.heats()) {
            return null;
        }
        return switch (method.reach()) {
            case HOT -> RING_C;
            case COMPOUND_HEAT -> COMPOUND_C;
            default -> heatC(part, joint);
        };
    }

    /** What the warmth spoils: a sealed bearing in it, lips that stand in the same body. */
    private List<String> cooked(Part part, Joint joint, double celsius, long open) {
        List<String> cooked = new ArrayList<>();
        List<Part> warmed = new ArrayList<>(List.of(part));
        if (joint.kind() != Joint.Kind.COMPOUND) {
            neighbours(part).stream().filter(other -> !gone(other.code(), open)).forEach(warmed::add);
        }
        for (Part other : warmed) {
            boolean bearing = assembly.mindsHeat(other) && celsius > SEALED_C;
            boolean lips = other.kind() == PartKind.SEAL && celsius > LIPS_C;
            if (bearing || lips || other.equals(part) && celsius >= COMPOUND_C) {
                cooked.add(other.code());
            }
        }
        return cooked;
    }
}
