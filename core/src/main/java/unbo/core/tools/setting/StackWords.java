package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.stack.Link;
import unbo.core.stack.Stack;
import unbo.core.worksheet.Worksheet;

/** A stack in print. */
public final class StackWords {

    private StackWords() {}

    public static Answer answer(Stack s) {
        List<Answer.Figure> figures = new ArrayList<>();
        if (s.solvedMm() != null) {
            figures.add(Answer.Figure.fixed("it has to be", s.solvedMm(), 3, "mm", Show.inches(s.solvedMm())));
        } else {
            figures.add(new Answer.Figure(
                    "shims",
                    s.shimsMm() == null ? "none fits" : s.shimsMm().isEmpty() ? "none needed" : pieces(s.shimsMm()),
                    s.shimsMm() == null || s.shimsMm().isEmpty() ? "" : "mm",
                    s.shimsMm() == null ? "" : "together " + Show.fixed(s.shimSumMm(), 3) + " mm"));
        }
        figures.add(Answer.Figure.fixed(
                s.gapMm() < 0 ? "preload before shims" : "gap before shims",
                s.gapMm(),
                3,
                "mm",
                "±" + Show.number(s.worstMm(), 3) + " worst, ±" + Show.number(s.rssMm(), 3) + " likely"));
        if (s.resultMm() != null) {
            figures.add(Answer.Figure.fixed(
                    s.resultMm() < 0 ? "preload left" : "float left", s.resultMm(), 3, "mm", "wanted " + band(s)));
            figures.add(Answer.Figure.fixed(
                    "at " + Show.number(s.input().workingC(), 0) + " °C",
                    requireNonNull(s.hotResultMm()),
                    3,
                    "mm",
                    change(s)));
        }
        return new Answer(
                figures,
                findings(s),
                sentences(s),
                worksheet(s),
                s.resultMm() == null ? List.of(blocks(s)) : List.of(blocks(s), scale(s)));
    }

    private static String change(Stack s) {
        double change = requireNonNull(s.hotResultMm()) - requireNonNull(s.resultMm());
        return (change < 0 ? "closes " : "opens ") + Show.fixed(Math.abs(change), 3) + " mm when hot";
    }

    private static String band(Stack s) {
        return Show.number(s.input().minMm(), 3) + " to "
                + Show.number(s.input().maxMm(), 3) + " mm";
    }

    private static String pieces(List<Double> shims) {
        return shims.stream().map(t -> Show.fixed(t, 2)).collect(Collectors.joining(" + "));
    }

    /** The chosen shims in a line; empty where none is needed or none fits. */
    public static String taken(Stack s) {
        return s.shimsMm() == null || s.shimsMm().isEmpty() ? "" : pieces(s.shimsMm()) + " mm";
    }

