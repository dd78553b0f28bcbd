package unbo.core.arrange;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
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
 * Truing of a built-up crankshaft: runout of both mains by the webs and where each is high, seen from the crankpin,
 * round by round until both are inside the limit. Supports at the outer ends. Both high at the pin: the webs stand too
 * close opposite the pin, wedge there. Both high opposite the pin: squeeze there. High about square to the pin, on
 * opposite sides: twisted at the pin, strike the high web at its rim. With supports by the webs the first two change
 * over.
 *
 * @param move what the last round asks for
 */
public record CrankTruing(Input input, Move move, boolean inside) {

    /** What to do next. */
    public enum Move {
        NONE,
        WEDGE_OPPOSITE_PIN,
        SQUEEZE_OPPOSITE_PIN,
        STRIKE_LEFT,
        STRIKE_RIGHT,
        ONE_SIDE
    }

    /** Runout of one side in one round, mm, and the angle of its high spot from the pin. */
    public record High(double tirMm, double fromPinDeg) {

        double along() {
            return tirMm * Math.cos(Math.toRadians(fromPinDeg));
        }

        double square() {
            return tirMm * Math.sin(Math.toRadians(fromPinDeg));
        }
    }

    public record Input(List<High> left, List<High> right, boolean byTheWebs, double limitMm) {

        public Input {
            left = List.copyOf(left);
            right = List.copyOf(right);
        }
    }

