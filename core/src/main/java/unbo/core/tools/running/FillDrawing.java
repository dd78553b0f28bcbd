package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.lubrication.BearingGrease;
import unbo.core.lubrication.BearingGreaseInput;
import unbo.core.measure.Show;

/**
 * A bearing in half section with its grease: bore, outside and width to scale; the room beside the elements filled to
 * its share, laid against the outer ring, where it is thrown.
 */
final class FillDrawing {

    private static final double TALL = 150;
    private static final double RING = 0.21;

    private FillDrawing() {}

    static Drawing of(BearingGrease g) {
        BearingGreaseInput in = g.input();
        double section = (in.outsideMm() - in.boreMm()) / 2;
        double k = TALL / (in.outsideMm() / 2);
        double b = in.boreMm() / 2 * k;
        double o = in.outsideMm() / 2 * k;
        double half = in.widthMm() / 2 * k;
        double ring = RING * section * k;
        double share = g.handPacked() != null && in.use().equals("wheel")
                ? 1
                : (g.share().least() + g.share().most()) / 2;
        List<Shape> shapes = new ArrayList<>();
        shapes.add(box(Role.SOLID, -half, half, o - ring, o));
        shapes.add(box(Role.SOLID_TWIN, -half, half, b, b + ring));
        double room = o - b - 2 * ring;
        double element = Math.min(0.59 * section * k / 2, half * 0.8);
        double middle = (b + o) / 2;
        for (int side : new int[] {-1, 1}) {
            double from = side * (in.ball() ? element * 0.72 : half * 0.66);
            shapes.add(box(
                    Role.GREASE,
                    Math.min(from, side * half),
                    Math.max(from, side * half),
                    o - ring - room * share,
                    o - ring));
        }
        if (in.ball()) {
            shapes.add(new Shape.Circle(Point.of(0, -middle), element, Role.PART, Known.ESTIMATED));
        } else {
            double lean = in.taper() ? room * 0.08 : 0;
            shapes.add(Shape.area(
                    Role.PART,
                    Known.ESTIMATED,
                    Point.of(-half * 0.66, -(b + ring * 0.7 + lean)),
                    Point.of(half * 0.66, -(b + ring * 0.7)),
                    Point.of(half * 0.66, -(o - ring * 0.7)),
                    Point.of(-half * 0.66, -(o - ring * 0.7 - 2 * lean))));
        }
        shapes.add(Shape.line(Role.CENTRE, Point.of(-half - 30, 0), Point.of(half + 30, 0)));
        shapes.add(new Shape.Dimension(
                Point.of(-half, -o),
                Point.of(half, -o),
                Point.of(-half, -o - 16),
                Point.of(half, -o - 16),
                "B " + Show.number(in.widthMm(), 2),
                12,
                Known.TABLE));
        shapes.add(new Shape.Label(
                Point.of(half + 16, -middle), "room " + Show.number(g.freeCm3(), 1) + " cm³", "start", 14, Role.MARK));
        shapes.add(new Shape.Label(
                Point.of(half + 16, -middle + 20),
                "filled " + Show.number(share * 100, 0) + " %",
                "start",
                15,
                Role.ANSWER));
        return new Drawing(
                "grease-fill",
                "The bearing in half section, its room filled to " + Show.number(share * 100, 0) + " %",
                -half - 120,
                -o - 40,
                2 * half + 300,
                o + 60,
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
}
