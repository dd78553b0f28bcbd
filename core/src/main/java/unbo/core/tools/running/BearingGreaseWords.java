package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.lubrication.BearingGrease;
import unbo.core.lubrication.BearingGreaseInput;
import unbo.core.lubrication.Grease;
import unbo.core.lubrication.Share;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** Grease for one bearing, in print. */
public final class BearingGreaseWords {

    private BearingGreaseWords() {}

    public static Answer answer(BearingGrease g) {
        if (g.input().sealed()) {
            return sealed(g);
        }
        List<Answer.Figure> figures = new ArrayList<>();
        Share.Range main = g.handPacked() != null && g.input().use().equals("wheel") ? g.handPacked() : g.grams();
        figures.add(new Answer.Figure(
                main == g.grams() ? "fill with" : "pack by hand",
                range(main),
                "g",
                main == g.grams() ? percent(g.share()) : "80–100 % of the free volume"));
        if (g.cavityGrams() != null) {
            figures.add(new Answer.Figure("cavity, a third to a half", range(g.cavityGrams()), "g", ""));
        }
        figures.add(Answer.Figure.number(
                "free volume", g.freeCm3(), 1, "cm³", g.input().massKg() == null ? "estimated" : "from its mass"));
        if (g.hours() != null) {
            figures.add(new Answer.Figure(
                    "grease again after",
                    g.hours() <= 0 ? "needs oil" : Show.number(g.hours(), 0),
                    g.hours() <= 0 ? "" : "h",
                    ""));
        }
        if (g.km() != null) {
            figures.add(
                    Answer.Figure.number("that is", g.km(), 0, "km", g.dueOn() == null ? "" : "due on " + g.dueOn()));
        }
        figures.add(Answer.Figure.number(
                "add then",
                g.replenishGrams(),
                1,
                "g",
                g.strokes() == null
                        ? ""
                        : Show.number(g.strokes(), 1) + " strokes"
                                + (g.strokesAYear() == null
                                        ? ""
                                        : ", " + Show.number(g.strokesAYear(), 1) + " a year")));
        List<Finding> findings = new ArrayList<>();
        if (g.nDm() != null && g.nDm() > 300_000) {
            findings.add(new Finding(
                    "fast",
                    Level.WATCH,
                    "n·dm is " + Show.number(g.nDm(), 0)
                            + ": a full fill would churn and run hot; keep to the share."));
        }
        Double factor = g.input().duty().speedFactor();
        if (g.nDm() != null && factor != null) {
            findings.add(Grease.fast(g.nDm(), factor)
                    .orElseGet(
                            () -> new Finding("in-its-speed", Level.RIGHT, "Inside the grease's own speed factor.")));
        }
        return new Answer(
                figures,
                findings,
                List.of("A hand gun can pass 700 bar at the nozzle: stop when the seal moves, never "
                        + "into a sealed bearing, fingers away. "
                        + "Grease under the skin is a surgical emergency, even if it does not hurt: "
                        + "hospital at once, say “grease injection”."),
                worksheet(g),
                List.of(FillDrawing.of(g)));
    }

    /** Nothing goes into it, and nothing is due. */
    private static Answer sealed(BearingGrease g) {
        return new Answer(
                List.of(new Answer.Figure("add", "nothing", "", "renew on condition")),
                List.of(new Finding(
                        "sealed-for-life",
                        Level.RIGHT,
                        "Sealed or a hub cartridge: nothing is added and no interval runs. It is renewed when it is "
                                + "rough, loose or has lost its grease.")),
                List.of("Never a nozzle at its seal: the seal goes, and grease under the skin is a "
                        + "surgical emergency."),
                new Worksheet(
                        "How many grams, and when again?",
                        List.of(Worksheet.computed(
                                "V", "free volume, filled by its maker", "", Show.number(g.freeCm3(), 1) + " cm³")),
                        List.of("Greased for life by its maker.")),
                List.of());
    }

    private static Worksheet worksheet(BearingGrease g) {
        BearingGreaseInput in = g.input();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given(
                "d, D, B",
                "sizes",
                Show.number(in.boreMm(), 3) + " × " + Show.number(in.outsideMm(), 3) + " × "
                        + Show.number(in.widthMm(), 3) + " mm"));
        lines.add(Worksheet.computed(
                "V",
                "free volume",
                in.massKg() == null
                        ? "π/4·B·(D² − d²)·(1 − " + (in.ball() ? "0.68" : "0.75") + ")"
                        : "π/4·B·(D² − d²) − m/7.8",
                Show.number(g.freeCm3(), 2) + " cm³"));
        lines.add(Worksheet.judged(
                "",
                "share",
                "by use",
                percent(g.share()),
                g.nDm() == null ? "no speed given" : "n·dm = " + Show.number(g.nDm(), 0)));
        lines.add(Worksheet.computed("", "grams", "V · share · 0.90 g/cm³", range(g.grams()) + " g"));
        if (g.hours() != null) {
            lines.add(Worksheet.judged(
                    "tf",
                    "interval",
                    "K·(14·10⁶/(n·√d) − 4·d), halved per started 15 K over 70 °C"
                            + (g.input().factor() < 1
                                    ? ", times " + Show.number(g.input().factor(), 2)
                                    : ""),
                    Show.number(g.hours(), 0) + " h",
                    "at most 30 000 h"));
        }
        lines.add(Worksheet.computed("G", "add", "0.005·D·B", Show.number(g.replenishGrams(), 2) + " g"));
        return new Worksheet(
                "How much grease does this bearing take, and when again?",
                lines,
                List.of(
                        "Relubrication interval: the common textbook formula for rolling bearings, grease at 70 °C.",
                        "Fill shares by use: the product's own table from usual practice."));
    }

    private static String range(Share.Range r) {
        return Show.number(r.least(), 1) + "–" + Show.number(r.most(), 1);
    }

    private static String percent(Share s) {
        return Show.number(s.least() * 100, 0) + "–" + Show.number(s.most() * 100, 0) + " %";
    }
}
