package unbo.core.assembly;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Parts and joints of a kind, with what is other in one assembly of it. */
public final class ChangedParts {

    /** What may be there or not: what carries others, and bearings, make the kind. */
    private static final Set<PartKind> LOOSE = EnumSet.of(
            PartKind.SEAL,
            PartKind.CAP,
            PartKind.CLIP,
            PartKind.PIN,
            PartKind.TAB_WASHER,
            PartKind.NUT,
            PartKind.BOLT,
            PartKind.WASHER,
            PartKind.SHIM,
            PartKind.SPACER,
            PartKind.CRUSH_SLEEVE,
            PartKind.SLEEVE,
            PartKind.WEAR_RING,
            PartKind.GASKET,
            PartKind.ENCODER,
            PartKind.GEAR);

    /** How a part of a kind is held, where it is not put on loosely. */
    private static final Map<PartKind, Joint.Kind> HELD = new EnumMap<>(Map.of(
            PartKind.SEAL, Joint.Kind.LIGHT_PRESS,
            PartKind.CAP, Joint.Kind.LIGHT_PRESS,
            PartKind.CLIP, Joint.Kind.CLIP,
            PartKind.PIN, Joint.Kind.PIN,
            PartKind.NUT, Joint.Kind.THREAD,
            PartKind.BOLT, Joint.Kind.BOLTS));

    private final Map<String, Part> parts = new LinkedHashMap<>();
    private final List<Joint> joints;

    private ChangedParts(List<Part> parts, List<Joint> joints) {
        parts.forEach(part -> this.parts.put(part.code(), part));
        this.joints = new ArrayList<>(joints);
    }

    /** The kinds of parts that can be added, in the order of their enum. */
    public static List<PartKind> kinds() {
        return List.copyOf(LOOSE);
    }

    /** True where a part may be left out: it carries nothing and is no bearing. */
    public static boolean loose(Part part, List<Part> parts) {
        return part.place() == null
                && LOOSE.contains(part.kind())
                && parts.stream().noneMatch(other -> other.stand().rides().equals(part.code()));
    }

    /** With each change in turn; one that does not fit is left out. */
    static ChangedParts of(List<Part> parts, List<Joint> joints, List<PartChange> changes) {
        ChangedParts changed = new ChangedParts(parts, joints);
        changes.forEach(changed::apply);
        return changed;
    }

    /** Why a change does not fit what is there, in a sentence; empty where it does. */
    public static Optional<String> fault(PartChange change, List<Part> parts) {
        String code = change instanceof PartChange.Without without
                ? without.part()
                : change instanceof PartChange.Called called ? called.part() : ((PartChange.With) change).by();
        Optional<Part> there =
                parts.stream().filter(part -> part.code().equals(code)).findFirst();
        if (there.isEmpty()) {
            return Optional.of("“" + code + "” is no part of it: "
                    + String.join(", ", parts.stream().map(Part::code).toList()) + ".");
        }
        if (change instanceof PartChange.Without && !loose(there.get(), parts)) {
            return Optional.of("The " + there.get().label()
                    + " makes the kind and cannot be left out: choose another kind where there is none.");
        }
        if (change instanceof PartChange.With with && !LOOSE.contains(with.kind())) {
            return Optional.of("A " + with.kind().code() + " makes the kind and cannot be added: choose another kind.");
        }
        if (change instanceof PartChange.With with
                && parts.stream().anyMatch(part -> part.code().equals(with.code()))) {
            return Optional.of("“" + with.label() + "” is there already: call it otherwise.");
        }
        return Optional.empty();
    }

    private void apply(PartChange change) {
        if (fault(change, parts()).isPresent()) {
            return;
        }
        if (change instanceof PartChange.Without without) {
            parts.remove(without.part());
            joints.removeIf(joint -> joint.part().equals(without.part()));
            joints.replaceAll(joint -> without(joint, without.part()));
        } else if (change instanceof PartChange.Called called) {
            parts.computeIfPresent(called.part(), (code, part) -> named(part, called.label()));
        } else if (change instanceof PartChange.With with) {
            add(with);
        }
    }

    private static Joint without(Joint joint, String gone) {
        Joint.Order order = joint.order();
        return new Joint(
                joint.part(),
                joint.kind(),
                joint.way(),
                joint.turn(),
                new Joint.Order(
                        order.after().stream()
                                .filter(code -> !code.equals(gone))
                                .toList(),
                        order.with().stream().filter(code -> !code.equals(gone)).toList(),
                        order.takes(),
                        order.crosses()),
                joint.hold(),
                joint.words());
    }

    private static Part named(Part part, String label) {
        return new Part(part.code(), label, part.kind(), part.stand(), part.ring(), part.place(), part.upkeep());
    }

    /** It sits in its neighbour's body, between that and what comes next there, and leaves by the neighbour's way. */
    private void add(PartChange.With with) {
        Part by = java.util.Objects.requireNonNull(parts.get(with.by()));
        Part.Stand stand = by.stand();
        double order = between(stand, with.side() == Side.OUTBOARD ? 1 : -1);
        boolean renewed = with.kind().alwaysNew();
        parts.put(
                with.code(),
                new Part(
                        with.code(),
                        with.label(),
                        with.kind(),
                        new Part.Stand(stand.shaft(), stand.body(), order, stand.rides()),
                        Part.Ring.NONE,
                        null,
                        new Part.Upkeep(renewed, List.of())));
        joints.stream()
                .filter(joint -> joint.part().equals(by.code()))
                .findFirst()
                .ifPresent(neighbour -> joints.add(joint(with, neighbour, after(neighbour))));
    }

    /** What is off before the neighbour is, but for what brings it out: that waits for what is put before it. */
    private List<String> after(Joint neighbour) {
        return neighbour.order().after().stream()
                .filter(code -> joints.stream()
                        .noneMatch(joint -> joint.part().equals(code)
                                && joint.order().takes().containsValue(neighbour.part())))
                .toList();
    }

    private static Joint joint(PartChange.With with, Joint neighbour, List<String> after) {
        Joint.Kind held = HELD.getOrDefault(with.kind(), Joint.Kind.SLIDES);
        boolean thread = held == Joint.Kind.THREAD || held == Joint.Kind.BOLTS;
        return new Joint(
                with.code(),
                held,
                new Joint.Way(
                        neighbour.way().exit(),
                        neighbour.way().shoulder(),
                        Joint.Behind.NONE,
                        neighbour.way().roomMm()),
                thread ? new Joint.Turn("plain", "look") : Joint.Turn.NONE,
                new Joint.Order(after, List.of(), Map.of(), List.of()),
                Joint.Hold.NONE,
                Joint.Words.NONE);
    }

    private double between(Part.Stand stand, int way) {
        double next = parts.values().stream()
                .map(Part::stand)
                .filter(other -> other.body().equals(stand.body())
                        && other.shaft() == stand.shaft()
                        && (other.order() - stand.order()) * way > 0)
                .mapToDouble(Part.Stand::order)
                .reduce((a, b) -> way > 0 ? Math.min(a, b) : Math.max(a, b))
                .orElse(stand.order() + 2 * way);
        return (stand.order() + next) / 2;
    }

    List<Part> parts() {
        return List.copyOf(parts.values());
    }

    List<Joint> joints() {
        return List.copyOf(joints);
    }
}