    private static List<Finding> findings(Stack s) {
        List<Finding> findings = new ArrayList<>();
        s.questions()
                .forEach(q -> findings.add(new Finding(
                        "slip",
                        Level.WATCH,
                        "“" + q.name() + "” of " + Show.number(q.lengthMm(), 3) + " mm: did you mean "
                                + Show.number(q.suggestedMm(), 3) + " mm? With that the sum makes sense.")));
        if (s.solvedMm() != null) {
            return findings;
        }
        if (s.shimsMm() == null) {
            findings.add(new Finding(
                    "no-shim",
                    Level.SOON,
                    s.buyMm() == null
                            ? "The gap is too small for any shim: a link must be faced by "
                                    + Show.fixed(Math.abs(s.gapMm() - s.input().wantedMm()), 2)
                                    + " mm, or another chosen."
                            : "No set of what is here comes into " + band(s) + ". One of " + Show.fixed(s.buyMm(), 2)
                                    + " mm would."));
        } else if (s.worstInside()) {
            findings.add(new Finding(
                    "stack-right",
                    Level.RIGHT,
                    "Inside " + band(s) + ", the worst case of every measurement counted in."));
        } else {
            findings.add(new Finding(
                    "stack-likely",
                    Level.WATCH,
                    "Inside " + band(s) + " on the mean; with every measurement off the worst way it comes to "
                            + Show.fixed(requireNonNull(s.resultMm()) - s.worstMm(), 3) + " to "
                            + Show.fixed(s.resultMm() + s.worstMm(), 3) + " mm (likely "
                            + Show.fixed(s.resultMm() - s.rssMm(), 3) + " to " + Show.fixed(s.resultMm() + s.rssMm(), 3)
                            + "). Measure finer, or check it assembled."));
        }
        if (s.hotResultMm() != null && requireNonNull(s.resultMm()) < 0 != s.hotResultMm() < 0) {
            findings.add(new Finding(
                    "hot-turns",
                    Level.WATCH,
                    s.resultMm() < 0
                            ? "Hot, the preload is gone: " + Show.fixed(s.hotResultMm(), 3) + " mm of float."
                            : "Hot, the float turns to preload: " + Show.fixed(s.hotResultMm(), 3) + " mm."));
        } else if (s.hotResultMm() != null
                && requireNonNull(s.resultMm()) < 0
                && s.hotResultMm() > s.resultMm() + 0.01) {
            findings.add(new Finding(
                    "hot-loses",
                    Level.WATCH,
                    "Hot, " + Show.fixed(s.hotResultMm() - s.resultMm(), 3) + " mm of the preload is lost."));
        }
        return findings;
    }

    private static List<String> sentences(Stack s) {
        List<String> sentences = new ArrayList<>();
        if (s.shimsMm() != null && s.shimsMm().size() > 1) {
            sentences.add("The fewest pieces that come into the band, and of those the set nearest its "
                    + "middle; the thickest goes outside.");
        }
        sentences.add("Measure every link clean and free of burrs; gaskets count as crushed.");
        return sentences;
    }

    private static Worksheet worksheet(Stack s) {
        List<Worksheet.Line> lines = new ArrayList<>();
        s.input().outer().forEach(l -> lines.add(link("+", l)));
        s.input().inner().forEach(l -> lines.add(link("−", l)));
        lines.add(Worksheet.computed("g", "gap before shims", "outer − inner", Show.fixed(s.gapMm(), 3) + " mm"));
        lines.add(Worksheet.computed(
                "",
                "worst case",
                "sum of all ±",
                Show.fixed(s.gapMm() - s.worstMm(), 3) + " to " + Show.fixed(s.gapMm() + s.worstMm(), 3) + " mm"));
        lines.add(Worksheet.computed(
                "",
                "likely",
                "root of the sum of squares",
                Show.fixed(s.gapMm() - s.rssMm(), 3) + " to " + Show.fixed(s.gapMm() + s.rssMm(), 3) + " mm"));
        lines.add(
                Worksheet.computed("", "gap hot", "each link · (1 + α·(T − 20))", Show.fixed(s.hotGapMm(), 3) + " mm"));
        if (s.shimsMm() != null) {
            lines.add(Worksheet.judged(
                    "",
                    "with shims",
                    "g − " + (s.shimsMm().isEmpty() ? "0" : pieces(s.shimsMm())),
                    Show.fixed(requireNonNull(s.resultMm()), 3) + " mm",
                    band(s)));
        }
        return new Worksheet(
                "What gap is left, and which shims fill it?",
                lines,
                List.of(
                        "Worst case and root-sum-square of independent uncertainties (for instance "
                                + "ISO/IEC Guide 98-3); thermal expansion by material.",
                        "Shims: fewest pieces, then nearest the middle; exact over the whole stock."));
    }

    private static Worksheet.Line link(String sign, Link l) {
        return Worksheet.given(
                sign,
                l.name(),
                Show.number(requireNonNull(l.lengthMm()), 3) + " ±" + Show.number(l.plusMinusMm(), 3) + " mm, "
                        + l.material().label());
    }

