package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.arrange.Arrangement;
import unbo.core.bearing.BearingKind;
import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.Interchange;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A shaft in two bearings, in print. */
public final class ArrangementWords {

    private ArrangementWords() {}

    public static Answer answer(Arrangement shaft) {
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        if (!shaft.input().note().isEmpty()) {
            sentences.add(shaft.input().note());
        }
        if (shaft.floating()) {
            findings.add(new Finding(
                    "floats",
                    Level.STOP,
                    "Nothing holds the shaft from going "
                            + (shaft.toLeft() == 0 && shaft.toRight() == 0
                                    ? "either way"
                                    : shaft.toLeft() == 0 ? "left" : "right")
                            + ": one end must locate it."));
        } else if (shaft.twice() && shaft.input().code().equals("spacer-hub")) {
            findings.add(new Finding(
                    "on-a-spacer",
                    Level.WATCH,
                    "Two fixed on a spacer: the spacer's length against the shoulders decides "
                            + "whether closing it side-loads them. Measure both."));
        } else if (shaft.twice()) {
            findings.add(new Finding(
                    "located-twice",
                    Level.SOON,
                    "Both bearings hold the shaft both ways: pulling the case together side-loads "
                            + "them, and nothing lets it grow ("
                            + Show.fixed(Math.abs(shaft.growsMm()), 3) + " mm when "
                            + Show.number(shaft.input().warmerK(), 0)
                            + " K warmer)."));
            List<String> rollers =
                    Interchange.of(shaft.input().right().bearing(), Decoder.SHIPPED).candidates().stream()
                            .filter(c -> c.kind() == BearingKind.CYLINDRICAL_ROLLER
                                    && c.designation().matches("NU?\\d+.*"))
                            .map(Interchange.Candidate::designation)
                            .toList();
            sentences.add("Ways out: let one outer ring slide (H7, no clip), put a cylindrical roller of "
                    + "the same size at one end"
                    + (rollers.isEmpty()
                            ? ""
                            : " (" + String.join(" or ", rollers) + " in place of "
                                    + shaft.input().right().bearing().designation() + ")")
                    + ", or use C3 and tap the shaft across after closing until it turns freely.");
        } else if (shaft.adjusted()) {
            findings.add(new Finding(
                    "adjusted", Level.RIGHT, "An adjusted pair: each holds one way, the play between them is set."));
            if (Math.abs(shaft.growsMm()) > 0.03) {
                findings.add(new Finding(
                        "adjusted-grows",
                        Level.WATCH,
                        "Warm, the case grows " + Show.fixed(Math.abs(shaft.growsMm()), 3) + " mm "
                                + (shaft.growsMm() > 0 ? "more than the shaft" : "less than the shaft")
                                + ": count it into the setting."));
            }
        } else {
            findings.add(new Finding(
                    "located-once",
                    Level.RIGHT,
                    "Located once each way, and free to grow by " + Show.fixed(Math.abs(shaft.growsMm()), 3)
                            + " mm at the other end."));
        }
        for (Arrangement.End end : List.of(shaft.input().left(), shaft.input().right())) {
            if (end.bearing().kind() == BearingKind.DEEP_GROOVE_BALL
                    && end.innerTight()
                    && end.outerTight()
                    && !shaft.twice()) {
                sentences.add(
                        end.bearing().designation() + ": both rings tight takes its clearance: see Fit, C3 as a rule.");
            }
        }
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "shaft is located",
                                shaft.floating() ? "not" : shaft.twice() ? "twice" : "once each way",
                                "",
                                shaft.input().code().equals("built")
                                        ? shaft.adjusted() ? "adjusted pair" : ""
                                        : shaft.input().label()),
                        Answer.Figure.fixed(
                                "grows when warm",
                                Math.abs(shaft.growsMm()),
                                3,
                                "mm",
                                shaft.growsMm() >= 0 ? "case more than shaft" : "shaft more than case")),
                findings,
                sentences,
                new Worksheet(
                        "Is the shaft located once each way?",
                        List.of(
                                Worksheet.judged("", "held from going left", "by", by(shaft, false), "one"),
                                Worksheet.judged("", "held from going right", "by", by(shaft, true), "one"),
                                Worksheet.computed(
                                        "Δ",
                                        "growth",
                                        "(αcase − αshaft)·L·ΔT",
                                        Show.fixed(shaft.growsMm(), 3) + " mm")),
                        List.of("Locating and floating bearings as in textbooks of machine elements; free "
                                + "thermal expansion.")),
                List.of(drawing(shaft)));
    }

    private static String by(Arrangement shaft, boolean right) {
        List<String> names = new ArrayList<>();
        if (shaft.input().washers()) {
            names.add("thrust washers");
        }
        if (shaft.input().left().holds(right)) {
            names.add("left " + shaft.input().left().bearing().designation());
        }
        if (shaft.input().right().holds(right)) {
            names.add("right " + shaft.input().right().bearing().designation());
        }
        return names.isEmpty() ? "nothing" : String.join(" and ", names);
    }

    private static Drawing drawing(Arrangement shaft) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(box(Role.PART, -190, 190, 0, 26));
        side(shapes, shaft.input().left(), -120);
        side(shapes, shaft.input().right(), 120);
        shapes.add(box(Role.SOLID, -160, 160, 92, 122));
        shapes.add(Shape.line(Role.CENTRE, Point.of(-205, 0), Point.of(205, 0)));
        arrow(shapes, -30, -1, shaft.toLeft());
        arrow(shapes, 30, 1, shaft.toRight());
        return new Drawing(
                "arrangement",
                "Both bearings in half section, scheme; arrows: how often the shaft is held each way",
                -215,
                -140,
                430,
                180,
                shapes);
    }

    private static Shape box(Role role, double left, double right, double low, double high) {
        return Shape.area(
                role,
                Known.TABLE,
                Point.of(left, -low),
                Point.of(right, -low),
                Point.of(right, -high),
                Point.of(left, -high));
    }

    private static void side(List<Shape> shapes, Arrangement.End e, double x) {
        shapes.add(box(Role.SOLID_TWIN, x - 22, x + 22, 26, 46));
        shapes.add(box(Role.SOLID_TWIN, x - 22, x + 22, 72, 92));
        boolean roller = e.bearing().kind().roller();
        boolean taper = e.bearing().kind().taper();
        double large = e.opens().equals("right") ? -14 : 14;
        shapes.add(
                taper
                        ? Shape.area(
                                Role.PART,
                                Known.TABLE,
                                Point.of(x + large, -50),
                                Point.of(x - large, -48),
                                Point.of(x - large, -64),
                                Point.of(x + large, -74))
                        : roller
                                ? box(Role.PART, x - 14, x + 14, 46, 72)
                                : new Shape.Circle(Point.of(x, -59), 16, Role.PART, Known.TABLE));
        stops(shapes, e.inner(), x, 26, 36);
        stops(shapes, e.outer(), x, 82, 92);
        if (e.innerTight()) {
            shapes.add(Shape.line(Role.ANSWER, Point.of(x - 22, -26), Point.of(x + 22, -26)));
        }
        if (e.outerTight()) {
            shapes.add(Shape.line(Role.ANSWER, Point.of(x - 22, -92), Point.of(x + 22, -92)));
        }
        shapes.add(new Shape.Label(Point.of(x, 16), e.bearing().designation(), "middle", 13, Role.MARK));
    }

    private static void stops(List<Shape> shapes, Arrangement.Stop stop, double x, double low, double high) {
        if (stop == Arrangement.Stop.BOTH || stop == Arrangement.Stop.LEFT) {
            shapes.add(box(Role.PART, x - 30, x - 23, low, high));
        }
        if (stop == Arrangement.Stop.BOTH || stop == Arrangement.Stop.RIGHT) {
            shapes.add(box(Role.PART, x + 23, x + 30, low, high));
        }
    }

    private static void arrow(List<Shape> shapes, double x, int way, int held) {
        Role role = held == 1 ? Role.ANSWER : Role.OUT;
        shapes.add(Shape.line(role, Point.of(x - way * 16, -13), Point.of(x + way * 16, -13)));
        shapes.add(Shape.area(
                role,
                Known.MEASURED,
                Point.of(x + way * 26, -13),
                Point.of(x + way * 14, -19),
                Point.of(x + way * 14, -7)));
        shapes.add(new Shape.Label(
                Point.of(x, 16),
                "held " + (held == 0 ? "by none" : held == 1 ? "once" : "twice"),
                way < 0 ? "end" : "start",
                12,
                held == 1 ? Role.ANSWER : Role.OUT));
    }
}
