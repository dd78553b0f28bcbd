package unbo.core.tools.diagnosing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.diagnosis.Check;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

/** Small drawings of the checks where a drawing tells more than words. */
public final class CheckDrawing {

    private final List<Shape> shapes = new ArrayList<>();

    private CheckDrawing() {}

    /** Empty where words do. */
    public static Optional<Drawing> of(Check check) {
        CheckDrawing drawing = new CheckDrawing();
        return Optional.ofNullable(
                switch (check.picture()) {
                    case "rock-12-6" -> drawing.rock(true);
                    case "rock-3-9" -> drawing.rock(false);
                    case "bend-load" -> drawing.bend();
                    case "listen" -> drawing.listen();
                    default -> null;
                });
    }

    /** The wheel from its side, a hand at each end, arrows in and out. */
    private Drawing rock(boolean upright) {
        circle(0, 0, 46, Role.PART);
        circle(0, 0, 30, Role.THIN);
        circle(0, 0, 9, Role.PART);
        for (int hole = 0; hole < 5; hole++) {
            Point at = Point.polar(18, hole * 72);
            circle(at.x(), at.y(), 2.4, Role.PART);
        }
        for (int end = -1; end <= 1; end += 2) {
            double x = upright ? 0 : end * 50;
            double y = upright ? end * 50 : 0;
            shapes.add(new Shape.Circle(Point.of(x, y), 7, Role.ANSWER, Known.MEASURED));
            shapes.add(new Shape.Label(
                    Point.of(upright ? 16 : x, upright ? y : y - 16),
                    upright ? end < 0 ? "12" : "6" : end < 0 ? "9" : "3",
                    "middle",
                    14,
                    Role.ANSWER));
        }
        // the same wheel from the front, tilting about its axle
        double cx = 112;
        if (upright) {
            box(cx - 9, -46, 18, 92, Role.PART);
            dashed(cx, 10);
            arrow(cx + 16, -42, 14, 0);
            arrow(cx - 16, 42, -14, 0);
        } else {
            box(cx - 9, -46, 18, 92, Role.PART);
            line(Role.THIN, cx - 40, 0, cx - 9, 0);
            dashed(cx, 10);
            arrow(cx + 16, -42, 14, 0);
            arrow(cx - 16, 42, -14, 0);
        }
        shapes.add(
                new Shape.Label(Point.of(cx, 64), upright ? "from the front" : "from above", "middle", 12, Role.THIN));
        return new Drawing(
                "check-" + (upright ? "rock-12-6" : "rock-3-9"),
                upright
                        ? "Hands at 12 and 6, rocking the top against the bottom"
                        : "Hands at 3 and 9, rocking front against back",
                -64,
                -66,
                226,
                138,
                shapes);
    }

    private void dashed(double cx, double degrees) {
        double s = Math.sin(Math.toRadians(degrees));
        double c = Math.cos(Math.toRadians(degrees));
        double[][] corners = {{-9, -46}, {9, -46}, {9, 46}, {-9, 46}};
        List<Point> turned = new ArrayList<>();
        for (double[] corner : corners) {
            turned.add(Point.of(cx + corner[0] * c - corner[1] * s, corner[0] * s + corner[1] * c));
        }
        shapes.add(new Shape.Outline(turned, true, Role.BEHIND, Known.ESTIMATED));
    }

