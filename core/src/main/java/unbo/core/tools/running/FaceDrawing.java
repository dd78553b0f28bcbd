package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Turning;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.running.Candidate;

/**
 * Bearings face-on, side by side to one scale: rings, elements on their pitch circle, a mark on what turns. Cage,
 * elements and the turning ring go at their true shares of the shaft's speed. With oil, its level.
 */
final class FaceDrawing {

    private static final double RADIUS = 120;
    private static final double GAP = 46;

    private FaceDrawing() {}

    /** One of them. @param under what is written under it */
    record View(Candidate bearing, String under) {}

    /** @param oilMm level over the middle of the lowest element, mm; null without oil */
    static Drawing of(String name, String title, List<View> views, Turning turning, @Nullable Double oilMm) {
        double largest =
                views.stream().mapToDouble(v -> v.bearing().outsideMm()).max().orElseThrow();
        double scale = 2 * RADIUS / largest;
        List<Shape> shapes = new ArrayList<>();
        double x = 0;
        for (int i = 0; i < views.size(); i++) {
            View view = views.get(i);
            x += i == 0 ? 0 : 2 * RADIUS + GAP;
            List<Shape> face = face(view.bearing(), scale, turning);
            if (oilMm != null) {
                face.addAll(oil(view.bearing(), scale, oilMm));
            }
            shapes.add(new Shape.Moved(Point.of(x, 0), face));
            shapes.add(new Shape.Label(Point.of(x, RADIUS + 22), view.bearing().name(), "middle", 16, Role.MARK));
            shapes.add(new Shape.Label(Point.of(x, RADIUS + 42), view.under(), "middle", 15, Role.ANSWER));
        }
        return new Drawing(
                name,
                title,
                -RADIUS - 70,
                -RADIUS - 14,
                x + 2 * RADIUS + 140 + (oilMm == null ? 0 : 90),
                2 * RADIUS + 76,
                shapes);
    }

    private static List<Shape> face(Candidate b, double k, Turning turning) {
        double dm = b.geometry().pitchMm() * k / 2;
        double r = b.geometry().elementMm() * k / 2;
        double outer = b.outsideMm() * k / 2;
        double bore = b.boreMm() * k / 2;
        Known known = b.geometry().estimated() ? Known.ESTIMATED : Known.MEASURED;
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Circle(Point.of(0, 0), outer, Role.SOLID, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(0, 0), dm + r * 0.62, Role.PAPER, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(0, 0), dm - r * 0.62, Role.SOLID_TWIN, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(0, 0), bore, Role.PAPER, Known.TABLE));
        boolean inner = turning == Turning.INNER;
        double from = inner ? bore : dm + r * 0.62;
        double to = inner ? dm - r * 0.62 : outer;
        shapes.add(new Shape.Spinning(
                1,
                List.of(Shape.area(
                        Role.ANSWER,
                        Known.MEASURED,
                        Point.of(-2.5, -from - 2),
                        Point.of(2.5, -from - 2),
                        Point.of(2.5, -to + 2),
                        Point.of(-2.5, -to + 2)))));
        double spin = b.geometry().elementOrder() * (inner ? -1 : 1);
        List<Shape> elements = new ArrayList<>();
        for (int i = 0; i < b.geometry().elements(); i++) {
            List<Shape> element = List.of(
                    new Shape.Circle(Point.of(0, 0), r, i == 0 ? Role.BAND : Role.PART, known),
                    Shape.line(Role.MARK, Point.of(0, -r * 0.7), Point.of(0, r * 0.7)));
            elements.add(new Shape.Moved(
                    Point.polar(dm, -360.0 * i / b.geometry().elements()), List.of(new Shape.Spinning(spin, element))));
        }
        shapes.add(new Shape.Spinning(b.geometry().cageOrder(turning), elements));
        shapes.add(Shape.line(Role.CENTRE, Point.of(-outer - 8, 0), Point.of(outer + 8, 0)));
        shapes.add(Shape.line(Role.CENTRE, Point.of(0, -outer - 8), Point.of(0, outer + 8)));
        return shapes;
    }

    /** The level wanted, and the one that is there. */
    private static List<Shape> oil(Candidate b, double k, double oilMm) {
        double right = b.geometry().pitchMm() * k / 2;
        double outer = b.outsideMm() * k / 2;
        double there = Math.max(-outer, right - oilMm * k);
        double half = Math.sqrt(Math.max(0, outer * outer - there * there));
        List<Shape> shapes = new ArrayList<>();
        if (there < outer) {
            List<Point> pool = new ArrayList<>();
            for (int i = 0; i <= 24; i++) {
                double angle = Math.atan2(there, -half) + (Math.atan2(there, half) - Math.atan2(there, -half)) * i / 24;
                pool.add(Point.of(outer * Math.cos(angle), outer * Math.sin(angle)));
            }
            shapes.add(new Shape.Outline(pool, true, Role.GREASE, Known.TABLE));
        }
        shapes.add(Shape.line(Role.ANSWER, Point.of(-outer - 26, right), Point.of(outer + 26, right)));
        shapes.add(new Shape.Label(Point.of(outer + 30, right), "right level", "start", 14, Role.ANSWER));
        if (Math.abs(oilMm) > 0.3) {
            shapes.add(Shape.line(
                    oilMm > 0 ? Role.OUT : Role.MARK, Point.of(-outer - 26, there), Point.of(outer + 26, there)));
            shapes.add(new Shape.Label(
                    Point.of(outer + 30, there + (Math.abs(there - right) < 16 ? -16 * Math.signum(oilMm) : 0)),
                    oilMm > 0 ? "too high" : "too low",
                    "start",
                    14,
                    oilMm > 0 ? Role.OUT : Role.MARK));
        }
        return shapes;
    }
}
