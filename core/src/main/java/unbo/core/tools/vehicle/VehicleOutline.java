package unbo.core.tools.vehicle;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

/**
 * A kind of vehicle from above, driving up the sheet, without its wheels: these are its {@link Spot}s. Not to scale.
 */
public final class VehicleOutline {

    private final List<Shape> shapes = new ArrayList<>();

    /** What the sheet shows: its left and upper edge, its width and height. */
    public record Frame(double left, double top, double width, double height) {}

    /** The lines of a vehicle and the sheet they stand on. */
    public record Outline(List<Shape> shapes, Frame frame) {}

    private VehicleOutline() {}

    /** @param axles of a trailer; of others it does not matter */
    public static Outline of(String kind, int axles) {
        VehicleOutline outline = new VehicleOutline();
        Frame frame = switch (kind) {
            case "motorcycle" -> outline.motorcycle();
            case "bicycle" -> outline.bicycle();
            case "trailer" -> outline.trailer(Spot.of(kind, axles));
            case "van" -> outline.van();
            case "lorry" -> outline.lorry();
            case "tractor" -> outline.tractor();
            case "quad" -> outline.quad();
            case "cart" -> outline.cart();
            case "wheelchair" -> outline.wheelchair();
            case "other" -> outline.other();
            default -> outline.car();
        };
        return new Outline(List.copyOf(outline.shapes), frame);
    }

    private Frame car() {
        smooth(Role.PART, mirrored(0, 6, 42, 9, 72, 22, 83, 58, 86, 120, 86, 300, 84, 384, 74, 428, 40, 439, 0, 441));
        smooth(Role.THIN, mirrored(0, 126, 40, 130, 68, 146, 60, 182, 30, 173, 0, 171));
        smooth(Role.THIN, mirrored(0, 338, 32, 336, 58, 328, 66, 372, 36, 384, 0, 386));
        both(Role.THIN, 72, 150, 70, 190, 70, 320, 72, 368);
        both(Role.THIN, 71, 255, 86, 255);
        both(Role.THIN, 86, 150, 100, 158, 99, 168, 86, 166);
        both(Role.THIN, 30, 20, 62, 30, 70, 48);
        both(Role.THIN, 36, 432, 66, 424, 74, 404);
        drive(92, 350, 40, 96);
        return new Frame(-206, -6, 412, 460);
    }

    private Frame van() {
        smooth(Role.PART, mirrored(0, 4, 48, 6, 78, 14, 88, 48, 90, 90, 90, 200, 90, 400, 89, 446, 80, 455, 0, 456));
        smooth(Role.THIN, mirrored(0, 64, 46, 68, 78, 82, 72, 112, 36, 106, 0, 105));
        both(Role.THIN, 82, 112, 82, 440);
        line(Role.THIN, -82, 168, 82, 168);
        line(Role.THIN, 0, 448, 0, 456);
        both(Role.THIN, 90, 82, 106, 92, 105, 106, 90, 104);
        both(Role.THIN, 34, 12, 68, 20, 78, 36);
        for (int rib = 210; rib < 440; rib += 46) {
            line(Role.THIN, -82, rib, 82, rib);
        }
        drive(76, 376, 34, 84);
        return new Frame(-212, -6, 424, 468);
    }

    private Frame motorcycle() {
        smooth(Role.PART, mirrored(0, 118, 14, 124, 30, 150, 34, 190, 28, 226, 16, 240, 0, 242));
        smooth(Role.PART, mirrored(0, 240, 18, 244, 24, 280, 24, 330, 16, 360, 0, 366));
        both(Role.THIN, 11, 40, 11, 112);
        both(Role.THIN, 30, 200, 46, 204, 46, 232, 29, 236);
        both(Role.THIN, 9, 330, 13, 396);
        smooth(
                Role.THIN,
                List.of(
                        Point.of(-96, 142),
                        Point.of(-60, 132),
                        Point.of(-30, 112),
                        Point.of(30, 112),
                        Point.of(60, 132),
                        Point.of(96, 142),
                        Point.of(94, 148),
                        Point.of(58, 139),
                        Point.of(28, 119),
                        Point.of(-28, 119),
                        Point.of(-58, 139),
                        Point.of(-94, 148)));
        both(Role.THIN, 50, 268, 34, 268);
        return new Frame(-180, 0, 360, 450);
    }