    /** The car from above in a left bend: the load goes to the right. */
    private Drawing bend() {
        List<Point> outer = new ArrayList<>();
        List<Point> inner = new ArrayList<>();
        for (int a = 0; a <= 60; a += 5) {
            double rad = Math.toRadians(a);
            outer.add(Point.of(-120 + 190 * Math.cos(rad), 60 - 190 * Math.sin(rad) * 0.75));
            inner.add(Point.of(-120 + 100 * Math.cos(rad), 60 - 100 * Math.sin(rad) * 0.75));
        }
        shapes.add(new Shape.Outline(outer, false, Role.THIN, Known.TABLE));
        shapes.add(new Shape.Outline(inner, false, Role.THIN, Known.TABLE));
        double x = 26;
        double y = 14;
        shapes.add(Shape.area(
                Role.PART,
                Known.TABLE,
                Point.of(x - 16, y - 34),
                Point.of(x + 12, y - 36),
                Point.of(x + 16, y + 34),
                Point.of(x - 14, y + 36)));
        for (int end = -1; end <= 1; end += 2) {
            box(x - 23 + (end > 0 ? 2 : 0), y + end * 22 - 9, 7, 18, Role.SHARE_LOW);
            box(x + 13 + (end > 0 ? 2 : 0), y + end * 22 - 9, 9, 18, Role.SHARE_HIGH);
        }
        arrow(x + 28, y, 26, 0);
        shapes.add(new Shape.Label(Point.of(x + 34, y - 12), "load", "start", 13, Role.ANSWER));
        shapes.add(new Shape.Label(Point.of(-58, 50), "turning left", "middle", 12, Role.THIN));
        shapes.add(new Shape.Label(Point.of(96, 44), "right side", "middle", 12, Role.ANSWER));
        shapes.add(new Shape.Label(Point.of(96, 58), "carries more", "middle", 12, Role.ANSWER));
        return new Drawing(
                "check-bend-load",
                "Turning left the load goes to the right side: louder then points there",
                -96,
                -84,
                236,
                156,
                shapes);
    }

    /** A strut with its spring: hand on the spring, stethoscope on the knuckle, the wheel turned by the other hand. */
    private Drawing listen() {
        box(-70, -50, 26, 100, Role.PART);
        line(Role.THIN, -44, 0, -20, 0);
        box(-22, -20, 20, 40, Role.PART);
        line(Role.MARK, -10, -20, 8, -66);
        List<Point> spring = new ArrayList<>();
        for (int i = 0; i <= 12; i++) {
            double t = i / 12.0;
            spring.add(Point.of(-6 + 14 * t + (i % 2 == 0 ? -15 : 15), -26 - 40 * t));
        }
        shapes.add(new Shape.Outline(spring, false, Role.MARK, Known.MEASURED));
        shapes.add(new Shape.Circle(Point.of(28, -44), 8, Role.ANSWER, Known.MEASURED));
        shapes.add(new Shape.Label(Point.of(42, -44), "hand on the spring", "start", 12, Role.ANSWER));
        line(Role.ANSWER, 0, 8, 40, 22, 62, 16);
        shapes.add(new Shape.Label(Point.of(42, 36), "or stethoscope", "start", 12, Role.ANSWER));
        shapes.add(new Shape.Label(Point.of(42, 50), "on the knuckle", "start", 12, Role.ANSWER));
        arrow(-84, -30, 0, 56);
        shapes.add(new Shape.Label(Point.of(-58, 64), "turned by hand", "middle", 12, Role.THIN));
        return new Drawing(
                "check-listen",
                "The wheel turned by hand, the other hand on the spring or a stethoscope on the knuckle",
                -104,
                -76,
                256,
                150,
                shapes);
    }

    private void circle(double x, double y, double radius, Role role) {
        shapes.add(new Shape.Circle(Point.of(x, y), radius, role, Known.TABLE));
    }

    private void box(double x, double y, double width, double height, Role role) {
        shapes.add(Shape.area(
                role,
                Known.TABLE,
                Point.of(x, y),
                Point.of(x + width, y),
                Point.of(x + width, y + height),
                Point.of(x, y + height)));
    }

    private void line(Role role, double... xy) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(Point.of(xy[i], xy[i + 1]));
        }
        shapes.add(new Shape.Outline(points, false, role, Known.MEASURED));
    }

    private void arrow(double x, double y, double dx, double dy) {
        double length = Math.hypot(dx, dy);
        double ux = dx / length;
        double uy = dy / length;
        line(Role.ANSWER, x, y, x + dx, y + dy);
        shapes.add(Shape.area(
                Role.ANSWER,
                Known.MEASURED,
                Point.of(x + dx + ux * 4, y + dy + uy * 4),
                Point.of(x + dx - ux * 6 - uy * 5, y + dy - uy * 6 + ux * 5),
                Point.of(x + dx - ux * 6 + uy * 5, y + dy - uy * 6 - ux * 5)));
    }
}
