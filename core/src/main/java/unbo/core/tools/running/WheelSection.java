package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.life.WheelInput;
import unbo.core.life.WheelLife;
import unbo.core.measure.Show;

/**
 * The lower half of a wheel in section with its two bearings, to one scale along and across the axle, outboard to the
 * right; forces of straight running as arrows to one scale, and the load line that it is changed to dashed. Rim and
 * tyre are a scheme.
 */
final class WheelSection {

    private static final double RADIUS = 190;
    private static final double ARROW = 80;
    private static final double LEAST_WIDTH = 440;

    private WheelSection() {}

    /** @param changed null where nothing is changed */
    static Drawing of(WheelLife life, @Nullable WheelLife changed) {
        WheelInput in = life.input();
        double k = RADIUS / (in.rollingRadiusM() * 1000);
        double a = in.spreadMm() * k;
        double s = in.offsetMm() * k;
        double axle = Math.max(7, 0.07 * RADIUS);
        List<Shape> shapes = new ArrayList<>();
        wheel(shapes, s, a, axle);
        shapes.add(Shape.area(
                Role.PART,
                Known.ESTIMATED,
                Point.of(-a / 2 - 60, -axle),
                Point.of(a / 2 + 26, -axle),
                Point.of(a / 2 + 26, axle),
                Point.of(-a / 2 - 60, axle)));
        bearing(shapes, -a / 2, axle, in.inner(), 1);
        bearing(shapes, a / 2, axle, in.outer(), -1);
        shapes.add(Shape.line(Role.CENTRE, Point.of(-a / 2 - 76, 0), Point.of(a / 2 + 60, 0)));
        shapes.add(Shape.line(Role.CENTRE, Point.of(s, -60), Point.of(s, RADIUS + 12)));
        double unit = ARROW / Math.max(in.wheelLoadN(), Math.max(reaction(in, 1), reaction(in, -1)));
        arrow(shapes, s, RADIUS + in.wheelLoadN() * unit + 6, RADIUS + 6, Role.MARK);
        shapes.add(new Shape.Label(
                Point.of(s + 12, RADIUS + 40), "W " + Show.number(in.wheelLoadN(), 0) + " N", "start", 14, Role.MARK));
        force(shapes, Point.of(a / 2, axle), reaction(in, 1), unit, "outer ", 1);
        force(shapes, Point.of(-a / 2, axle), reaction(in, -1), unit, "inner ", -1);
        shapes.add(new Shape.Dimension(
                Point.of(-a / 2, -axle),
                Point.of(a / 2, -axle),
                Point.of(-a / 2, 62),
                Point.of(a / 2, 62),
                "a " + Show.number(in.spreadMm(), 1),
                12,
                Known.TABLE));
        if (Math.abs(s) > 14) {
            shapes.add(new Shape.Dimension(
                    Point.of(0, 96),
                    Point.of(s, 96),
                    Point.of(0, 96),
                    Point.of(s, 96),
                    "s " + Show.number(in.offsetMm(), 1),
                    12,
                    Known.TABLE));
        }
        if (changed != null && Math.abs(changed.input().offsetMm() - in.offsetMm()) > 0.05) {
            double to = changed.input().offsetMm() * k;
            shapes.add(new Shape.Outline(
                    List.of(Point.of(to, 30), Point.of(to, RADIUS + 12)), false, Role.ANSWER, Known.ESTIMATED));
            shapes.add(new Shape.Label(
                    Point.of(to + (to > s ? 7 : -7), 118),
                    "changed, " + Show.number(changed.input().offsetMm(), 0),
                    to > s ? "start" : "end",
                    13,
                    Role.ANSWER));
        }
        shapes.add(new Shape.Label(Point.of(a / 2 + 66, 0), "outboard", "start", 12, Role.MARK));
        double moved = changed == null ? s : changed.input().offsetMm() * k;
        double left = Math.min(-a / 2 - 150, Math.min(s, moved) - 120);
        double right = Math.max(a / 2 + 150, Math.max(s, moved) + 120);
        double room = Math.max(0, LEAST_WIDTH - (right - left)) / 2;
        return new Drawing(
                "wheel-forces",
                "Forces on the wheel running straight, to scale: outer " + Show.number(reaction(in, 1), 0)
                        + " N, inner " + Show.number(reaction(in, -1), 0) + " N",
                left - room,
                -130,
                right - left + 2 * room,
                430,
                shapes);
    }