    private Frame bicycle() {
        both(Role.THIN, 7, 22, 7, 128);
        line(Role.MARK, 0, 136, 0, 300);
        line(Role.MARK, -86, 128, 86, 128);
        both(Role.MARK, 86, 128, 90, 158);
        smooth(Role.PART, mirrored(0, 262, 8, 266, 10, 286, 26, 312, 24, 326, 0, 330));
        both(Role.THIN, 9, 300, 9, 396);
        line(Role.THIN, 14, 252, 14, 398);
        line(Role.BEHIND, -40, 208, 40, 288);
        return new Frame(-180, 0, 360, 460);
    }

    /** Engine and propeller shaft, seen through the body. */
    private void drive(double front, double rear, double engineTop, double engineEnd) {
        shapes.add(Shape.area(
                Role.BEHIND,
                Known.ESTIMATED,
                Point.of(-30, engineTop),
                Point.of(30, engineTop),
                Point.of(30, engineEnd),
                Point.of(-30, engineEnd)));
        both(Role.BEHIND, 30, front, 74, front);
        both(Role.BEHIND, 12, rear, 74, rear);
        line(Role.BEHIND, 0, engineEnd, 0, rear - 12);
        shapes.add(new Shape.Circle(Point.of(0, rear), 12, Role.BEHIND, Known.ESTIMATED));
    }

    private Frame trailer(List<Spot> spots) {
        shapes.add(new Shape.Circle(Point.of(0, 18), 10, Role.PART, Known.TABLE));
        both(Role.MARK, 6, 26, 50, 150);
        both(Role.MARK, 50, 150, 50, 430);
        line(Role.MARK, -50, 150, 50, 150);
        line(Role.MARK, -50, 430, 50, 430);
        line(Role.MARK, 0, 28, 0, 430);
        smooth(Role.BEHIND, mirrored(0, 96, 17, 140, 34, 210, 41, 300, 40, 380, 33, 440, 0, 444));
        for (int roller = 180; roller <= 420; roller += 60) {
            shapes.add(Shape.area(
                    Role.PART,
                    Known.TABLE,
                    Point.of(-12, roller),
                    Point.of(12, roller),
                    Point.of(12, roller + 8),
                    Point.of(-12, roller + 8)));
        }
        spots.stream()
                .filter(spot -> spot.words().side() > 0)
                .forEach(spot -> axle(spot.at().y(), spot.height() / 2));
        return new Frame(-194, 0, 388, 452);
    }

    private void axle(double y, double half) {
        line(Role.MARK, -66, y, 66, y);
        both(Role.THIN, 50, y - half, 56, y, 50, y + half);
    }

    private Frame lorry() {
        smooth(Role.PART, mirrored(0, 8, 50, 9, 84, 14, 86, 60, 86, 116, 84, 126, 0, 128));
        smooth(Role.THIN, mirrored(0, 20, 50, 22, 78, 30, 74, 46, 36, 42, 0, 41));
        line(Role.PART, -90, 144, 90, 144, 90, 452, -90, 452, -90, 144);
        both(Role.THIN, 86, 60, 100, 66, 99, 84, 86, 82);
        for (int board = 190; board < 450; board += 44) {
            line(Role.THIN, -90, board, 90, board);
        }
        drive(84, 340, 34, 116);
        both(Role.BEHIND, 0, 408, 74, 408);
        return new Frame(-212, -2, 424, 468);
    }

    private Frame tractor() {
        smooth(Role.PART, mirrored(0, 40, 22, 42, 28, 60, 30, 130, 32, 196, 0, 200));
        smooth(Role.PART, mirrored(0, 200, 34, 202, 40, 240, 42, 360, 34, 386, 0, 390));
        smooth(Role.THIN, mirrored(0, 282, 18, 284, 22, 318, 14, 328, 0, 330));
        shapes.add(new Shape.Circle(Point.of(0, 250), 17, Role.THIN, Known.TABLE));
        both(Role.MARK, 26, 92, 62, 92);
        both(Role.MARK, 40, 330, 66, 330);
        line(Role.BEHIND, 0, 150, 0, 330);
        both(Role.THIN, 14, 390, 10, 420);
        return new Frame(-212, 4, 424, 446);
    }

