package unbo.core.assembly;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;

/**
 * The parts of one position and how each is held.
 *
 * @param kind code of the kind it was made by; empty where its parts were named one by one
 * @param parts in the order in which they come apart where nothing else decides
 * @param joints in the same order
 * @param options what was said of it, each with its value
 * @param bearings what is known of the bearing of each place
 * @param changes what is other than in its kind
 */
public record Assembly(
        String kind,
        List<Part> parts,
        List<Joint> joints,
        Map<String, String> options,
        Grip grip,
        Map<String, Bearing> bearings,
        List<PartChange> changes) {
    /**
     * What a jaw finds behind an inner ring that stands against a spacer, mm.
     *
     * @param chamferMm of the spacer's end
     * @param cornerMm radius of the inner ring's corner: 0.2 to 0.3 on thin sections, 0.6 to 1.0 on others
     * @param jawMm what the jaw needs
     */
    public record Grip(double chamferMm, double cornerMm, double jawMm) {

        /** A flat spacer, a thin section, a usual jaw. */
        public static final Grip USUAL = new Grip(0, 0.3, 0.5);

        public double mm() {
            return chamferMm + cornerMm;
        }

        public boolean holds() {
            return mm() >= jawMm;
        }
    }

    /**
     * What is asked for: a kind, what differs in it, and numbers by place.
     *
     * @param options by code; those left out are as usual
     * @param numbers markings by place; may be empty
     * @param changes parts that are other than in the kind; one that does not fit is left out
     */
    public record Asked(
            String kind,
            Map<String, String> options,
            Grip grip,
            Map<String, String> numbers,
            List<PartChange> changes) {

        public Asked {
            options = Map.copyOf(options);
            numbers = Map.copyOf(numbers);
            changes = List.copyOf(changes);
        }

        /** All parts as in the kind. */
        public Asked(String kind, Map<String, String> options, Grip grip, Map<String, String> numbers) {
            this(kind, options, grip, numbers, List.of());
        }
    }

    /** An assembly with nothing other than was said of it. */
    public Assembly(
            String kind,
            List<Part> parts,
            List<Joint> joints,
            Map<String, String> options,
            Grip grip,
            Map<String, Bearing> bearings) {
        this(kind, parts, joints, options, grip, bearings, List.of());
    }

    public Assembly {
        parts = List.copyOf(parts);
        joints = List.copyOf(joints);
        options = Map.copyOf(options);
        bearings = Map.copyOf(bearings);
        changes = List.copyOf(changes);
    }

    /** True where a kind has such a part, with whatever options. */
    public static boolean has(String kind, PartKind part) {
        return KindParts.has(kind, part);
    }

    /**
     * An assembly of a kind.
     *
     * @throws IllegalArgumentException for a kind that is none; options and places that are none are left out
     */
    public static Assembly of(Asked asked, BearingBook book) {
        String kind = AssemblyKind.find(asked.kind())
                .orElseThrow(() -> new IllegalArgumentException("no kind " + asked.kind()))
                .code();
        Map<String, Bearing> bearings = new LinkedHashMap<>();
        for (KindPlace place : KindPlace.of(kind)) {
            String number = asked.numbers().getOrDefault(place.code(), "").strip();
            if (!number.isEmpty()) {
                bearings.put(place.code(), book.find(number));
            }
        }
        Map<String, String> options = new HashMap<>();
        for (KindOption option : KindOption.of(kind)) {
            Optional<String> said =
                    Optional.ofNullable(asked.options().get(option.code())).flatMap(option::value);
            options.put(option.code(), said.orElseGet(() -> apart(bearings.get(option.code()), option)));
        }
        ChangedParts changed = ChangedParts.of(
                KindParts.parts(kind, options), KindParts.joints(kind, options, bearings), asked.changes());
        return new Assembly(kind, changed.parts(), changed.joints(), options, asked.grip(), bearings, asked.changes());
    }

    /** A bearing that comes apart is two parts, whatever was said of it. */
    private static String apart(@Nullable Bearing bearing, KindOption option) {
        String separable = option.value("separable").orElse("");
        boolean comes = bearing != null && bearing.ringAlone();
        return comes && !separable.isEmpty() ? separable : option.usual();
    }

    /** What was said of it and is not usual, each as option=value; what a place's number tells is left out. */
    public List<String> said() {
        return KindOption.of(kind).stream()
                .filter(option -> KindPlace.find(kind, option.code()).isEmpty())
                .filter(option -> !option(option.code()).equals(option.usual()))
                .map(option -> option.code() + "=" + option(option.code()))
                .toList();
    }

    public Optional<Part> part(String code) {
        return parts.stream().filter(part -> part.code().equals(code)).findFirst();
    }

    /** @throws IllegalArgumentException for a part that is none of it */
    public Part the(String code) {
        return part(code).orElseThrow(() -> new IllegalArgumentException("no part " + code));
    }

    /** What was said of an option, or is usual; empty where the assembly has no such. */
    public String option(String code) {
        return options.getOrDefault(code, "");
    }

    /** False with carbon, bonded frames, fuel, paint or sensors near. */
    public boolean heatAllowed() {
        return !option("heatAllowed").equals("no");
    }

    /** True where heat may cook the seal or the grease of a part. */
    public boolean mindsHeat(Part part) {
        if (part.place() == null || part.kind() != PartKind.BEARING) {
            return false;
        }
        Bearing known = bearings.get(part.place());
        return known != null
                ? known.mindsHeat()
                : KindPlace.find(kind, part.place())
                        .map(place -> place.usual().sealed())
                        .orElse(false);
    }
}
