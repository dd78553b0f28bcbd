package unbo.core.apart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.Joint;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartKind;
import unbo.core.assembly.PlaceFit;
import unbo.core.assembly.Side;
import unbo.core.fit.Material;

/**
 * The order in which an assembly goes together: nothing before what lies behind it; tight rings before what only
 * slides, the located side first, of two that could go first the tighter; seals after the bearing behind them is
 * seated. And the clearance that each bearing has left in it.
 *
 * @param steps in order
 * @param clearances one for each place
 */
public record Together(Apart apart, List<MountStep> steps, List<ClearanceLeft> clearances) {

    /** Written instead of the sentence of a part that comes with the new bearing. */
    private static final String COMES_WITH_THE_NEW = "-";
    /** Open by less it binds before it is home, µm. */
    private static final double BINDS_UM = 5;
    /** What a ring must be open by to slide on: a thousandth of its diameter, within these, mm. */
    private static final double SLIDES_SHARE = 0.001;

    private static final double SLIDES_LEAST_MM = 0.02;
    private static final double SLIDES_MOST_MM = 0.05;

    /** Seats of the two rings of a place; null where one is not given: it counts as without interference. */
    public record Seats(PlaceFit.@Nullable Seat inner, PlaceFit.@Nullable Seat outer) {

        public static final Seats NONE = new Seats(null, null);
    }

    /**
     * @param apart how it comes apart
     * @param seats by place; a place that is left out has none given
     * @throws NoWayOut where no order puts it together
     */
    public static Together of(Apart apart, Map<String, Seats> seats) {
        Assembly assembly = apart.input().assembly();
        List<ApartStep> units = new ArrayList<>(apart.steps());
        units.removeIf(step -> step.joint().kind() == Joint.Kind.RUSTED
                || step.joint().words().refit().equals(COMES_WITH_THE_NEW));
        Order found = new Order(new Moves(apart.input()), units);
        if (!found.from(0)) {
            throw new NoWayOut(
                    units.get(0).part().code(), "No order puts these parts together: one shuts another out.");
        }
        List<ApartStep> order = found.order;
        List<MountStep> steps = new ArrayList<>();
        for (ApartStep unit : order) {
            steps.add(step(apart, unit, unit.part(), unit.joint(), false));
            for (Part along : unit.along()) {
                assembly.joints().stream()
                        .filter(joint -> joint.part().equals(along.code()))
                        .forEach(joint -> steps.add(step(apart, unit, along, joint, true)));
            }
        }
        return new Together(
                apart,
                List.copyOf(steps),
                KindPlace.of(assembly.kind()).stream()
                        .map(place -> ClearanceLeft.of(
                                place,
                                assembly.bearings().get(place.code()),
                                seats.getOrDefault(place.code(), Seats.NONE)))
                        .toList());
    }

    /** The search for an order; units are known by their place in the list, what is in by bits. */
    private static final class Order {

        private final Moves moves;
        private final List<ApartStep> units;
        private final long[] bits;
        /** Those that would go first, first. */
        private final List<Integer> ranked;

        private final List<ApartStep> order = new ArrayList<>();
        private final Set<Long> dead = new HashSet<>();

        Order(Moves moves, List<ApartStep> units) {
            this.moves = moves;
            this.units = units;
            this.bits = units.stream().mapToLong(moves::bits).toArray();
            this.ranked = IntStream.range(0, units.size())
                    .boxed()
                    .sorted(Comparator.<Integer, ApartStep>comparing(units::get, FIRST)
                            .thenComparing(Comparator.reverseOrder()))
                    .toList();
        }

        /** Puts the units in order from what is in already; false where that cannot be finished. */
        boolean from(long in) {
            if (order.size() == units.size()) {
                return true;
            }
            if (dead.contains(in)) {
                return false;
            }
            long open = moves.goal();
            for (int i = 0; i < bits.length; i++) {
                open &= (in >> i & 1) == 1 ? ~bits[i] : -1;
            }
            for (int i : ranked) {
                ApartStep unit = units.get(i);
                if ((in >> i & 1) == 0 && moves.leaves(unit, open & ~bits[i])) {
                    order.add(unit);
                    if (from(in | 1L << i)) {
                        return true;
                    }
                    order.remove(order.size() - 1);
                }
            }
            dead.add(in);
            return false;
        }
    }

