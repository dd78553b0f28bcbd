package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

/**
 * Sketches for the type finder: half sections over the centre line, outboard right, in usual proportions and not to
 * scale.
 */
public final class TypeDrawing {

    private static final double WIDE = 220;
    private static final double TALL = 130;

    private final List<Shape> shapes = new ArrayList<>();

    private TypeDrawing() {}

    public static Drawing of(String picture, String title) {
        TypeDrawing p = new TypeDrawing();
        switch (picture) {
            case "wheel" -> p.wheel();
            case "link" -> p.link();
            case "head" -> p.head();
            case "slotted-nut" -> p.slottedNut();
            case "cone-nut" -> p.coneNut();
            case "ball-pair" -> p.ballPair();
            case "big-nut" -> p.bigNut();
            case "cartridge" -> p.cartridge();
            case "unit" -> p.unit();
            case "needle" -> p.needle();
            case "small-balls" -> p.smallBalls();
            case "head-rollers" -> p.headRollers();
            case "head-ring" -> p.headRing();
            case "head-balls" -> p.headBalls();
            default -> throw new IllegalArgumentException("no picture " + picture);
        }
        return new Drawing("type-" + picture, title + " (sketch)", -WIDE / 2, -TALL, WIDE, TALL + 12, p.shapes);
    }

