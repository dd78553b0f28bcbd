package unbo.core.arrange;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Clearances;
import unbo.core.bearing.Inside;
import unbo.core.bearing.Ratings;
import unbo.core.designation.ClassBands;
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
import unbo.core.life.DeepGroove;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * A wheel hub of two ball bearings on a spacer tube, both outer rings on shoulders: what a spacer that is too long or
 * too short does once the axle is clamped. While its error stays within the axial clearance that the mounted bearings
 * have, it does nothing; beyond it both are side-loaded, by the force of balls pressed into their grooves (Hertz
 * contact, both races in series; ellipse by Brewe and Hamrock's fit, Journal of Lubrication Technology 99, 1977), rings
 * and hub taken as rigid: an upper bound. What it costs in life is told by the equivalent load of ISO 281.
 *
 * @param axialMm clearance that each bearing has along the axle, Ga
 * @param squeezeMm what is left over for each, u; 0 or less where nothing is pressed
 * @param sideN force on each bearing, an upper bound
 * @param lifeShare life with it, as a share of life without; 1 where nothing is pressed
 */
public record SpacerHub(
        Input input, double axialMm, double squeezeMm, double stiffness, double sideN, double lifeShare) {

    static final double GROOVES = 0.05;
    private static final double INNER_GROOVE = 0.52;
    private static final double OUTER_GROOVE = 0.53;
    private static final double E_PRIME = 206_000 / (1 - 0.3 * 0.3);

    /**
     * @param errorMm spacer less shoulder distance @param clearanceUm radial clearance as mounted @param radialN load
     *     on one bearing
     */
    public record Input(
            String designation,
            @Nullable Double spacerMm,
            BearingGeometry geometry,
            double c0N,
            double errorMm,
            double clearanceUm,
            double radialN,
            boolean shoulders) {}

    private static final List<Field.Choice> LAYOUTS = List.of(
            new Field.Choice("both", "both outer rings on shoulders"),
            new Field.Choice("one", "one shoulder, the other bearing driven to the spacer"));
    private static final List<Field.Choice> CLASSES = java.util.stream.Stream.of("C2", "CN", "C3", "C4", "C5")
            .map(c -> new Field.Choice(c, c))
            .toList();
    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .must(),
                    Field.choice("layout", "Hub", LAYOUTS).must(),
                    Field.quantity("spacer", "Spacer, length", Quantity.LENGTH, "mm", 1, 300)
                            .from(FactKey.SPACER)
                            .usually(5, 150),
                    Field.quantity("shoulders", "Between the shoulders", Quantity.LENGTH, "mm", 1, 300)
                            .usually(5, 150),
                    Field.choice("clearanceClass", "Clearance class", CLASSES)
                            .orElse("CN", "unless the number says another"),
                    Field.quantity("lost", "Clearance lost to the fits", Quantity.LENGTH, "µm", 0, 60)
                            .usually(0, 25)
                            .alwaysMetric()
                            .orElse("3", "a light hub fit"),
                    Field.quantity("radialN", "Radial load on one bearing", Quantity.FORCE, "N", 1, 100_000)
                            .usually(50, 10_000)
                            .orElse("500", "a wheel of a bicycle or light motorcycle")),
            SpacerHub::rules,
            SpacerHub::make);

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    private static List<Problem> rules(Values v) {
        Bearing d = BEARING.of(v);
        if (d.kind() != BearingKind.DEEP_GROOVE_BALL || d.inside().isEmpty()) {
            return List.of(Problem.impossible(
                    "designation",
                    "“" + v.text("designation")
                            + "” is no single-row ball bearing with known sizes: this sum is for those."));
        }
        if (v.text("layout").equals("both") && (!v.has("spacer") || !v.has("shoulders"))) {
            return List.of(new Problem(
                    v.has("spacer") ? "shoulders" : "spacer",
                    "With both rings on shoulders the spacer's length and the shoulders' distance are needed.",
                    false));
        }
        if (v.has("spacer") && v.has("shoulders") && Math.abs(v.number("spacer") - v.number("shoulders")) > 3) {
            return List.of(Problem.impossible(
                    "spacer",
                    "Spacer and shoulders differ by "
                            + Show.number(Math.abs(v.number("spacer") - v.number("shoulders")), 2)
                            + " mm: measure both again."));
        }
        return List.of();
    }

    private static Input make(Values v) {
        Bearing d = BEARING.of(v);
        Inside inside = d.inside().orElseThrow();
        String clearance = v.defaulted("clearanceClass") && d.suffixes().clearance() != null
                ? d.suffixes().clearance()
                : v.text("clearanceClass");
        double made = Clearances.of(d.kind(), requireNonNull(d.boreMm()), clearance)
                .map(Clearances.Band::meanUm)
                .orElse(10.0);
        boolean both = v.text("layout").equals("both");
        return new Input(
                d.designation(),
                v.maybe("spacer"),
                inside.geometry(),
                d.ratings().orElseThrow().c0N(),
                both ? v.number("spacer") - v.number("shoulders") : 0,
                Math.max(0.5, made - v.number("lost")),
                v.number("radialN"),
                both);
    }

    public static SpacerHub of(Input in) {
        double axial = ClassBands.axialUm(in.clearanceUm(), in.geometry().elementMm()) / 1000;
        double squeeze = in.shoulders() ? (Math.abs(in.errorMm()) - axial) / 2 : 0;
        double kn = stiffness(in.geometry());
        double side = sideN(in.geometry(), in.clearanceUm() / 1000, squeeze, kn);
        double without = in.radialN();
        double with = DeepGroove.equivalentN(
                in.radialN(), side, Ratings.staticBallFactor(in.geometry().gamma()), in.c0N());
        return new SpacerHub(in, axial, squeeze, kn, side, Math.pow(without / with, 3));
    }

    /** Force along the axle when each bearing is squeezed by u beyond its clearance, N; 0 for u ≤ 0. Lengths in mm. */
    public static double sideN(BearingGeometry g, double radialClearanceMm, double squeezeMm, double kn) {
        if (squeezeMm <= 0) {
            return 0;
        }
        double a = GROOVES * g.elementMm();
        double cos = 1 - radialClearanceMm / (2 * a);
        double x = a * Math.sqrt(1 - cos * cos) + squeezeMm;
        double stretched = Math.hypot(a * cos, x);
        double q = kn * Math.pow(stretched - a, 1.5);
        return g.elements() * q * x / stretched;
    }

    /** Stiffness of a ball between both races, N/mm^1.5. */
    public static double stiffness(BearingGeometry g) {
        double gamma = g.elementMm() / g.pitchMm();
        double inner = contact(
                1 / (2 / g.elementMm() + 2 / (g.elementMm() * (1 - gamma) / gamma)),
                1 / (2 / g.elementMm() - 1 / (INNER_GROOVE * g.elementMm())));
        double outer = contact(
                1 / (2 / g.elementMm() - 2 / (g.elementMm() * (1 + gamma) / gamma)),
                1 / (2 / g.elementMm() - 1 / (OUTER_GROOVE * g.elementMm())));
        return Math.pow(Math.pow(inner, -2.0 / 3) + Math.pow(outer, -2.0 / 3), -1.5);
    }

    /** Hertz point contact with radii along and across the rolling direction, mm: Q = K·δ^1.5. */
    private static double contact(double along, double across) {
        double ratio = across / along;
        double ellipse = 1.0339 * Math.pow(ratio, 0.636);
        double second = 1.0003 + 0.5968 / ratio;
        double first = 1.5277 + 0.6023 * Math.log(ratio);
        double together = 1 / (1 / along + 1 / across);
        return Math.PI * ellipse * E_PRIME * Math.sqrt(together * second / (4.5 * first * first * first));
    }

    public boolean sideLoaded() {
        return squeezeMm > 0;
    }

    /** It in print. */
    public Answer answer() {
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        if (!input.shoulders()) {
            figures.add(new Answer.Figure("spacer", "sets itself", "", "one shoulder"));
            findings.add(new Finding(
                    "one-shoulder",
                    Level.RIGHT,
                    "With one shoulder the second bearing is driven until its inner ring just "
                            + "meets the spacer: the gap at its outer ring is intended."));
            sentences.add("Seat the shoulder's side first. Drive the other with a plate on BOTH rings "
                    + "until the spacer can just be pushed sideways with a finger; stop there.");
            return new Answer(
                    figures,
                    findings,
                    sentences,
                    new Worksheet(
                            "Is the spacer right?", List.of(Worksheet.given("", "layout", "one shoulder")), List.of()),
                    List.of());
        }
        figures.add(new Answer.Figure(
                input.errorMm() < 0 ? "spacer too short by" : "spacer too long by",
                Show.fixed(Math.abs(input.errorMm()), 2),
                "mm",
                "the bearings give ±" + Show.fixed(axialMm, 2) + " mm"));
        figures.add(new Answer.Figure(
                "side load on each",
                sideLoaded() ? Show.number(sideN, 0) : "none",
                sideLoaded() ? "N" : "",
                sideLoaded() ? "rigid rings: at most" : ""));
        if (sideLoaded()) {
            figures.add(new Answer.Figure(
                    "life left of it",
                    Show.number(Math.max(0.1, lifeShare * 100), lifeShare < 0.01 ? 1 : 0),
                    "%",
                    "against the same hub without side load"));
            findings.add(new Finding(
                    "side-loaded",
                    Level.SOON,
                    "Once the axle is clamped both bearings are side-loaded by up to " + Show.number(sideN, 0) + " N. "
                            + (input.errorMm() < 0
                                    ? "A shim of " + Show.fixed(-input.errorMm(), 2)
                                            + " mm beside the spacer, or a new one."
                                    : "Face the spacer by " + Show.fixed(input.errorMm(), 2)
                                            + " mm, square, or renew it.")));
        } else {
            findings.add(new Finding(
                    "spacer-right", Level.RIGHT, "Its error is within the bearings' axial clearance: no side load."));
        }
        sentences.add("Rings and hub are taken as rigid, so the force is an upper bound; a hub that "
                + "binds when the axle is clamped proves it.");
        double end = Math.max(Math.abs(input.errorMm()), axialMm) * 1.4;
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet(
                        "Is the spacer right, or does it side-load the bearings?",
                        List.of(
                                Worksheet.given("e", "spacer less shoulders", Show.number(input.errorMm(), 3) + " mm"),
                                Worksheet.given(
                                        "Gr", "radial clearance, mounted", Show.number(input.clearanceUm(), 1) + " µm"),
                                Worksheet.judged(
                                        "Ga",
                                        "axial clearance of each",
                                        "2·√(A·Gr − Gr²/4), A = 0.05·Dw",
                                        Show.fixed(axialMm, 3) + " mm",
                                        "|e| ≤ Ga: nothing is pressed"),
                                Worksheet.computed(
                                        "u",
                                        "squeeze of each",
                                        "(|e| − Ga)/2",
                                        Show.fixed(Math.max(0, squeezeMm), 3) + " mm"),
                                Worksheet.computed(
                                        "Kn",
                                        "ball between both races",
                                        "Hertz, in series",
                                        Show.number(stiffness / 1000, 0) + " kN/mm^1.5"),
                                Worksheet.computed(
                                        "Fa", "side load", "Z·Kn·(A' − A)^1.5·x/A'", Show.number(sideN, 0) + " N"),
                                Worksheet.computed(
                                        "", "life", "(Fr/P)³, P by ISO 281", Show.number(lifeShare * 100, 1) + " %")),
                        List.of(
                                "Axial clearance and ball between grooves of 0.52 and 0.53: Harris and "
                                        + "Kotzalas, Essential Concepts of Bearing Technology. "
                                        + "Contact: Hertz; Brewe and "
                                        + "Hamrock 1977. Life: ISO 281.",
                                "Ball size and number are estimated from the boundary.")),
                List.of(LimitScale.of(
                        "spacer",
                        "Error of the spacer against what the bearings give",
                        "spacer less shoulders, mm",
                        new LimitScale.Range(-end, end),
                        new LimitScale.Range(-axialMm, axialMm),
                        List.of(new LimitScale.Marker(
                                input.errorMm(),
                                Show.fixed(input.errorMm(), 2),
                                sideLoaded() ? Role.OUT : Role.ANSWER)))));
    }
}
