package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.life.ShaftLife;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** Life of a shaft in two bearings, in print. */
public final class ShaftWords {

    private static final double SHORT_H = 2000;

    private ShaftWords() {}

    public static Answer answer(ShaftLife s) {
        List<Finding> findings = new ArrayList<>();
        if (ShaftLife.dilution(s.input().waterPpm()) < 1) {
            findings.add(new Finding(
                    "water",
                    Level.SOON,
                    "Water leaves "
                            + Show.number(ShaftLife.dilution(s.input().waterPpm()) * 100, 0)
                            + " % of the life: change the oil, find where it comes in. In grease there is no "
                            + "such law: milky is washed out and packed anew."));
        }
        Finding finding = s.systemHours() < SHORT_H
                ? new Finding(
                        "shaft-short",
                        Level.WATCH,
                        "Under " + Show.number(SHORT_H, 0) + " hours: a short life for a shaft that runs daily.")
                : new Finding(
                        "shaft-life",
                        Level.RIGHT,
                        "Nine of ten pairs reach " + WheelWords.life(s.systemHours()) + " hours.");
        findings.add(finding);
        return new Answer(
                        List.of(
                                new Answer.Figure(
                                                "life of the pair",
                                                WheelWords.life(s.systemHours()),
                                                "h",
                                                "at " + Show.number(s.input().rpm(), 0) + " rpm")
                                        .of(s.systemHours()),
                                figure("left", s.left()),
                                figure("right", s.right())),
                        findings,
                        WheelWords.cautions(s.left().bearing(), s.right().bearing()),
                        worksheet(s),
                        List.of(drawing(s)))
                .with(chart(s));
    }

    private static Answer.Figure figure(String name, ShaftLife.Side side) {
        return new Answer.Figure(
                        name + " bearing",
                        WheelWords.life(side.hours()),
                        "h",
                        Show.number(side.radialN(), 0) + " N radial, " + Show.number(side.axialN(), 0) + " N axial")
                .of(side.hours());
    }

    private static Worksheet worksheet(ShaftLife s) {
        List<Worksheet.Line> lines = new ArrayList<>();
        for (ShaftLife.Load l : s.input().loads()) {
            lines.add(Worksheet.given(
                    "F",
                    "at " + Show.number(l.atMm(), 1) + " mm",
                    Show.number(l.verticalN(), 0) + " up, " + Show.number(l.horizontalN(), 0) + " away, "
                            + Show.number(l.axialN(), 0) + " N right"));
        }
        for (ShaftLife.Side side : List.of(s.left(), s.right())) {
            String name = side == s.left() ? "left " : "right ";
            lines.add(Worksheet.computed(
                    "Fr",
                    name + side.bearing().name(),
                    "equilibrium in both planes",
                    Show.number(side.verticalN(), 0) + " up, " + Show.number(side.horizontalN(), 0) + " away: "
                            + Show.number(side.radialN(), 0) + " N"));
            lines.add(Worksheet.computed(
                    "Fa", name + "side force", "located, or induced 0.5·Fr/Y", Show.number(side.axialN(), 0) + " N"));
            lines.add(Worksheet.computed(
                    "P",
                    name + "counts as",
                    "ISO 281",
                    Show.number(side.equivalentN(), 0) + " N of C "
                            + Show.number(side.bearing().cN(), 0)));
            lines.add(Worksheet.computed(
                    "L10h, a",
                    name + "life",
                    "(C/P)^p·10⁶/(60·n)",
                    Show.number(side.basicHours(), 0) + " h, " + Show.number(side.factor(), 3)));
        }
        lines.add(Worksheet.computed("", "pair", "(Ll^−m + Lr^−m)^(−1/m)", Show.number(s.systemHours(), 0) + " h"));
        return new Worksheet(
                "What do the loads ask of both bearings?",
                lines,
                List.of("Equilibrium of a rigid shaft; ISO 281:2007 (equivalent load, a_ISO); ISO 76."));
    }

    private static Chart chart(ShaftLife s) {
        List<Chart.Line> lines = List.of(
                new Chart.Line("pair", t -> life(s, t).systemHours() / 1000),
                new Chart.Line("left", t -> life(s, t).left().hours() / 1000),
                new Chart.Line("right", t -> life(s, t).right().hours() / 1000));
        Chart.Axis x = new Chart.Axis("loads, times", 0.5, 3, false);
        double now = s.systemHours() / 1000;
        return new Chart(
                "shaft-life-over-load",
                "Life over all loads, times",
                x,
                Chart.decades("1000 h", x, lines, 0.001, 1e6),
                lines,
                List.of(new Chart.Spot(1, now, Show.number(now, now < 10 ? 1 : 0) + " now")),
                List.of());
    }

    private static ShaftLife life(ShaftLife s, double times) {
        return ShaftLife.of(s.input().times(times));
    }

