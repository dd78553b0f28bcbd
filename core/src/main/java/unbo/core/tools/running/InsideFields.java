package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.motion.Friction;
import unbo.core.running.Candidate;

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
                Field.bearing("designation", "Bearing, as stamped")
                        .from(FactKey.OUTER_CONE)
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
                Field.bearing("otherDesignation", "The other, as stamped"),
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

    /** How the bearing of these boxes is told. */
    private static BearingInput input(boolean other) {
        BearingInput told = BearingInput.numbered(name(other, "designation"))
                .counted(name(other, "elements"), name(other, "elementMm"), name(other, "pitchMm"));
        return other ? told.like(input(false)) : told.kind("kind").angled("contactDeg");
    }

    /** What cannot be of one of the two. */
    static List<Problem> rules(Values v, boolean other) {
        return rules(v, input(other));
    }

    static List<Problem> rules(Values v, BearingInput input) {
        List<Problem> problems = new ArrayList<>(input.problems(v));
        if (problems.isEmpty()) {
            problems.addAll(input.insideWanted(v));
        }
        return problems;
    }

    /** The bearing of texts that have passed the rules. */
    static Candidate candidate(Values v) {
        return Candidate.of(input(false).of(v));
    }

    /** The other one; its kind, angle and number of elements are the first's where nothing else tells. */
    static Candidate other(Values v) {
        return Candidate.of(input(true).of(v));
    }

    /** Seals by their code in forms. */
    static Optional<Friction.Seals> seals(String code) {
        return code.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Friction.Seals.valueOf(code.toUpperCase(Locale.ROOT).replace('-', '_')));
    }
}