    private static final Comparator<ApartStep> FIRST = Comparator.comparing((ApartStep unit) -> !tight(unit))
            .thenComparing(unit -> tight(unit) && !located(unit))
            .thenComparing(unit -> tight(unit) ? -most(unit) : 0);

    private static boolean tight(ApartStep unit) {
        return unit.joint().kind() == Joint.Kind.PRESS && unit.part().kind() == PartKind.BEARING;
    }

    private static boolean located(ApartStep unit) {
        return unit.joint().way().shoulder() != Side.NONE;
    }

    private static double most(ApartStep unit) {
        Double most = unit.joint().hold().mostUm();
        return most == null ? 0 : most;
    }

    private static MountStep step(Apart apart, ApartStep unit, Part part, Joint joint, boolean along) {
        Assembly assembly = apart.input().assembly();
        List<String> targets = List.of(Moves.ring(part), part.kind().code(), part.code());
        for (MountMethod method : MountMethod.ALL) {
            if (method.closes() != joint.kind() || !method.works(targets)) {
                continue;
            }
            Optional<MountStep.Warm> warm = warm(assembly, method, part, joint);
            boolean can = switch (method.way()) {
                case ANY -> true;
                case BOTH -> along && unit.joint().kind() == Joint.Kind.PRESS;
                case HOUSING, RING, CASE -> warm.isPresent();
            };
            if (can) {
                String refit = joint.words().refit();
                boolean renewed = apart.spoiled().contains(part.code());
                return new MountStep(
                        part,
                        joint,
                        method.code(),
                        method.name(),
                        warm.orElse(null),
                        method.minutes(),
                        new MountStep.Ends(
                                renewed, joint.kind() == Joint.Kind.THREAD || joint.kind() == Joint.Kind.BOLTS),
                        new ApartStep.Words(refit.isEmpty() ? method.says() : refit, method.caution()));
            }
        }
        throw new IllegalStateException("no way to close " + joint.kind() + " of " + part.code());
    }

    /**
     * How warm a part is made so that the other slides, °C; empty where that is over its limit, or no heat is allowed.
     */
    private static Optional<MountStep.Warm> warm(Assembly assembly, MountMethod method, Part part, Joint joint) {
        Material holder = Material.of(joint.hold().material());
        boolean alloy = holder.perK() > Material.STEEL.perK();
        double ovenC = Math.min(holder.ovenC(), Moves.MOST_C);
        double limit =
                assembly.mindsHeat(part) ? Moves.SEALED_C : method.way() == MountMethod.Way.RING ? Moves.MOST_C : ovenC;
        Double most = joint.hold().mostUm();
        Double seat = joint.hold().seatMm();
        boolean warms = method.way() == MountMethod.Way.RING || alloy && method.way() != MountMethod.Way.ANY;
        if (!warms || !assembly.heatAllowed()) {
            return Optional.empty();
        }
        if (method.way() == MountMethod.Way.CASE) {
            return Optional.of(new MountStep.Warm(Moves.USUAL_C, ovenC));
        }
        if (most == null || seat == null || most <= 0) {
            return Optional.empty();
        }
        double slides = Math.min(SLIDES_MOST_MM, Math.max(SLIDES_LEAST_MM, SLIDES_SHARE * seat));
        double perK = method.way() == MountMethod.Way.RING ? Material.STEEL.perK() : holder.perK();
        double needed = Moves.AMBIENT_C + (most / 1000 + slides) / (perK * seat);
        double openUm = (limit - Moves.AMBIENT_C) * perK * seat * 1000 - most;
        return needed <= limit || openUm >= BINDS_UM
                ? Optional.of(new MountStep.Warm(Math.min(needed, limit), limit))
                : Optional.empty();
    }

    /** Hands-on minutes of all steps. */
    public double minutes() {
        return steps.stream().mapToDouble(MountStep::minutes).sum();
    }
}
