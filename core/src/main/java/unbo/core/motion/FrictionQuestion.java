package unbo.core.motion;

import java.util.List;
import java.util.Locale;
import java.util.Map;

import unbo.core.answer.Answer;
import unbo.core.answer.Question;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * What a bearing drags at a speed, under a load, with its seals: torque, watts, and as a guide how warm that makes its hub.
 *
 * @param warmK power over the hub's conductance
 */
public record FrictionQuestion(Input input, Friction friction, double powerW, double warmK) {

    private static final double GUIDE_W_K = 0.5;
    private static final double GUIDE_BORE_MM = 25;

    /** @param staticN C0, for balls; estimated from the inside where not typed */
    public record Input(String kind, boolean grease, BearingGeometry geometry, double boreMm, double radialN, double axialN, double rpm, double nu, Friction.Seals seals, boolean hybrid, double staticN, double conductance) {
    }

    private static final List<Field.Choice> KINDS = List.of(new Field.Choice("deep-groove-ball", "deep groove balls"), new Field.Choice("angular-contact-ball", "angular contact balls"), new Field.Choice("tapered-roller", "tapered rollers"), new Field.Choice("cylindrical-roller", "cylindrical rollers"), new Field.Choice("machined-needle-roller", "needles"));
    private static final List<Field.Choice> SEALS = List.of(new Field.Choice("none", "none"), new Field.Choice("low-drag", "low drag"), new Field.Choice("light", "light contact"), new Field.Choice("contact", "full contact"));
    private static final List<Field.Choice> IN = List.of(new Field.Choice("grease", "grease"), new Field.Choice("oil", "oil"));

