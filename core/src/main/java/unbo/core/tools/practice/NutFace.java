package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

/** A castellated nut seen from its end, one slot marked, and a dial indicator as it was read last. */
final class NutFace {

    private static final int SLOTS = 6;
    private static final double ACROSS = 40;
    private static final double SLOT_HALF = 4;
    private static final double SLOT_DEEP = 9;
    private static final double HUB = 62;
    private static final double STUD = 18;
    private static final double PIN_HALF = 2.5;
    private static final double TWELFTH_DEG = 30;

    private static final double DIAL_X = 165;
    private static final double DIAL = 58;
    private static final int MARKS = 50;
    private static final int LONG_EACH = 5;
    private static final double NEEDLE = 44;
    private static final double LABEL = 9;

    private NutFace() {}

    /** @param twelfths the nut stands out by @param mm as it was read last; null where it was not */
    static Drawing of(int twelfths, @Nullable Double mm) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Circle(Point.of(0, 0), HUB, Role.PART, Known.TABLE));
        List<Shape> nut = new ArrayList<>();
        List<Point> outline = new ArrayList<>();
        for (int i = 0; i < SLOTS; i++) {
            double at = Math.toRadians(360.0 / SLOTS * i);
            Point radial = Point.of(Math.sin(at), -Math.cos(at));
            Point along = Point.of(Math.cos(at), Math.sin(at));
            outline.add(at(radial, along, ACROSS, -SLOT_HALF));
            outline.add(at(radial, along, ACROSS - SLOT_DEEP, -SLOT_HALF));
            outline.add(at(radial, along, ACROSS - SLOT_DEEP, SLOT_HALF));
            outline.add(at(radial, along, ACROSS, SLOT_HALF));
        }
        nut.add(new Shape.Outline(outline, true, Role.SOLID, Known.TABLE));
        nut.add(new Shape.Circle(Point.of(0, -ACROSS + SLOT_DEEP + 6), 2.5, Role.SIGN, Known.TABLE));
        shapes.add(new Shape.Turned("nut", -TWELFTH_DEG * twelfths, nut));
        shapes.add(new Shape.Circle(Point.of(0, 0), STUD, Role.PART, Known.TABLE));
        shapes.add(Shape.rectangle(Role.OUT, Known.TABLE, -PIN_HALF, -STUD, PIN_HALF, STUD));
        dial(shapes, mm);
        return new Drawing("practice-nut", "The nut from its end, and the indicator", -70, -70, 305, 146, shapes);
    }

    private static Point at(Point radial, Point along, double out, double aside) {
        return Point.of(radial.x() * out + along.x() * aside, radial.y() * out + along.y() * aside);
    }

    /** Half a millimetre a turn, marks of a hundredth. */
    private static void dial(List<Shape> shapes, @Nullable Double mm) {
        shapes.add(new Shape.Circle(Point.of(DIAL_X, 0), DIAL, Role.PAPER, Known.TABLE));
        for (int i = 0; i < MARKS; i++) {
            double turn = i / (double) MARKS;
            boolean tall = i % LONG_EACH == 0;
            shapes.add(Shape.line(Role.THIN, on(turn, DIAL - 2), on(turn, DIAL - (tall ? 10 : 6))));
            if (i % (2 * LONG_EACH) == 0) {
                Point at = on(turn, DIAL - 17);
                shapes.add(new Shape.Label(at, "0." + (i < 10 ? "0" : "") + i, "middle", LABEL, Role.MARK));
            }
        }
        shapes.add(new Shape.Circle(Point.of(DIAL_X, 0), 3, Role.SIGN, Known.TABLE));
        if (mm != null) {
            shapes.add(Shape.line(Role.ANSWER, Point.of(DIAL_X, 0), on(mm * 100 / MARKS, NEEDLE)));
        }
    }

    private static Point on(double turn, double radius) {
        double at = 2 * Math.PI * turn;
        return Point.of(DIAL_X + radius * Math.sin(at), -radius * Math.cos(at));
    }
}
