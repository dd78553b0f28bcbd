package unbo.core.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Ratings;
import unbo.core.bearing.Turning;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.life.LifeFactor;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * What is inside a bearing, estimated from its boundary or counted and measured through its open side, and what that
 * carries: basic ratings by ISO 281 and ISO 76, or the catalogue's where they are typed.
 *
 * @param ratings what counts: typed, else worked out
 * @param byRule worked out by ISO 281 and ISO 76 from this inside
 */
public record InsideQuestion(Input input, Ratings ratings, Ratings byRule) {

    private static final double CATALOGUE_BAND = 0.12;

    public record Input(Candidate bearing) {}

    public static final FieldList<Input> LIST = FieldList.of(
            Stream.of(
                            InsideFields.fields(),
                            List.of(
                                    size("boreMm", "Bore").from(FactKey.OUTER_BORE),
                                    size("outsideMm", "Outside").from(FactKey.OUTER_OUTSIDE),
                                    size("widthMm", "Width").from(FactKey.OUTER_WIDTH),
                                    rating("cN", "C from the catalogue"),
                                    rating("c0N", "C0 from the catalogue")))
                    .flatMap(List::stream)
                    .toList(),
            InsideQuestion::rules,
            InsideQuestion::make);

    private static Field size(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 1, 1000)
                .usually(4, 300)
                .hint("of one without a number here");
    }

    private static Field rating(String name, String label) {
        return Field.quantity(name, label, Quantity.FORCE, "N", 50, 3_000_000).usually(1000, 300_000);
    }

    private static final BearingInput BEARING = BearingInput.numbered("designation")
            .sized("boreMm", "outsideMm", "widthMm")
            .kind("kind")
            .counted("elements", "elementMm", "pitchMm")
            .angled("contactDeg")
            .rated("cN", "c0N");

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.has("cN") != v.has("c0N")) {
            problems.add(
                    new Problem(v.has("cN") ? "c0N" : "cN", "A catalogue gives C and C0 together: write both.", false));
        }
        problems.addAll(InsideFields.rules(v, BEARING));
        return problems;
    }

    private static Input make(Values v) {
        return new Input(Candidate.of(BEARING.of(v)));
    }

    public static InsideQuestion of(Input in) {
        return new InsideQuestion(in, in.bearing().ratings(), in.bearing().byRule());
    }

    /** It in print. */
    public Answer answer() {
        BearingGeometry g = input.bearing().geometry();
        List<Finding> findings = new ArrayList<>();
        if (!ratings.estimated() && Math.abs(byRule.cN() / ratings.cN() - 1) > 2 * CATALOGUE_BAND) {
            findings.add(new Finding(
                    "ratings-apart",
                    Level.WATCH,
                    "The catalogue's C is " + Show.number(Math.abs(ratings.cN() / byRule.cN() - 1) * 100, 0) + " % "
                            + (ratings.cN() > byRule.cN() ? "over" : "under")
                            + " what this inside comes to by ISO 281: is it the same bearing?"));
        } else {
            findings.add(new Finding(
                    "inside-known",
                    Level.RIGHT,
                    (g.estimated()
                                    ? "Inside estimated from the boundary: count the elements where it matters. "
                                    : "Counted and measured. ")
                            + (ratings.estimated()
                                    ? "Ratings estimated by ISO 281 and ISO 76; catalogues differ by up to 12 %."
                                    : "Ratings from the catalogue.")));
        }
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "elements",
                                g.elements() + " × " + Show.number(g.elementMm(), 2),
                                "mm",
                                "on a pitch circle of " + Show.number(g.pitchMm(), 2) + " mm"),
                        new Answer.Figure(
                                "C, dynamic",
                                Show.number(ratings.cN() / 1000, 1),
                                "kN",
                                ratings.estimated() ? "estimated" : "catalogue"),
                        new Answer.Figure("C0, static", Show.number(ratings.c0N() / 1000, 1), "kN", ""),
                        new Answer.Figure(
                                "fatigue limit Cu",
                                Show.number(fatigueLimitN() / 1000, 2),
                                "kN",
                                "C0/" + (ratings.rollers() ? "8.2" : "22"))),
                findings,
                List.of(),
                worksheet(),
                List.of(FaceDrawing.of(
                        "inside",
                        g.elements() + " elements of " + Show.number(g.elementMm(), 2) + " mm, face-on to scale",
                        List.of(new FaceDrawing.View(
                                input.bearing(), g.elements() + " × " + Show.number(g.elementMm(), 2) + " mm")),
                        Turning.INNER,
                        null)));
    }

    public BearingGeometry geometry() {
        return input.bearing().geometry();
    }

    /** Cu, N. */
    public double fatigueLimitN() {
        return LifeFactor.fatigueLimitN(ratings.c0N(), ratings.rollers());
    }

    private Worksheet worksheet() {
        BearingGeometry g = input.bearing().geometry();
        boolean ball = input.bearing().ball();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.computed(
                "Dw",
                "element's diameter",
                g.estimated() ? ball ? "0.295·(D − d)" : "0.24·(D − d)" : "measured",
                Show.number(g.elementMm(), 3) + " mm"));
        lines.add(Worksheet.computed(
                "dm", "pitch diameter", g.estimated() ? "(d + D)/2" : "measured", Show.number(g.pitchMm(), 3) + " mm"));
        lines.add(Worksheet.computed(
                "Z",
                "elements",
                g.estimated()
                        ? ball ? "round(0.25 + 209°/(2·asin(Dw/dm)))" : "round(0.9·π·dm/Dw), not touching"
                        : "counted",
                String.valueOf(g.elements())));
        lines.add(Worksheet.computed(
                "γ", "Dw·cos α/dm", "α " + Show.number(g.contactDeg(), 1) + "°", Show.number(g.gamma(), 4)));
        if (!ball) {
            lines.add(Worksheet.computed(
                    "Lwe",
                    "roller's length",
                    "0.65·T, or 1.4·Dw where no width is known",
                    Show.number(requireNonNull(input.bearing().rollerMm()), 2) + " mm"));
        }
        lines.add(Worksheet.judged(
                "C",
                "by ISO 281",
                ball ? "1.3·fc·(cos α)^0.7·Z^(2/3)·Dw^1.8" : "1.1·fc·(Lwe·cos α)^(7/9)·Z^(3/4)·Dwe^(29/27)",
                Show.number(byRule.cN(), 0) + " N",
                ratings.estimated() ? "" : "catalogue " + Show.number(ratings.cN(), 0)));
        lines.add(Worksheet.judged(
                "C0",
                "by ISO 76",
                ball ? "f0·Z·Dw²·cos α" : "44·(1 − γ)·Z·Lwe·Dwe·cos α",
                Show.number(byRule.c0N(), 0) + " N",
                ratings.estimated() ? "" : "catalogue " + Show.number(ratings.c0N(), 0)));
        return new Worksheet(
                "How many elements of what size, and what can it carry?",
                lines,
                List.of("ISO 281 and ISO 76, one row. Sizes from the boundary: usual proportions; real "
                        + "ones differ by an element either way."));
    }
}