    /**
     * Load of a bearing running straight, N; positive where the hub presses on it from below. @param side 1 outer, −1
     * inner
     */
    private static double reaction(WheelInput in, int side) {
        return in.wheelLoadN() * (in.spreadMm() / 2 + side * in.offsetMm()) / in.spreadMm();
    }

    private static void wheel(List<Shape> shapes, double s, double a, double axle) {
        double tyre = 0.15 * RADIUS;
        double rim = 0.68 * RADIUS;
        double hub = axle + 26;
        shapes.add(Shape.area(
                Role.RUBBER,
                Known.ESTIMATED,
                Point.of(s - tyre, rim),
                Point.of(s - tyre * 1.12, rim + 22),
                Point.of(s - tyre * 0.9, RADIUS - 6),
                Point.of(s - tyre * 0.6, RADIUS),
                Point.of(s + tyre * 0.6, RADIUS),
                Point.of(s + tyre * 0.9, RADIUS - 6),
                Point.of(s + tyre * 1.12, rim + 22),
                Point.of(s + tyre, rim),
                Point.of(s + tyre - 8, rim + 3),
                Point.of(s + tyre * 0.7, RADIUS - 16),
                Point.of(s - tyre * 0.7, RADIUS - 16),
                Point.of(s - tyre + 8, rim + 3)));
        double disc = a / 2 + 10;
        shapes.add(Shape.area(
                Role.SOLID,
                Known.ESTIMATED,
                Point.of(s - tyre, rim),
                Point.of(s - tyre, rim - 6),
                Point.of(disc - 6, rim - 6),
                Point.of(disc - 6, hub),
                Point.of(-a / 2 - 8, hub),
                Point.of(-a / 2 - 8, axle + 18),
                Point.of(a / 2 + 8, axle + 18),
                Point.of(disc, hub),
                Point.of(disc, rim - 10),
                Point.of(s + tyre, rim - 6),
                Point.of(s + tyre, rim)));
    }

    private static void bearing(List<Shape> shapes, double x, double axle, WheelInput.Bearing b, int small) {
        double half = 7;
        for (int up : new int[] {1, -1}) {
            shapes.add(Shape.area(
                    Role.SOLID_TWIN,
                    Known.TABLE,
                    Point.of(x - half, up * axle),
                    Point.of(x + half, up * axle),
                    Point.of(x + half, up * (axle + 18)),
                    Point.of(x - half, up * (axle + 18))));
            if (b.rollers()) {
                double lean = 3 * small;
                shapes.add(Shape.area(
                        Role.PART,
                        Known.TABLE,
                        Point.of(x - half, up * (axle + 6 + lean / 3)),
                        Point.of(x + half, up * (axle + 6 - lean / 3)),
                        Point.of(x + half, up * (axle + 12 - lean)),
                        Point.of(x - half, up * (axle + 12 + lean))));
            } else {
                shapes.add(new Shape.Circle(Point.of(x, up * (axle + 9)), 5.5, Role.PART, Known.TABLE));
            }
        }
    }

    /** What a bearing puts on the hub: down where positive. */
    private static void force(List<Shape> shapes, Point at, double newton, double unit, String name, int way) {
        double x = at.x();
        double axle = at.y();
        double length = Math.max(8, Math.abs(newton) * unit);
        double tip = -axle - 20;
        Role role = newton >= 0 ? Role.ANSWER : Role.OUT;
        if (newton >= 0) {
            arrow(shapes, x, tip - length, tip, role);
        } else {
            arrow(shapes, x, tip, tip - length, role);
        }
        shapes.add(new Shape.Label(
                Point.of(x + way * 10, tip - 14),
                name + Show.number(Math.abs(newton), 0) + " N" + (newton < 0 ? ", lifts" : ""),
                way > 0 ? "start" : "end",
                15,
                role));
    }

    private static void arrow(List<Shape> shapes, double x, double from, double to, Role role) {
        double down = Math.signum(to - from);
        shapes.add(Shape.line(role, Point.of(x, from), Point.of(x, to)));
        shapes.add(Shape.area(
                role,
                Known.MEASURED,
                Point.of(x, to),
                Point.of(x - 5, to - down * 12),
                Point.of(x + 5, to - down * 12)));
    }
}