    public static final FieldList<Input> LIST = FieldList.of(List.of(
            Field.choice("kind", "Bearing", KINDS).orElse("deep-groove-ball", null), Field.whole("elements", "Elements", 3, 80).must(), mm("elementMm", "Element's diameter").must(), mm("pitchMm", "Pitch diameter").must(),
            Field.quantity("contactDeg", "Contact angle", Quantity.ANGLE, "°", 0, 60).orElse("0", null), Field.quantity("loadN", "Radial load", Quantity.FORCE, "N", 0, 500_000).usually(10, 50_000).must(), Field.quantity("axialN", "Axial load", Quantity.FORCE, "N", 0, 500_000).orElse("0", null),
            Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 0, 60_000).usually(20, 15_000).must(), Field.quantity("nu", "Oil at running temperature", Quantity.VISCOSITY, "mm²/s", 1, 10_000).usually(5, 500).must(), Field.choice("seals", "Seals", SEALS).orElse("none", null),
            Field.choice("lubricant", "Runs in", IN).orElse("grease", null), Field.yesNo("hybrid", "Ceramic balls"), Field.quantity("conductance", "Its hub sheds, W a kelvin", Quantity.RATIO, "", 0.01, 100).hint("empty: 0.5 for a 25 mm bore, with the bore: a guide")),
            FrictionQuestion::rules, FrictionQuestion::make);

    public static final Question<Input> QUESTION = new Question<>("friction", "Friction and warmth", "What does it drag, and how warm does that make it?", LIST,
            Map.of("elements", "9", "elementMm", "7.97", "pitchMm", "38.5", "loadN", "400", "rpm", "300", "nu", "100", "seals", "contact"), in -> of(in).answer());

    private static Field mm(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 0.5, 500).usually(1, 150);
    }

    private static List<Problem> rules(Values v) {
        return v.number("elementMm") < v.number("pitchMm") ? List.of() : List.of(Problem.impossible("elementMm", "An element of " + Show.number(v.number("elementMm"), 2) + " mm does not fit on a pitch circle of " + Show.number(v.number("pitchMm"), 2) + " mm."));
    }

    private static Input make(Values v) {
        BearingGeometry g = BearingGeometry.of(v.whole("elements"), v.number("elementMm"), v.number("pitchMm"), v.number("contactDeg"));
        double bore = Math.max(1, g.pitchMm() - g.elementMm() / 0.59);
        double f0 = g.gamma() <= 0.09 ? 14.7 + 20 * g.gamma() : 16.4 - 24 * (g.gamma() - 0.10);
        double c0 = f0 * g.elements() * g.elementMm() * g.elementMm() * Math.cos(Math.toRadians(g.contactDeg()));
        return new Input(v.text("kind"), !v.text("lubricant").equals("oil"), g, bore, v.number("loadN"), v.number("axialN"), v.number("rpm"), v.number("nu"), Friction.Seals.valueOf(v.text("seals").toUpperCase(Locale.ROOT).replace('-', '_')), v.yes("hybrid"), c0,
                v.number("conductance", GUIDE_W_K * bore / GUIDE_BORE_MM));
    }

    public static FrictionQuestion of(Input in) {
        double p0 = in.kind().contains("ball") ? Math.max(in.radialN(), 0.6 * in.radialN() + 0.5 * in.axialN()) : in.radialN();
        double p1 = switch (in.kind()) {
            case "deep-groove-ball" -> Math.max(in.radialN(), 3 * in.axialN() - 0.1 * in.radialN());
            case "angular-contact-ball" -> Math.max(in.radialN(), in.axialN() - 0.1 * in.radialN());
            case "tapered-roller" -> Math.max(in.radialN(), 2 * 0.4 / Math.tan(Math.toRadians(Math.max(8, in.geometry().contactDeg()))) * in.axialN());
            default -> in.radialN();
        };
        Friction f = Friction.of(in.kind(), in.grease(), in.geometry().pitchMm(), in.boreMm(), in.rpm(), in.nu(), p1, p0 / in.staticN(), in.seals(), in.hybrid());
        return new FrictionQuestion(in, f, f.powerW(in.rpm()), f.powerW(in.rpm()) / in.conductance());
    }

    /** It in print. */
    public Answer answer() {
        return new Answer(List.of(new Answer.Figure("drag", Show.number(friction.totalNmm(), 1), "N·mm", "seals " + Show.number(friction.sealsNmm(), 1) + ", lubricant " + Show.number(friction.lubricantNmm(), 1) + ", load " + Show.number(friction.loadNmm(), 1)),
                new Answer.Figure("takes", Show.number(powerW, 2), "W", ""), new Answer.Figure("warms its hub by about", Show.number(warmK, 0), "K", "a guide")),
                List.of(warmK > 60 ? new Finding("friction-hot", Level.WATCH, "It would run hot: less grease, a thinner one, or seals that drag less.") : new Finding("friction-fine", Level.RIGHT, "No more warmth than a hub sheds.")),
                List.of("Seals are a guide, a factor of two either way; too much grease or a deep oil bath multiplies the lubricant's part until it has cleared."), new Worksheet("What does it drag?", List.of(
                        Worksheet.computed("M0", "lubricant", "f0·10⁻⁷·(ν·n)^(2/3)·dm³; under ν·n 2000: f0·160·10⁻⁷·dm³", Show.number(friction.lubricantNmm(), 2) + " N·mm"),
                        Worksheet.computed("M1", "load", "f1·P1·dm", Show.number(friction.loadNmm(), 2) + " N·mm"), Worksheet.computed("", "seals", "guide, with the bore squared", Show.number(friction.sealsNmm(), 2) + " N·mm"),
                        Worksheet.computed("P", "power", "M·ω", Show.number(powerW, 3) + " W"), Worksheet.computed("ΔT", "warmth", "P/conductance, " + Show.number(input.conductance(), 2) + " W/K", Show.number(warmK, 1) + " K")),
                        List.of("Palmgren, Ball and Roller Bearing Engineering. Seals, ceramic balls (load's part times 0.7) and conductance are guides.")), List.of());
    }
}