    private Frame quad() {
        smooth(Role.PART, mirrored(0, 44, 26, 50, 34, 90, 26, 150, 24, 250, 34, 300, 44, 380, 30, 404, 0, 408));
        smooth(Role.THIN, mirrored(0, 236, 18, 240, 20, 340, 12, 356, 0, 358));
        both(Role.MARK, 24, 92, 62, 92);
        both(Role.MARK, 26, 350, 61, 350);
        both(Role.MARK, 6, 130, 58, 142, 70, 156);
        smooth(Role.THIN, mirrored(0, 12, 40, 16, 46, 26, 0, 24));
        line(Role.BEHIND, 0, 254, 0, 350);
        return new Frame(-206, 0, 412, 450);
    }

    private Frame cart() {
        line(Role.PART, -66, 130, 66, 130, 66, 350, -66, 350, -66, 130);
        for (int board = 170; board < 350; board += 40) {
            line(Role.THIN, -66, board, 66, board);
        }
        both(Role.MARK, 46, 130, 46, 34);
        line(Role.MARK, -46, 40, 46, 40);
        line(Role.MARK, -74, 240, 74, 240);
        return new Frame(-206, 10, 412, 370);
    }

    private Frame wheelchair() {
        smooth(Role.PART, mirrored(0, 172, 52, 174, 56, 190, 56, 300, 50, 312, 0, 314));
        line(Role.MARK, -60, 318, 60, 318);
        both(Role.MARK, 62, 160, 62, 318);
        both(Role.MARK, 60, 318, 60, 352, 48, 352);
        both(Role.THIN, 58, 132, 58, 118);
        both(Role.MARK, 56, 148, 44, 176);
        both(Role.THIN, 34, 172, 26, 84);
        line(Role.MARK, -34, 82, 34, 82);
        line(Role.MARK, -78, 262, 78, 262);
        return new Frame(-206, 50, 412, 330);
    }

    /** Four things that turn, for what is none of the vehicles. */
    private Frame other() {
        line(Role.MARK, -86, 110, -14, 110);
        shapes.add(new Shape.Circle(Point.of(54, 110), 40, Role.PART, Known.TABLE));
        shapes.add(new Shape.Circle(Point.of(54, 110), 30, Role.THIN, Known.TABLE));
        line(Role.MARK, 20, 88, -4, 20);
        line(Role.MARK, 88, 88, 96, 20);
        both(Role.PART, 52, 222, 74, 222, 74, 258, 52, 258, 52, 222);
        smooth(
                Role.PART,
                List.of(
                        Point.of(-48, 338),
                        Point.of(-20, 334),
                        Point.of(84, 320),
                        Point.of(92, 334),
                        Point.of(-16, 368),
                        Point.of(-46, 364)));
        return new Frame(-206, 10, 412, 380);
    }

    private void line(Role role, double... xy) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(Point.of(xy[i], xy[i + 1]));
        }
        shapes.add(new Shape.Outline(points, false, role, Known.TABLE));
    }

    /** A line on the right, and the same on the left. */
    private void both(Role role, double... xy) {
        line(role, xy);
        double[] other = xy.clone();
        for (int i = 0; i < other.length; i += 2) {
            other[i] = -other[i];
        }
        line(role, other);
    }

    /** Points from the middle down the right side, with the left side added. */
    private static List<Point> mirrored(double... xy) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(Point.of(xy[i], xy[i + 1]));
        }
        for (int i = xy.length - 2; i >= 0; i -= 2) {
            if (xy[i] != 0) {
                points.add(Point.of(-xy[i], xy[i + 1]));
            }
        }
        return points;
    }

    /** A closed curve through the points (Catmull-Rom). */
    private void smooth(Role role, List<Point> points) {
        List<Point> curve = new ArrayList<>();
        int n = points.size();
        for (int i = 0; i < n; i++) {
            Point a = points.get((i + n - 1) % n);
            Point b = points.get(i);
            Point c = points.get((i + 1) % n);
            Point d = points.get((i + 2) % n);
            for (double t = 0; t < 1; t += 0.25) {
                curve.add(Point.of(spline(a.x(), b.x(), c.x(), d.x(), t), spline(a.y(), b.y(), c.y(), d.y(), t)));
            }
        }
        shapes.add(new Shape.Outline(curve, true, role, Known.TABLE));
    }

    private static double spline(double a, double b, double c, double d, double t) {
        return 0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t * t * t);
    }
}