    /**
     * The shaft from the side, and where there are forces away from you from above; along it to scale, forces to one
     * scale.
     */
    private static Drawing drawing(ShaftLife s) {
        double first = Math.min(
                0,
                s.input().loads().stream()
                        .mapToDouble(ShaftLife.Load::atMm)
                        .min()
                        .orElse(0));
        double last = Math.max(
                s.input().spreadMm(),
                s.input().loads().stream()
                        .mapToDouble(ShaftLife.Load::atMm)
                        .max()
                        .orElse(0));
        double k = 320 / (last - first);
        boolean above = s.input().loads().stream().anyMatch(l -> l.horizontalN() != 0);
        double most = Math.max(
                Math.max(Math.abs(s.left().verticalN()), Math.abs(s.right().verticalN())),
                Math.max(Math.abs(s.left().horizontalN()), Math.abs(s.right().horizontalN())));
        for (ShaftLife.Load l : s.input().loads()) {
            most = Math.max(most, Math.max(Math.abs(l.verticalN()), Math.abs(l.horizontalN())));
        }
        double unit = 60 / Math.max(1, most);
        List<Shape> shapes = new ArrayList<>();
        Scale scale = new Scale(first, k, unit);
        view(shapes, s, scale, 0, true);
        if (above) {
            view(shapes, s, scale, 160, false);
        }
        return new Drawing(
                "shaft-forces",
                "Forces on the shaft to scale: left bearing "
                        + Show.number(s.left().radialN(), 0) + " N, right bearing "
                        + Show.number(s.right().radialN(), 0) + " N",
                -140,
                -100,
                570,
                above ? 312 : 152,
                shapes);
    }

    private static void view(List<Shape> shapes, ShaftLife s, Scale scale, double y, boolean side) {
        String name = side ? "from the side" : "from above";
        double first = scale.first();
        double k = scale.perMm();
        double unit = scale.perNewton();
        double end = 320;
        shapes.add(Shape.area(
                Role.PART,
                Known.ESTIMATED,
                Point.of(-14, y - 7),
                Point.of(end + 14, y - 7),
                Point.of(end + 14, y + 7),
                Point.of(-14, y + 7)));
        shapes.add(Shape.line(Role.CENTRE, Point.of(-34, y), Point.of(end + 34, y)));
        shapes.add(new Shape.Label(Point.of(-40, y), name, "end", 13, Role.MARK));
        bearing(shapes, -first * k, y, "left " + s.left().bearing().name());
        bearing(
                shapes,
                (s.input().spreadMm() - first) * k,
                y,
                "right " + s.right().bearing().name());
        arrow(shapes, -first * k, y, side ? s.left().verticalN() : s.left().horizontalN(), unit, Role.ANSWER);
        arrow(
                shapes,
                (s.input().spreadMm() - first) * k,
                y,
                side ? s.right().verticalN() : s.right().horizontalN(),
                unit,
                Role.ANSWER);
        for (ShaftLife.Load l : s.input().loads()) {
            arrow(shapes, (l.atMm() - first) * k, y, side ? l.verticalN() : l.horizontalN(), unit, Role.MARK);
        }
    }

    private static void bearing(List<Shape> shapes, double x, double y, String name) {
        for (int up : new int[] {1, -1}) {
            shapes.add(Shape.area(
                    Role.SOLID_TWIN,
                    Known.TABLE,
                    Point.of(x - 8, y + up * 7),
                    Point.of(x + 8, y + up * 7),
                    Point.of(x + 8, y + up * 21),
                    Point.of(x - 8, y + up * 21)));
        }
        shapes.add(new Shape.Label(Point.of(x, y + 34), name, "middle", 12, Role.MARK));
    }

    /** A force on the shaft; up or away from you where positive. */
    private static void arrow(List<Shape> shapes, double x, double y, double newton, double unit, Role role) {
        if (Math.abs(newton) < 0.5) {
            return;
        }
        double way = newton > 0 ? -1 : 1;
        double length = Math.max(10, Math.abs(newton) * unit);
        double tail = newton > 0 ? y - 8 : y - 8 - length;
        double tip = tail + way * length;
        if (newton < 0) {
            tip = y - 8;
        }
        shapes.add(Shape.line(role, Point.of(x, tail), Point.of(x, tip)));
        shapes.add(Shape.area(
                role,
                Known.MEASURED,
                Point.of(x, tip),
                Point.of(x - 4.5, tip - way * 11),
                Point.of(x + 4.5, tip - way * 11)));
        shapes.add(new Shape.Label(
                Point.of(x, y - 8 - length - 9), Show.number(Math.abs(newton), 0) + " N", "middle", 13, role));
    }

    /** What a millimetre of the shaft and a newton are in the drawing, and where it begins. */
    private record Scale(double first, double perMm, double perNewton) {}
}
