package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.arrange.CrankTruing;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** Truing a crankshaft, in print. */
public final class CrankTruingWords {

    private CrankTruingWords() {}

    private static String words(CrankTruing crank) {
        return switch (crank.move()) {
            case NONE -> "true";
            case WEDGE_OPPOSITE_PIN -> "wedge the webs apart opposite the pin";
            case SQUEEZE_OPPOSITE_PIN -> "squeeze the webs together opposite the pin";
            case STRIKE_LEFT -> "strike the left web at its high rim, hold the other";
            case STRIKE_RIGHT -> "strike the right web at its high rim, hold the other";
            case ONE_SIDE -> "one main is bent by itself: check that side on its own";
        };
    }

    public static Answer answer(CrankTruing crank) {
        CrankTruing.High left = CrankTruing.last(crank.input().left());
        CrankTruing.High right = CrankTruing.last(crank.input().right());
        List<Finding> findings = List.of(
                crank.inside()
                        ? new Finding(
                                "crank-true",
                                Level.RIGHT,
                                "Both mains run within "
                                        + Show.number(crank.input().limitMm(), 3) + " mm after "
                                        + crank.input().left().size()
                                        + (crank.input().left().size() == 1 ? " round." : " rounds."))
                        : crank.mayRun()
                                ? watched(crank)
                                : new Finding(
                                        "crank-move",
                                        Level.SOON,
                                        "Next: " + words(crank) + ". A little at a time, then measure again."));
        List<Worksheet.Line> lines = new ArrayList<>();
        for (int i = 0; i < crank.input().left().size(); i++) {
            lines.add(Worksheet.judged(
                    "",
                    "round " + (i + 1),
                    "left at angle, right at angle",
                    row(crank.input().left().get(i)) + "; "
                            + row(crank.input().right().get(i)),
                    "≤ " + Show.number(crank.input().limitMm(), 3) + " mm"));
        }
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "next move",
                                words(crank),
                                "",
                                "round " + crank.input().left().size()),
                        Answer.Figure.fixed(
                                "left main",
                                left.tirMm(),
                                3,
                                "mm",
                                "high " + Show.number(norm(left.fromPinDeg()), 0) + "° from the pin"),
                        Answer.Figure.fixed(
                                "right main",
                                right.tirMm(),
                                3,
                                "mm",
                                "high " + Show.number(norm(right.fromPinDeg()), 0) + "° from the pin")),
                findings,
                List.of("Indicators on the mains by the webs, both read at once; angles counted the "
                        + "same way round on both sides."),
                new Worksheet(
                        "Which way is the crank bent?",
                        lines,
                        List.of("Vectors of runout seen from the pin; supports "
                                + (crank.input().byTheWebs()
                                        ? "by the webs: bend changes over."
                                        : "at the outer ends."))),
                List.of(drawing(crank)),
                List.of(new Step(
                        "strike",
                        "Strike or wedge, turn it once by hand, read both again.",
                        "Chips and a jumping crank: eye protection, hold it in its fixture, copper or "
                                + "lead hammer on the web, never on a main.")));
    }

    private static Finding watched(CrankTruing crank) {
        return new Finding(
                "crank-watch",
                Level.WATCH,
                "It runs out " + Show.fixed(crank.largestMm(), 3) + " mm: under "
                        + Show.number(crank.input().workMm(), 3) + " mm it may run, watched. Truing would end at "
                        + Show.number(crank.input().limitMm(), 3) + " mm; next it would be: " + words(crank) + ".");
    }

    private static String row(CrankTruing.High h) {
        return Show.fixed(h.tirMm(), 3) + " mm at " + Show.number(norm(h.fromPinDeg()), 0) + "°";
    }

    private static double norm(double degrees) {
        return ((degrees % 360) + 360) % 360;
    }

    /** Both webs seen along the shaft, pin up; every round's vector, the last one thick, the limit as a circle. */
    private static Drawing drawing(CrankTruing crank) {
        double most = Math.max(
                crank.input().limitMm(),
                java.util.stream.Stream.concat(crank.input().left().stream(), crank.input().right().stream())
                        .mapToDouble(CrankTruing.High::tirMm)
                        .max()
                        .orElse(1));
        double k = 70 / most;
        List<Shape> shapes = new ArrayList<>();
        web(crank, shapes, crank.input().left(), 0, "left", k);
        web(crank, shapes, crank.input().right(), 230, "right", k);
        return new Drawing(
                "crank",
                "Both webs seen from outside, pin up, with the runout vectors of every round",
                -115,
                -115,
                460,
                225,
                shapes);
    }

    private static void web(
            CrankTruing crank, List<Shape> shapes, List<CrankTruing.High> highs, double x, String name, double k) {
        shapes.add(new Shape.Circle(Point.of(x, 0), 92, Role.PART, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(x, -64), 15, Role.SOLID, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(x, 0), Math.max(3, crank.input().limitMm() * k), Role.BAND, Known.TABLE));
        for (int i = 0; i < highs.size(); i++) {
            double a = Math.toRadians(highs.get(i).fromPinDeg());
            double r = highs.get(i).tirMm() * k;
            boolean newest = i == highs.size() - 1;
            shapes.add(Shape.line(
                    newest ? Role.ANSWER : Role.THIN, Point.of(x, 0), Point.of(x + r * Math.sin(a), -r * Math.cos(a))));
            shapes.add(new Shape.Circle(
                    Point.of(x + r * Math.sin(a), -r * Math.cos(a)),
                    newest ? 4 : 2.5,
                    newest ? Role.ANSWER : Role.MARK,
                    Known.MEASURED));
        }
        shapes.add(new Shape.Label(Point.of(x, 104), name, "middle", 13, Role.MARK));
    }
}
