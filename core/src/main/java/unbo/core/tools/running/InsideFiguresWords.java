package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Inside;
import unbo.core.bearing.Turning;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.running.InsideFigures;
import unbo.core.worksheet.Worksheet;

/** What is inside, in print. */
public final class InsideFiguresWords {

    private InsideFiguresWords() {}

    public static Answer answer(InsideFigures inside) {
        BearingGeometry g = inside.input().bearing().geometry();
        double band = inside.input().bearing().inside().bandPercent();
        List<Finding> findings = new ArrayList<>();
        if (!inside.ratings().estimated()
                && Math.abs(inside.byRule().cN() / inside.ratings().cN() - 1) > 2 * band / 100) {
            findings.add(new Finding(
                    "ratings-apart",
                    Level.WATCH,
                    "The catalogue's C is "
                            + Show.number(
                                    Math.abs(inside.ratings().cN()
                                                            / inside.byRule().cN()
                                                    - 1)
                                            * 100,
                                    0) + " % "
                            + (inside.ratings().cN() > inside.byRule().cN() ? "over" : "under")
                            + " what this inside comes to by ISO 281: is it the same bearing?"));
        } else {
            findings.add(new Finding(
                    "inside-known",
                    Level.RIGHT,
                    (g.estimated()
                                    ? "Inside estimated from the boundary: count the elements where it matters. "
                                    : "Counted and measured. ")
                            + (inside.ratings().estimated()
                                    ? "Ratings estimated by ISO 281 and ISO 76; catalogues differ by up to "
                                            + Show.number(band, 0) + " %" + heldTo(inside) + "."
                                    : "Ratings from the catalogue.")));
        }
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "elements",
                                g.elements() + " × " + Show.number(g.elementMm(), 2),
                                "mm",
                                (inside.input().bearing().kind().rows() > 1 ? "in each row, " : "")
                                        + "on a pitch circle of " + Show.number(g.pitchMm(), 2) + " mm"),
                        Answer.Figure.number(
                                "C, dynamic",
                                inside.ratings().cN() / 1000,
                                1,
                                "kN",
                                inside.ratings().estimated() ? "estimated" : "catalogue"),
                        Answer.Figure.number("C0, static", inside.ratings().c0N() / 1000, 1, "kN", ""),
                        Answer.Figure.number(
                                "fatigue limit Cu",
                                inside.fatigueLimitN() / 1000,
                                2,
                                "kN",
                                "C0/" + (inside.ratings().rollers() ? "8.2" : "22"))),
                findings,
                List.of(),
                worksheet(inside),
                List.of(FaceDrawing.of(
                        "inside",
                        g.elements() + " elements of " + Show.number(g.elementMm(), 2) + " mm, face-on to scale",
                        List.of(new FaceDrawing.View(
                                inside.input().bearing(),
                                g.elements() + " × " + Show.number(g.elementMm(), 2) + " mm")),
                        Turning.INNER,
                        null)));
    }

    private static String heldTo(InsideFigures inside) {
        return Inside.proportions(inside.input().bearing().kind())
                .map(p -> p.heldTo().equals("no figures")
                        ? ", a guess: no catalogue figure holds it"
                        : ", held to " + p.heldTo())
                .orElse("");
    }

    private static Worksheet worksheet(InsideFigures inside) {
        BearingGeometry g = inside.input().bearing().geometry();
        boolean ball = inside.input().bearing().ball();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.computed(
                "Dw",
                "element's diameter",
                g.estimated() ? "a share of (D − d), by its kind" : "measured",
                Show.number(g.elementMm(), 3) + " mm"));
        lines.add(Worksheet.computed(
                "dm", "pitch diameter", g.estimated() ? "(d + D)/2" : "measured", Show.number(g.pitchMm(), 3) + " mm"));
        lines.add(Worksheet.computed(
                "Z",
                "elements",
                g.estimated() ? "as many as its kind lets in, of one row" : "counted",
                String.valueOf(g.elements())));
        lines.add(Worksheet.computed(
                "γ", "Dw·cos α/dm", "α " + Show.number(g.contactDeg(), 1) + "°", Show.number(g.gamma(), 4)));
        if (!ball) {
            lines.add(Worksheet.computed(
                    "Lwe",
                    "roller's length",
                    "a share of its width, or 1.4·Dw where no width is known",
                    Show.number(requireNonNull(inside.input().bearing().rollerMm()), 2) + " mm"));
        }
        lines.add(Worksheet.judged(
                "C",
                "by ISO 281",
                ball ? "1.3·fc·(cos α)^0.7·Z^(2/3)·Dw^1.8" : "1.1·fc·(Lwe·cos α)^(7/9)·Z^(3/4)·Dwe^(29/27)",
                Show.number(inside.byRule().cN(), 0) + " N",
                inside.ratings().estimated()
                        ? ""
                        : "catalogue " + Show.number(inside.ratings().cN(), 0)));
        lines.add(Worksheet.judged(
                "C0",
                "by ISO 76",
                ball ? "f0·Z·Dw²·cos α" : "44·(1 − γ)·Z·Lwe·Dwe·cos α",
                Show.number(inside.byRule().c0N(), 0) + " N",
                inside.ratings().estimated()
                        ? ""
                        : "catalogue " + Show.number(inside.ratings().c0N(), 0)));
        return new Worksheet(
                "How many elements of what size, and what can it carry?",
                lines,
                List.of("ISO 281 and ISO 76, all rows. Sizes from the boundary: usual proportions; real "
                        + "ones differ by an element either way."));
    }
}
