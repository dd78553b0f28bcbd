package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.arrange.CrankTruing;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;

/** Both webs from their ends, the pin on top, and where each main was high when it was read last. */
final class CrankFace {

    private static final double WEB = 60;
    private static final double PIN_OUT = 34;
    private static final double PIN = 12;
    private static final double MAIN = 14;
    private static final double APART = 160;
    private static final double TEXT = 11;

    private CrankFace() {}

    /** @param left null where it was not read yet */
    static Drawing of(CrankTruing.@Nullable High left, CrankTruing.@Nullable High right) {
        List<Shape> shapes = new ArrayList<>();
        web(shapes, 0, "left", left);
        web(shapes, APART, "right", right);
        return new Drawing("practice-crank", "Both webs, the pin on top", -75, -80, APART + 150, 170, shapes);
    }

    private static void web(List<Shape> shapes, double x, String name, CrankTruing.@Nullable High high) {
        shapes.add(new Shape.Circle(Point.of(x, 0), WEB, Role.PART, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(x, -PIN_OUT), PIN, Role.SOLID, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(x, 0), MAIN, Role.PAPER, Known.TABLE));
        shapes.add(new Shape.Label(Point.of(x, WEB + 16), name, "middle", TEXT, Role.MARK));
        if (high != null) {
            double at = Math.toRadians(high.fromPinDeg());
            shapes.add(Shape.line(
                    Role.ANSWER, Point.of(x, 0), Point.of(x + (WEB + 4) * Math.sin(at), -(WEB + 4) * Math.cos(at))));
            shapes.add(new Shape.Label(
                    Point.of(x, MAIN + 16), Show.fixed(high.tirMm(), 3) + " mm", "middle", TEXT, Role.ANSWER));
        }
    }
}