    /**
     * Both chains as blocks to scale, one above the other, from one face; the gap between their ends enlarged where it
     * is small.
     */
    private static Drawing blocks(Stack s) {
        double outer = s.input().outer().stream().mapToDouble(Link::lengthMm).sum();
        double inner = s.input().inner().stream().mapToDouble(Link::lengthMm).sum();
        double width = 520;
        double k = width / Math.max(1e-6, Math.max(Math.max(outer, inner), 1e-6));
        List<Shape> shapes = new ArrayList<>();
        row(shapes, s.input().outer(), 0, k, Role.SOLID, "in the case");
        row(shapes, s.input().inner(), 62, k, Role.SOLID_TWIN, "on the shaft");
        shapes.add(Shape.line(Role.MARK, Point.of(0, -22), Point.of(0, 116)));
        double from = Math.min(outer, inner) * k;
        double to = Math.max(outer, inner) * k;
        double y = s.gapMm() >= 0 ? 81 : 19;
        shapes.add(Shape.area(
                s.gapMm() >= 0 ? Role.BAND : Role.OUT,
                Known.MEASURED,
                Point.of(from, y - 19),
                Point.of(Math.max(to, from + 2), y - 19),
                Point.of(Math.max(to, from + 2), y + 19),
                Point.of(from, y + 19)));
        shapes.add(Shape.line(
                Role.THIN,
                Point.of((from + to) / 2, y + (y > 50 ? 19 : -19)),
                Point.of((from + to) / 2, y > 50 ? 112 : -14)));
        shapes.add(new Shape.Label(
                Point.of((from + to) / 2, y > 50 ? 124 : -24),
                (s.gapMm() >= 0 ? "gap " : "preload ") + Show.fixed(Math.abs(s.gapMm()), 3) + " mm",
                from > width * 0.7 ? "end" : "middle",
                15,
                s.gapMm() >= 0 ? Role.ANSWER : Role.OUT));
        return new Drawing(
                "stack",
                "Both chains to scale from one face; " + (s.gapMm() >= 0 ? "gap " : "preload ")
                        + Show.fixed(Math.abs(s.gapMm()), 3) + " mm",
                -100,
                -40,
                width + 150,
                180,
                shapes);
    }

    private static void row(List<Shape> shapes, List<Link> links, double y, double k, Role role, String name) {
        double x = 0;
        shapes.add(new Shape.Label(Point.of(-8, y + 19), name, "end", 13, Role.MARK));
        boolean hatched = true;
        for (Link l : links) {
            double w = requireNonNull(l.lengthMm()) * k;
            shapes.add(Shape.area(
                    hatched ? role : Role.PART,
                    Known.MEASURED,
                    Point.of(x, y),
                    Point.of(x + w, y),
                    Point.of(x + w, y + 38),
                    Point.of(x, y + 38)));
            if (w > 44) {
                shapes.add(Shape.area(
                        Role.PAPER,
                        Known.TABLE,
                        Point.of(x + w / 2 - 21, y + 11),
                        Point.of(x + w / 2 + 21, y + 11),
                        Point.of(x + w / 2 + 21, y + 27),
                        Point.of(x + w / 2 - 21, y + 27)));
                shapes.add(new Shape.Label(
                        Point.of(x + w / 2, y + 19), Show.number(l.lengthMm(), 2), "middle", 12, Role.MARK));
            }
            x += w;
            hatched = !hatched;
        }
    }

    private static Drawing scale(Stack s) {
        double low = Math.min(s.input().minMm(), requireNonNull(s.resultMm()) - s.worstMm());
        double high = Math.max(s.input().maxMm(), s.resultMm() + s.worstMm());
        double margin = Math.max(0.01, (high - low) * 0.15);
        return LimitScale.of(
                "stack-band",
                "What is left against the band wanted",
                "float, mm",
                new LimitScale.Range(low - margin, high + margin),
                new LimitScale.Range(s.input().minMm(), s.input().maxMm()),
                List.of(new LimitScale.Marker(
                        s.resultMm(), Show.fixed(s.resultMm(), 3), s.inside() ? Role.ANSWER : Role.OUT)));
    }
}