    private void area(Role role, double... xr) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < xr.length; i += 2) {
            points.add(Point.of(xr[i], -xr[i + 1]));
        }
        shapes.add(new Shape.Outline(points, true, role, Known.TABLE));
    }

    private void box(Role role, double left, double right, double low, double high) {
        area(role, left, low, right, low, right, high, left, high);
    }

    private void circle(Role role, double x, double r, double radius) {
        shapes.add(new Shape.Circle(Point.of(x, -r), radius, role, Known.TABLE));
    }

    private void centre() {
        shapes.add(Shape.line(Role.CENTRE, Point.of(-WIDE / 2 + 6, 0), Point.of(WIDE / 2 - 6, 0)));
    }

    /** A ball bearing in section. */
    private void ball(double x, double width, double low, double high) {
        double mid = (low + high) / 2;
        double d = Math.min(0.56 * (high - low), 0.8 * width);
        box(Role.SOLID_TWIN, x - width / 2, x + width / 2, low, mid - 0.3 * d);
        box(Role.SOLID_TWIN, x - width / 2, x + width / 2, mid + 0.3 * d, high);
        circle(Role.PART, x, mid, d / 2);
    }

    /** A taper in section; {@code way} 1 has its large end left. */
    private void taper(double x, int way, double low, double high) {
        double h = high - low;
        double w = 13;
        area(
                Role.SOLID_TWIN,
                x - way * w,
                low,
                x + way * w,
                low,
                x + way * w,
                low + 0.2 * h,
                x + way * (w - 3),
                low + 0.2 * h,
                x - way * (w - 5),
                low + 0.34 * h,
                x - way * (w - 5),
                low + 0.5 * h,
                x - way * w,
                low + 0.5 * h);
        area(
                Role.PART,
                x - way * (w - 6),
                low + 0.36 * h,
                x + way * (w - 3),
                low + 0.22 * h,
                x + way * (w - 3),
                low + 0.5 * h,
                x - way * (w - 6),
                low + 0.76 * h);
        area(
                Role.SOLID_TWIN,
                x - way * (w - 5),
                high,
                x + way * w,
                high,
                x + way * w,
                low + 0.5 * h,
                x - way * (w - 5),
                low + 0.8 * h);
    }

    private void wheel() {
        circle(Role.BEHIND, 0, 64, 60);
        circle(Role.PART, 0, 64, 44);
        circle(Role.PART, 0, 64, 14);
        circle(Role.SOLID, 0, 64, 6);
        for (int i = 0; i < 5; i++) {
            double a = Math.toRadians(90 + 72 * i);
            shapes.add(Shape.line(
                    Role.THIN,
                    Point.of(14 * Math.cos(a), -64 - 14 * Math.sin(a)),
                    Point.of(44 * Math.cos(a), -64 - 44 * Math.sin(a))));
        }
    }

    private void link() {
        area(Role.PART, -70, 24, 60, 78, 68, 92, 60, 104, -70, 52);
        circle(Role.PART, -70, 38, 26);
        circle(Role.PAPER, -70, 38, 15);
        circle(Role.SOLID, -70, 38, 9);
        circle(Role.PART, 62, 91, 18);
        circle(Role.PAPER, 62, 91, 7);
        shapes.add(new Shape.Outline(
                List.of(Point.of(92, -70), Point.of(97, -90), Point.of(92, -112)), false, Role.MARK, Known.TABLE));
        shapes.add(new Shape.Outline(
                List.of(Point.of(86, -106), Point.of(92, -112), Point.of(99, -108)), false, Role.MARK, Known.TABLE));
    }

    private void head() {
        area(Role.PART, -12, 20, 16, 20, 0, 118, -28, 118);
        area(Role.SOLID, -22, 44, 22, 52, 10, 104, -34, 96);
        area(Role.PART, -46, 116, 14, 124, 13, 130, -47, 122);
        area(Role.PART, -28, 0, -16, 0, 2, 34, -10, 34);
        area(Role.PART, 14, 0, 26, 0, 30, 38, 18, 38);
        shapes.add(Shape.line(Role.CENTRE, Point.of(10, -6), Point.of(-18, -128)));
    }

    private void slottedNut() {
        box(Role.PART, -100, 92, 0, 16);
        area(
                Role.SOLID,
                -82,
                54,
                -49,
                54,
                -49,
                45,
                19,
                45,
                19,
                50,
                50,
                50,
                50,
                64,
                -8,
                70,
                -8,
                112,
                -26,
                112,
                -26,
                78,
                -82,
                78);
        taper(-62, 1, 16, 54);
        taper(32, -1, 16, 50);
        box(Role.SOLID_TWIN, 46, 50, 16, 34);
        box(Role.PART, 50, 66, 16, 34);
        box(Role.PAPER, 59, 66, 18, 34);
        area(Role.MARK, 61, 0, 64, 0, 64, 27, 74, 27, 74, 30, 61, 30);
        shapes.add(new Shape.Outline(
                List.of(Point.of(50, -57), Point.of(78, -57), Point.of(98, -36), Point.of(100, 0)),
                false,
                Role.THIN,
                Known.TABLE));
        centre();
    }

    private void coneNut() {
        box(Role.PART, -104, 104, 0, 12);
        area(
                Role.SOLID,
                -60,
                60,
                -44,
                60,
                -44,
                34,
                44,
                34,
                44,
                60,
                60,
                60,
                60,
                96,
                50,
                96,
                50,
                72,
                40,
                44,
                -40,
                44,
                -50,
                72,
                -50,
                96,
                -60,
                96);
        for (int side = -1; side <= 1; side += 2) {
            circle(Role.PART, side * 56, 36, 12);
            area(
                    Role.SOLID_TWIN,
                    side * 40,
                    12,
                    side * 78,
                    12,
                    side * 78,
                    32,
                    side * 68,
                    32,
                    side * 60,
                    22,
                    side * 48,
                    18,
                    side * 40,
                    18);
            box(Role.PART, Math.min(side * 80, side * 92), Math.max(side * 80, side * 92), 12, 30);
        }
        centre();
    }

    private void ballPair() {
        box(Role.PART, -104, 104, 0, 18);
        box(Role.SOLID, -82, 82, 56, 74);
        box(Role.SOLID, -46, 46, 48, 56);
        box(Role.SOLID_TWIN, -46, 46, 18, 26);
        ball(-60, 28, 18, 56);
        ball(60, 28, 18, 56);
        for (double x : new double[] {-73, 73}) {
            box(Role.RUBBER, x - 1.5, x + 1.5, 28, 46);
        }
        area(Role.SOLID, -20, 74, -20, 104, -12, 104, -12, 74);
        area(Role.SOLID, 12, 74, 12, 104, 20, 104, 20, 74);
        centre();
    }

    private void bigNut() {
        box(Role.PART, -100, 56, 0, 20);
        shapes.add(Shape.line(Role.THIN, Point.of(-50, -16), Point.of(46, -16)));
        shapes.add(Shape.line(Role.THIN, Point.of(-50, -12), Point.of(46, -12)));
        area(Role.SOLID, -56, 20, 40, 20, 40, 40, 34, 112, 20, 112, 20, 48, -56, 36);
        box(Role.PART, 42, 72, 0, 46);
        shapes.add(Shape.line(Role.THIN, Point.of(42, -22), Point.of(72, -22)));
        area(Role.SOLID_TWIN, -76, 72, -16, 72, -16, 112, -50, 118, -76, 104);
        box(Role.PART, -52, -14, 40, 72);
        centre();
    }

    private void cartridge() {
        box(Role.PART, -80, 90, 0, 22);
        area(Role.SOLID, -42, 22, 66, 22, 66, 40, 62, 110, 48, 110, 48, 42, 42, 42, 42, 34, -42, 34);
        box(Role.SOLID_TWIN, -40, -1, 34, 44);
        box(Role.SOLID_TWIN, 1, 40, 34, 44);
        box(Role.SOLID_TWIN, -40, 40, 58, 68);
        circle(Role.PART, -20, 51, 9);
        circle(Role.PART, 20, 51, 9);
        area(Role.SOLID, -60, 68, 46, 68, 46, 92, 10, 122, -40, 122, -60, 96);
        box(Role.MARK, 40, 43, 64, 74);
        centre();
    }

    private void unit() {
        box(Role.PART, -90, 90, 0, 20);
        area(Role.SOLID, -40, 20, 78, 20, 78, 34, 72, 112, 58, 112, 58, 40, 24, 34, -40, 34);
        circle(Role.PART, -20, 43, 9);
        circle(Role.PART, 22, 43, 9);
        area(Role.SOLID_TWIN, -40, 52, 40, 52, 40, 64, 6, 66, 6, 104, -8, 104, -8, 66, -40, 64);
        area(Role.SOLID, -48, 68, -10, 68, -10, 122, -48, 118);
        box(Role.PART, -72, 12, 84, 92);
        box(Role.PART, -80, -72, 80, 96);
        centre();
    }

    private void needle() {
        box(Role.PART, -90, 90, 0, 22);
        box(Role.SOLID_TWIN, -72, 72, 22, 32);
        for (double x : new double[] {-44, 44}) {
            box(Role.PART, x - 22, x + 22, 33, 41);
            area(
                    Role.SOLID,
                    x - 28,
                    34,
                    x - 26,
                    34,
                    x - 26,
                    42,
                    x + 26,
                    42,
                    x + 26,
                    34,
                    x + 28,
                    34,
                    x + 28,
                    46,
                    x - 28,
                    46);
        }
        area(Role.SOLID_TWIN, -72, 46, 72, 46, 72, 66, -72, 66);
        box(Role.RUBBER, -80, -73, 34, 46);
        box(Role.RUBBER, 73, 80, 34, 46);
        centre();
    }

    private void smallBalls() {
        box(Role.PART, -90, 90, 0, 26);
        ball(-26, 24, 26, 52);
        ball(26, 24, 26, 52);
        area(Role.SOLID, -38, 52, 38, 52, 38, 78, 20, 100, -20, 100, -38, 78);
        box(Role.SOLID_TWIN, -74, -40, 26, 60);
        box(Role.SOLID_TWIN, 40, 74, 26, 60);
        centre();
    }

    private void headRollers() {
        box(Role.PART, -20, 20, -4, 126);
        head(66);
        for (int side = -1; side <= 1; side += 2) {
            area(Role.SOLID_TWIN, side * 20, 84, side * 34, 84, side * 40, 92, side * 40, 110, side * 20, 110);
            area(Role.PART, side * 40, 80, side * 52, 88, side * 46, 106, side * 34, 98);
        }
        box(Role.PART, -46, 46, 114, 122);
    }

    private void headRing() {
        box(Role.PART, -20, 20, -4, 126);
        head(66);
        for (int side = -1; side <= 1; side += 2) {
            area(
                    Role.SOLID_TWIN,
                    side * 30,
                    86,
                    side * 54,
                    86,
                    side * 60,
                    92,
                    side * 60,
                    108,
                    side * 26,
                    108,
                    side * 26,
                    100);
            circle(Role.PART, side * 43, 98, 7);
            area(Role.PART, side * 20, 106, side * 26, 100, side * 30, 110, side * 20, 116);
        }
        box(Role.PART, -50, 50, 116, 124);
    }

    private void headBalls() {
        box(Role.PART, -20, 20, -4, 126);
        head(66);
        for (int side = -1; side <= 1; side += 2) {
            area(
                    Role.SOLID_TWIN,
                    side * 36,
                    80,
                    side * 60,
                    80,
                    side * 60,
                    96,
                    side * 54,
                    96,
                    side * 48,
                    88,
                    side * 36,
                    88);
            circle(Role.PART, side * 43, 97, 8);
            area(
                    Role.SOLID_TWIN,
                    side * 20,
                    98,
                    side * 33,
                    98,
                    side * 37,
                    106,
                    side * 46,
                    110,
                    side * 46,
                    116,
                    side * 20,
                    116);
        }
        box(Role.PART, -42, 42, 118, 125);
    }

    /** A head tube, cut, up to a height. */
    private void head(double high) {
        for (int side = -1; side <= 1; side += 2) {
            area(
                    Role.SOLID,
                    side * 44,
                    0,
                    side * 62,
                    0,
                    side * 66,
                    high,
                    side * 66,
                    84,
                    side * 34,
                    84,
                    side * 34,
                    high,
                    side * 44,
                    high - 8);
        }
        shapes.add(Shape.line(Role.CENTRE, Point.of(0, 8), Point.of(0, -TALL + 2)));
    }
}