    private static final List<Field.Choice> SUPPORTS = List.of(
            new Field.Choice("ends", "at the outer ends of the mains"), new Field.Choice("webs", "by the webs"));
    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    Field.list("leftTir", "Left main, TIR, each round", Quantity.LENGTH, "mm", 0, 2)
                                    .many(1, 20)
                                    .must(),
                            Field.list("leftAngle", "Left high spot from the pin", Quantity.ANGLE, "°", -360, 360)
                                    .many(1, 20)
                                    .must(),
                    Field.list("rightTir", "Right main, TIR, each round", Quantity.LENGTH, "mm", 0, 2)
                                    .many(1, 20)
                                    .must(),
                            Field.list("rightAngle", "Right high spot from the pin", Quantity.ANGLE, "°", -360, 360)
                                    .many(1, 20)
                                    .must(),
                    Field.choice("supports", "Supports", SUPPORTS).orElse("ends", "they turn the signs over: look"),
                            Field.quantity("limit", "Limit", Quantity.LENGTH, "mm", 0.005, 0.5)
                                    .usually(0.01, 0.1)
                                    .orElse("0.03", "usual; the maker's comes first")),
            CrankTruing::rules,
            CrankTruing::make);

    private static List<Problem> rules(Values v) {
        List<String> names = List.of("leftTir", "leftAngle", "rightTir", "rightAngle");
        int rounds = v.list("leftTir").size();
        List<Problem> problems = new ArrayList<>();
        names.stream()
                .filter(n -> v.list(n).size() != rounds)
                .forEach(n -> problems.add(Problem.impossible(
                        n,
                        v.list(n).size() + " readings here, " + rounds
                                + " of the left main's runout: each round has all four.")));
        return problems;
    }

    private static Input make(Values v) {
        return new Input(highs(v, "left"), highs(v, "right"), v.text("supports").equals("webs"), v.number("limit"));
    }

    private static List<High> highs(Values v, String side) {
        List<High> highs = new ArrayList<>();
        for (int i = 0; i < v.list(side + "Tir").size(); i++) {
            highs.add(
                    new High(v.list(side + "Tir").get(i), v.list(side + "Angle").get(i)));
        }
        return highs;
    }

    public static CrankTruing of(Input in) {
        High left = last(in.left());
        High right = last(in.right());
        boolean inside = left.tirMm() <= in.limitMm() + 1e-9 && right.tirMm() <= in.limitMm() + 1e-9;
        return new CrankTruing(in, inside ? Move.NONE : move(in, left, right), inside);
    }

    private static Move move(Input in, High left, High right) {
        double bend = (left.along() + right.along()) / 2;
        double twist = (left.square() - right.square()) / 2;
        if (Math.abs(bend) < 0.3 * in.limitMm() && Math.abs(twist) < 0.3 * in.limitMm()) {
            return Move.ONE_SIDE;
        }
        if (Math.abs(twist) > Math.abs(bend)) {
            return left.tirMm() >= right.tirMm() ? Move.STRIKE_LEFT : Move.STRIKE_RIGHT;
        }
        boolean atPin = bend > 0 != in.byTheWebs();
        return atPin ? Move.WEDGE_OPPOSITE_PIN : Move.SQUEEZE_OPPOSITE_PIN;
    }

    private static High last(List<High> highs) {
        return highs.get(highs.size() - 1);
    }

    /** The larger runout of the last round, mm. */
    public double largestMm() {
        return Math.max(last(input.left()).tirMm(), last(input.right()).tirMm());
    }

    private String words() {
        return switch (move) {
            case NONE -> "true";
            case WEDGE_OPPOSITE_PIN -> "wedge the webs apart opposite the pin";
            case SQUEEZE_OPPOSITE_PIN -> "squeeze the webs together opposite the pin";
            case STRIKE_LEFT -> "strike the left web at its high rim, hold the other";
            case STRIKE_RIGHT -> "strike the right web at its high rim, hold the other";
            case ONE_SIDE -> "one main is bent by itself: check that side on its own";
        };
    }

    /** It in print. */
    public Answer answer() {
        High left = last(input.left());
        High right = last(input.right());
        List<Finding> findings = List.of(
                inside
                        ? new Finding(
                                "crank-true",
                                Level.RIGHT,
                                "Both mains run within " + Show.number(input.limitMm(), 3) + " mm after "
                                        + input.left().size() + (input.left().size() == 1 ? " round." : " rounds."))
                        : new Finding(
                                "crank-move",
                                Level.SOON,
                                "Next: " + words() + ". A little at a time, then measure again."));
        List<Worksheet.Line> lines = new ArrayList<>();
        for (int i = 0; i < input.left().size(); i++) {
            lines.add(Worksheet.judged(
                    "",
                    "round " + (i + 1),
                    "left at angle, right at angle",
                    row(input.left().get(i)) + "; " + row(input.right().get(i)),
                    "≤ " + Show.number(input.limitMm(), 3) + " mm"));
        }
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "next move",
                                words(),
                                "",
                                "round " + input.left().size()),
                        new Answer.Figure(
                                "left main",
                                Show.fixed(left.tirMm(), 3),
                                "mm",
                                "high " + Show.number(norm(left.fromPinDeg()), 0) + "° from the pin"),
                        new Answer.Figure(
                                "right main",
                                Show.fixed(right.tirMm(), 3),
                                "mm",
                                "high " + Show.number(norm(right.fromPinDeg()), 0) + "° from the pin")),
                findings,
                List.of("Indicators on the mains by the webs, both read at once; angles counted the "
                        + "same way round on both sides."),
                new Worksheet(
                        "Which way is the crank bent?",
                        lines,
                        List.of("Vectors of runout seen from the pin; supports "
                                + (input.byTheWebs() ? "by the webs: bend changes over." : "at the outer ends."))),
                List.of(drawing()),
                List.of(new Step(
                        "strike",
                        "Strike or wedge, turn it once by hand, read both again.",
                        "Chips and a jumping crank: eye protection, hold it in its fixture, copper or "
                                + "lead hammer on the web, never on a main.")));
    }

    private static String row(High h) {
        return Show.fixed(h.tirMm(), 3) + " mm at " + Show.number(norm(h.fromPinDeg()), 0) + "°";
    }

    private static double norm(double degrees) {
        return ((degrees % 360) + 360) % 360;
    }

    /** Both webs seen along the shaft, pin up; every round's vector, the last one thick, the limit as a circle. */
    private Drawing drawing() {
        double most = Math.max(
                input.limitMm(),
                java.util.stream.Stream.concat(input.left().stream(), input.right().stream())
                        .mapToDouble(High::tirMm)
                        .max()
                        .orElse(1));
        double k = 70 / most;
        List<Shape> shapes = new ArrayList<>();
        web(shapes, input.left(), 0, "left", k);
        web(shapes, input.right(), 230, "right", k);
        return new Drawing(
                "crank",
                "Both webs seen from outside, pin up, with the runout vectors of every round",
                -115,
                -115,
                460,
                225,
                shapes);
    }

    private void web(List<Shape> shapes, List<High> highs, double x, String name, double k) {
        shapes.add(new Shape.Circle(Point.of(x, 0), 92, Role.PART, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(x, -64), 15, Role.SOLID, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(x, 0), Math.max(3, input.limitMm() * k), Role.BAND, Known.TABLE));
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
