package unbo.core.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Inside;
import unbo.core.designation.Decoder;
import unbo.core.input.Field;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.motion.Friction;

/**
 * What is asked of a bearing's inside, by its number or by what was counted and measured. What is typed goes before
 * what the number lets estimate. A second bearing is asked with its names prefixed by {@code other}.
 */
final class InsideFields {

    private static final String OTHER = "other";
    private static final List<Field.Choice> KINDS = List.of(
            new Field.Choice("deep-groove-ball", "deep groove balls"),
            new Field.Choice("angular-contact-ball", "angular contact balls"),
            new Field.Choice("tapered-roller", "tapered rollers"),
            new Field.Choice("cylindrical-roller", "cylindrical rollers"),
            new Field.Choice("machined-needle-roller", "needles"));

    private InsideFields() {}

    /** The boxes of the bearing that is asked for. */
    static List<Field> fields() {
        return List.of(
                Field.text("designation", "Bearing, as stamped", Decoder.LONGEST)
                        .hint("or count and measure below"),
                Field.choice("kind", "Kind", KINDS).hint("as the number says, else deep groove"),
                Field.whole("elements", "Elements", 3, 80).hint("counted: goes before the estimate"),
                mm("elementMm", "Element's diameter"),
                mm("pitchMm", "Pitch diameter"),
                Field.quantity("contactDeg", "Contact angle", Quantity.ANGLE, "°", 0, 60));
    }

    /** The boxes of another one beside it. */
    static List<Field> others() {
        return List.of(
                Field.text("otherDesignation", "The other, as stamped", Decoder.LONGEST),
                Field.whole("otherElements", "The other: elements", 3, 80),
                mm("otherElementMm", "The other: element's diameter"),
                mm("otherPitchMm", "The other: pitch diameter"));
    }

    private static Field mm(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 0.5, 500).usually(1, 150);
    }

    private static String name(boolean other, String field) {
        return other ? OTHER + Character.toUpperCase(field.charAt(0)) + field.substring(1) : field;
    }

    /** True where anything of the other bearing was typed. */
    static boolean otherAsked(Values v) {
        return v.has("otherDesignation") || v.has("otherElementMm") || v.has("otherPitchMm");
    }

    private static @Nullable Bearing decoded(Values v, boolean other) {
        String typed = v.text(name(other, "designation"));
        return typed.isBlank() ? null : v.book().decodeSet(typed);
    }

    /** What cannot be of one of the two. */
    static List<Problem> rules(Values v, boolean other) {
        List<Problem> problems = new ArrayList<>();
        Bearing d = decoded(v, other);
        Inside inside = d == null ? null : d.inside().orElse(null);
        boolean measured =
                v.has(name(other, "elementMm")) && v.has(name(other, "pitchMm")) && (other || v.has("elements"));
        if (!measured && inside == null) {
            problems.add(
                    d == null
                            ? new Problem(
                                    name(
                                            other,
                                            v.has(name(other, "elementMm"))
                                                    ? v.has(name(other, "pitchMm")) ? "elements" : "pitchMm"
                                                    : "designation"),
                                    "Write its number, or how many elements there are, their diameter and the "
                                            + "pitch diameter.",
                                    false)
                            : Problem.impossible(
                                    name(other, "designation"),
                                    "“" + d.marking()
                                            + "” has no sizes or no rule for its inside here: "
                                            + "count its elements, measure "
                                            + "one and the pitch circle."));
            return problems;
        }
        double element = v.number(
                name(other, "elementMm"), inside == null ? 0 : inside.geometry().elementMm());
        double pitch = v.number(
                name(other, "pitchMm"), inside == null ? 0 : inside.geometry().pitchMm());
        fits(v, other, element, pitch, problems);
        return problems;
    }

    /** Elements that do not fit on their pitch circle. */
    static void fits(Values v, boolean other, double element, double pitch, List<Problem> problems) {
        if (element >= pitch) {
            problems.add(Problem.impossible(
                    name(other, "elementMm"),
                    "An element of " + Show.number(element, 2) + " mm does not fit on a pitch circle of "
                            + Show.number(pitch, 2) + " mm."));
        } else if (v.has(name(other, "elements"))
                && v.whole(name(other, "elements")) > Math.PI / Math.asin(element / pitch) + 1e-6) {
            problems.add(Problem.impossible(
                    name(other, "elements"),
                    v.whole(name(other, "elements")) + " elements of " + Show.number(element, 2)
                            + " mm do not stand side by side on " + Show.number(pitch, 2) + " mm."));
        }
    }

    /**
     * The bearing of texts that have passed the rules. @param first whose angle and kind a second one takes over; null
     * for the first
     */
    static Candidate candidate(Values v, boolean other, @Nullable Candidate first) {
        Bearing d = decoded(v, other);
        Inside inside = d == null ? null : d.inside().orElse(null);
        BearingGeometry known = inside == null ? null : inside.geometry();
        double element = v.number(name(other, "elementMm"), known == null ? 0 : known.elementMm());
        double pitch = v.number(name(other, "pitchMm"), known == null ? 0 : known.pitchMm());
        double angle = other
                ? known == null ? requireNonNull(first).geometry().contactDeg() : known.contactDeg()
                : v.number("contactDeg", known == null ? 0 : known.contactDeg());
        boolean counted = v.has(name(other, "elements"));
        int elements = counted
                ? v.whole(name(other, "elements"))
                : known != null
                        ? known.elements()
                        : requireNonNull(first).geometry().elements();
        BearingGeometry geometry = new BearingGeometry(
                elements, element, pitch, angle, known != null && !counted && !v.has(name(other, "elementMm")));
        BearingKind kind = !other && v.has("kind")
                ? BearingKind.of(v.text("kind")).orElseThrow()
                : d != null ? d.kind() : other ? requireNonNull(first).kind() : BearingKind.DEEP_GROOVE_BALL;
        double bore = d != null && d.boreMm() != null ? d.boreMm() : Math.max(1, pitch - element / 0.59);
        double outside = d != null && d.outsideMm() != null ? d.outsideMm() : pitch + element / 0.59;
        Double roller = inside != null && inside.rollers()
                ? inside.rollerMm()
                : kind.roller() ? Double.valueOf(element * 1.4) : null;
        return new Candidate(
                d == null ? Show.number(element, 2) + " mm elements" : d.designation(),
                kind,
                geometry,
                roller,
                bore,
                outside,
                seals(d),
                d == null ? null : d.build());
    }

    private static Friction.Seals seals(@Nullable Bearing d) {
        return d == null
                ? Friction.Seals.NONE
                : switch (d.suffixes().sealing()) {
                    case "one-seal", "two-seals" -> Friction.Seals.CONTACT;
                    case "two-low-drag-seals" -> Friction.Seals.LOW_DRAG;
                    default -> Friction.Seals.NONE;
                };
    }

    /** Seals by their code in forms. */
    static Optional<Friction.Seals> seals(String code) {
        return code.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Friction.Seals.valueOf(code.toUpperCase(Locale.ROOT).replace('-', '_')));
    }
}
