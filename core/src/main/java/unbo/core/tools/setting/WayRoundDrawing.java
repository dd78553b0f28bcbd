package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.fit.FitInput;
import unbo.core.mount.Mounting;

/**
 * Which way round a bearing goes in: half section against its shoulder, bore, outside and width to scale; where it is
 * pressed, which side is stamped, sealed or carries the encoder. What is inside follows by usual proportions.
 */
final class WayRoundDrawing {

    private static final double TALL = 150;
    private static final double MOST_WIDTH = 150;
    private static final double RING = 0.21;

    private final Mounting mounting;
    private final double bore;
    private final double outside;
    private final double half;
    private final double ring;
    private final List<Shape> shapes = new ArrayList<>();

    private WayRoundDrawing(Mounting mounting) {
        this.mounting = mounting;
        FitInput f = mounting.input().fit();
        double scale = Math.min(TALL / (f.outsideMm() / 2), MOST_WIDTH / f.widthMm());
        this.bore = f.boreMm() / 2 * scale;
        this.outside = f.outsideMm() / 2 * scale;
        this.half = f.widthMm() / 2 * scale;
        this.ring = RING * (outside - bore);
    }

    static Drawing of(Mounting mounting) {
        return new WayRoundDrawing(mounting).drawing();
    }

    private Drawing drawing() {
        Bearing d = mounting.input().bearing();
        boolean inner = mounting.input().fit().inner();
        seat(inner);
        box(Role.SOLID_TWIN, -half, half, bore, bore + ring);
        box(Role.SOLID_TWIN, -half, half, outside - ring, outside);
        element(d);
        seals(d);
        if (d.kind() == BearingKind.HUB_CARTRIDGE) {
            box(Role.ANSWER, half - 4, half, bore + ring, outside - ring);
        }
        shapes.add(Shape.line(Role.CENTRE, Point.of(-half - 80, 0), Point.of(half + 90, 0)));
        push(inner ? bore + ring / 2 : outside - ring / 2);
        if (mounting.input().bothTight()) {
            push(inner ? outside - ring / 2 : bore + ring / 2);
        }
        shapes.add(new Shape.Label(Point.of(-half - 26, -outside - 24), "against its shoulder", "end", 13, Role.MARK));
        shapes.add(new Shape.Label(Point.of(half + 8, -outside - 24), right(d, inner), "start", 14, Role.ANSWER));
        shapes.add(Shape.line(Role.THIN, Point.of(half + 4, -outside - 17), Point.of(half, -outside + ring / 2)));
        return new Drawing(
                "way-round",
                "Half section of the bearing against its shoulder; to the outside: " + right(d, inner),
                -half - 190,
                -outside - 46,
                2 * half + 440,
                outside + 62,
                shapes);
    }

    private void seat(boolean inner) {
        double step = ring * 0.75;
        if (inner) {
            shapes.add(Shape.area(
                    Role.PART,
                    Known.ESTIMATED,
                    Point.of(-half - 70, 0),
                    Point.of(-half - 70, -bore - step),
                    Point.of(-half, -bore - step),
                    Point.of(-half, -bore),
                    Point.of(half + 70, -bore),
                    Point.of(half + 70, 0)));
        } else {
            double wall = outside + ring * 1.2;
            shapes.add(Shape.area(
                    Role.SOLID,
                    Known.ESTIMATED,
                    Point.of(-half - 40, -wall),
                    Point.of(half + 40, -wall),
                    Point.of(half + 40, -outside),
                    Point.of(-half, -outside),
                    Point.of(-half, -outside + step),
                    Point.of(-half - 40, -outside + step)));
        }
    }

    private void element(Bearing d) {
        double low = bore + ring * 0.7;
        double high = outside - ring * 0.7;
        if (d.kind().taper()) {
            double lean = (high - low) * 0.12;
            double small = (mounting.input().fit().inner() ? 1 : -1)
                    * half
                    * 0.66; // a cone's back face stands against its shoulder, a cup's thick edge against its own
            shapes.add(Shape.area(
                    Role.PART,
                    Known.ESTIMATED,
                    Point.of(small, -low - lean),
                    Point.of(-small, -low),
                    Point.of(-small, -high),
                    Point.of(small, -high + 2 * lean)));
        } else if (d.kind().roller()) {
            box(Role.PART, -half * 0.62, half * 0.62, low, high);
        } else {
            shapes.add(new Shape.Circle(
                    Point.of(0, -(bore + outside) / 2),
                    Math.min((high - low) / 2, half * 0.84),
                    Role.PART,
                    Known.ESTIMATED));
        }
    }

    private void seals(Bearing d) {
        String sealing = d.suffixes().sealing();
        Role role = sealing.contains("shield") ? Role.MARK : Role.RUBBER;
        if (!sealing.equals("open")) {
            box(role, half - 4, half - 1, bore + ring * 0.8, outside - ring * 0.8);
        }
        if (sealing.startsWith("two")) {
            box(role, -half + 1, -half + 4, bore + ring * 0.8, outside - ring * 0.8);
        }
    }

    /** What the side away from the shoulder is. */
    private static String right(Bearing d, boolean inner) {
        if (d.kind() == BearingKind.HUB_CARTRIDGE) {
            return "encoder: to the sensor";
        }
        if (d.kind().taper()) {
            return inner ? "small roller ends" : "thin edge of the cup";
        }
        return d.suffixes().sealing().startsWith("one")
                ? "closed side: weather; open side: grease"
                : "stamped side, to be read again";
    }

    private void push(double radius) {
        double x = half + 4;
        shapes.add(Shape.line(Role.ANSWER, Point.of(x + 46, -radius), Point.of(x, -radius)));
        shapes.add(Shape.area(
                Role.ANSWER,
                Known.MEASURED,
                Point.of(x, -radius),
                Point.of(x + 12, -radius - 5),
                Point.of(x + 12, -radius + 5)));
        shapes.add(new Shape.Label(Point.of(x + 52, -radius), "press on this ring", "start", 13, Role.ANSWER));
    }

    private void box(Role role, double left, double right, double low, double high) {
        shapes.add(Shape.area(
                role,
                Known.TABLE,
                Point.of(left, -low),
                Point.of(right, -low),
                Point.of(right, -high),
                Point.of(left, -high)));
    }
}
