package unbo.core.inspect;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Clearances;
import unbo.core.bearing.Inside;
import unbo.core.designation.ClassBands;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Role;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * Whether a cleaned bearing may go back: washed, dried without spinning, oiled, turned slowly by hand. Some axial shake
 * in a single-row ball bearing is its clearance: the band of its class is shown and the measured shake judged against
 * it, Ga = 2·√(A·Gr − Gr²/4), A = (fi + fe − 1)·Dw with grooves of 0.52 and 0.53.
 *
 * @param leastMm axial shake that the class gives at least; null where the kind has no listed classes
 * @param reasons why it may not, or only here
 */
public record BearingCheck(
        Input input, @Nullable Double leastMm, @Nullable Double mostMm, Verdict verdict, List<String> reasons) {

    /** What becomes of it. */
    public enum Verdict {
        REUSE,
        HERE_ONLY,
        SCRAP
    }

    private static final double DIAL_MM = 0.01;
    private static final double WORN_SHARE = 1.5;

    /** @param shakeMm measured axial shake; null when only felt @param road true where it works on a public road */
    public record Input(
            Bearing bearing, String clearance, @Nullable Double shakeMm, Looks looks, boolean hurt, boolean road) {
        /** What is felt and seen. */
        public record Looks(String radial, String feel, String colour, String rust, String cage) {}

        public String radial() {
            return looks.radial();
        }

        public String feel() {
            return looks.feel();
        }

        public String colour() {
            return looks.colour();
        }

        public String rust() {
            return looks.rust();
        }

        public String cage() {
            return looks.cage();
        }
    }

    private static final List<Field.Choice> CLASSES =
            choices("C2", "C2", "CN", "CN", "C3", "C3", "C4", "C4", "C5", "C5");
    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .must(),
                    Field.choice("clearanceClass", "Clearance class", CLASSES)
                            .orElse("CN", "unless the number says another"),
                    Field.quantity("shake", "Axial shake, push and pull", Quantity.LENGTH, "mm", 0, 3)
                            .usually(0.01, 0.6)
                            .hint("by a dial on the inner ring, outer held"),
                    Field.choice(
                                    "radial",
                                    "Radial shake, up and down",
                                    choices("none", "none to feel", "felt", "can be felt"))
                            .orElse("none", null),
                    Field.choice(
                                    "feel",
                                    "Turned slowly, oiled",
                                    choices("smooth", "smooth", "ticks", "ticks or grit", "rough", "rough or notched"))
                            .orElse("smooth", null),
                    Field.choice(
                                    "colour",
                                    "Colour of the races",
                                    choices(
                                            "none",
                                            "bright",
                                            "wiped",
                                            "stain, wiped off with solvent",
                                            "straw",
                                            "straw, does not wipe off",
                                            "brown",
                                            "brown",
                                            "blue",
                                            "blue"))
                            .orElse("none", null),
                    Field.choice(
                                    "rust",
                                    "Rust",
                                    choices(
                                            "none",
                                            "none",
                                            "stain",
                                            "stain, not to be felt",
                                            "felt",
                                            "felt with a fingernail"))
                            .orElse("none", null),
                    Field.choice(
                                    "cage",
                                    "Cage",
                                    choices(
                                            "sound",
                                            "sound",
                                            "polished",
                                            "polished in its pockets",
                                            "bent",
                                            "worn or bent"))
                            .orElse("sound", null),
                    Field.yesNo("hurt", "Any spall, dent or crack"),
                    Field.yesNo("road", "Works on a public road")),
            BearingCheck::rules,
            BearingCheck::make);

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    private static List<Field.Choice> choices(String... pairs) {
        List<Field.Choice> choices = new ArrayList<>();
        for (int i = 0; i < pairs.length; i += 2) {
            choices.add(new Field.Choice(pairs[i], pairs[i + 1]));
        }
        return choices;
    }

    private static List<Problem> rules(Values v) {
        return BEARING.of(v).recognised()
                ? List.of()
                : List.of(Problem.impossible(
                        "designation", "“" + v.text("designation") + "” is not known here: read the number again."));
    }

    private static Input make(Values v) {
        Bearing d = BEARING.of(v);
        String clearance = v.defaulted("clearanceClass") && d.suffixes().clearance() != null
                ? d.suffixes().clearance()
                : v.text("clearanceClass");
        return new Input(
                d,
                clearance,
                v.maybe("shake"),
                new Input.Looks(v.text("radial"), v.text("feel"), v.text("colour"), v.text("rust"), v.text("cage")),
                v.yes("hurt"),
                v.yes("road"));
    }

    public static BearingCheck of(Input in) {
        Double least = null;
        Double most = null;
        boolean single = in.bearing().kind() == BearingKind.DEEP_GROOVE_BALL;
        var band = single && in.bearing().boreMm() != null
                ? Clearances.of(in.bearing().kind(), in.bearing().boreMm(), in.clearance())
                : java.util.Optional.<Clearances.Band>empty();
        if (band.isPresent() && in.bearing().inside().isPresent()) {
            double ball =
                    in.bearing().inside().map(Inside::geometry).orElseThrow().elementMm();
            least = ClassBands.axialUm(band.get().minUm(), ball) / 1000;
            most = ClassBands.axialUm(band.get().maxUm(), ball) / 1000;
        }
        List<String> scrap = new ArrayList<>();
        List<String> here = new ArrayList<>();
        add(scrap, in.hurt(), "a spall, dent or crack: it goes on from there");
        add(scrap, in.rust().equals("felt"), "rust that a fingernail feels");
        add(
                scrap,
                in.colour().equals("brown") || in.colour().equals("blue"),
                in.colour() + " temper colour: its hardness is gone");
        add(scrap, in.colour().equals("straw"), "straw colour that does not wipe off: it has been over 200 °C");
        add(scrap, in.cage().equals("bent"), "a worn or bent cage: scrap always");
        add(scrap, in.feel().equals("rough"), "it turns rough though it is clean");
        add(scrap, in.radial().equals("felt"), "radial shake that can be felt");
        add(
                scrap,
                most != null && in.shakeMm() != null && in.shakeMm() > most * WORN_SHARE,
                "axial shake well over its class");
        add(here, in.rust().equals("stain"), "fine rust stain that cannot be felt");
        add(here, in.feel().equals("ticks"), "it ticks: wash again; if it stays, slow and light only");
        add(here, in.cage().equals("polished"), "pockets polished by the elements");
        add(
                here,
                most != null
                        && in.shakeMm() != null
                        && in.shakeMm() > most + DIAL_MM
                        && in.shakeMm() <= most * WORN_SHARE,
                "axial shake over its class");
        Verdict verdict = !scrap.isEmpty() || in.road() && !here.isEmpty()
                ? Verdict.SCRAP
                : here.isEmpty() ? Verdict.REUSE : Verdict.HERE_ONLY;
        List<String> reasons = new ArrayList<>(scrap);
        reasons.addAll(here);
        return new BearingCheck(in, least, most, verdict, List.copyOf(reasons));
    }

    private static void add(List<String> list, boolean when, String words) {
        if (when) {
            list.add(words);
        }
    }

    /** True when the shake is inside the class's band, as far as a dial tells; null where either is not known. */
    public @Nullable Boolean shakeInside() {
        return leastMm == null || input.shakeMm() == null ? null : input.shakeMm() <= requireNonNull(mostMm) + DIAL_MM;
    }

    /** It in print. */
    public Answer answer() {
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(
                "verdict",
                switch (verdict) {
                    case REUSE -> "may go back";
                    case HERE_ONLY -> "here only";
                    case SCRAP -> "scrap";
                },
                "",
                input.bearing().designation()));
        if (leastMm != null) {
            figures.add(new Answer.Figure(
                    "axial shake of its class",
                    Show.fixed(leastMm, 2) + "–" + Show.fixed(requireNonNull(mostMm), 2),
                    "mm",
                    input.clearance() + ", fresh and clean"));
        }
        List<Finding> findings = new ArrayList<>();
        findings.add(
                switch (verdict) {
                    case REUSE -> new Finding("check-reuse", Level.RIGHT, "Nothing speaks against it.");
                    case HERE_ONLY ->
                        new Finding(
                                "check-here",
                                Level.WATCH,
                                "Only here, where it runs slow and light, and note it: " + String.join("; ", reasons)
                                        + ".");
                    case SCRAP ->
                        new Finding(
                                "check-scrap",
                                Level.STOP,
                                "Scrap: " + String.join("; ", reasons)
                                        + (input.road() && reasons.size() == 1 && !input.hurt()
                                                ? ". On a public road it is not given the benefit of the doubt."
                                                : "."));
                });
        if (shakeInside() != null) {
            findings.add(
                    shakeInside()
                            ? new Finding(
                                    "shake-inside",
                                    Level.RIGHT,
                                    Show.number(requireNonNull(input.shakeMm()), 3)
                                            + " mm of axial shake is its clearance, no fault.")
                            : new Finding(
                                    "shake-over",
                                    Level.SOON,
                                    Show.number(requireNonNull(input.shakeMm()), 3) + " mm of axial shake is over the "
                                            + Show.fixed(requireNonNull(mostMm), 2) + " mm that " + input.clearance()
                                            + " gives: it is worn."));
        }
        List<Drawing> drawings = leastMm == null
                ? List.of()
                : List.of(LimitScale.of(
                        "shake",
                        "Axial shake against the band of its class",
                        "axial shake, mm",
                        new LimitScale.Range(
                                0,
                                Math.max(requireNonNull(mostMm), input.shakeMm() == null ? 0 : input.shakeMm()) * 1.25),
                        new LimitScale.Range(leastMm, mostMm),
                        input.shakeMm() == null
                                ? List.of()
                                : List.of(new LimitScale.Marker(
                                        input.shakeMm(),
                                        Show.number(input.shakeMm(), 2),
                                        Boolean.TRUE.equals(shakeInside()) ? Role.ANSWER : Role.OUT))));
        List<Worksheet.Line> lines = leastMm == null
                ? List.of()
                : List.of(
                        Worksheet.computed(
                                "Ga",
                                "axial shake of the class",
                                "2·√(A·Gr − Gr²/4), A = 0.05·Dw",
                                Show.fixed(leastMm, 3) + " to " + Show.fixed(requireNonNull(mostMm), 3) + " mm"),
                        Worksheet.judged(
                                "",
                                "measured",
                                "",
                                input.shakeMm() == null ? "–" : Show.number(input.shakeMm(), 3) + " mm",
                                "up to " + Show.fixed(mostMm, 3) + " mm, dial 0.01"));
        return new Answer(
                figures,
                findings,
                List.of("Radial shake, up and down, is the fault; some axial shake in a single-row "
                        + "ball bearing is its clearance."),
                new Worksheet(
                        "May it go back?",
                        lines,
                        List.of("Clearance classes: ISO 5753-1. Axial clearance: ball in two grooves of 0.52 "
                                + "and 0.53 times its diameter; ball estimated from the boundary.")),
                drawings,
                List.of(
                        new Step(
                                "wash",
                                "Wash it in parts solvent until it turns free.",
                                "Never petrol. Never heat a part wet with chlorinated cleaner: toxic gas."),
                        new Step(
                                "dry",
                                "Let it drain and dry, ring held still.",
                                "Never spin a bearing with compressed air: it can throw its elements."),
                        new Step("turn", "Oil it, turn it slowly by hand under light thrust, both ways.", ""),
                        new Step(
                                "shake",
                                "Hold the outer ring: shake up and down, then push and pull against a dial.",
                                ""),
                        new Step(
                                "look",
                                "Look at races, elements, cage and colour under a lamp; wipe a straw colour "
                                        + "with solvent before it is called one.",
                                "")));
    }
}
