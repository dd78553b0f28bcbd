package unbo.core.tools.diagnosing;

import java.util.ArrayList;
import java.util.List;

import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.Hypothesis;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;

/**
 * The vehicle from above, driving up the sheet, with every position as a gauge: filled from below by the probability of
 * all causes there, with its figure beside it. The leading position has a thick frame and a pointer. Not to scale.
 */
public final class VehicleDrawing {

    private static final double HIGH = 0.5;
    private static final double FAIR = 0.15;
    private static final double SMALL = 22;
    private static final double LARGE = 30;
    private static final double WORDS = 16;

    private final Diagnosis diagnosis;
    private final List<Shape> shapes = new ArrayList<>();

    private VehicleDrawing(Diagnosis diagnosis) {
        this.diagnosis = diagnosis;
    }

    public static Drawing of(Diagnosis diagnosis) {
        VehicleDrawing drawing = new VehicleDrawing(diagnosis);
        return switch (diagnosis.input().vehicle()) {
            case "motorcycle" -> drawing.motorcycle();
            case "bicycle" -> drawing.bicycle();
            case "trailer" -> drawing.trailer();
            case "van" -> drawing.van();
            default -> drawing.car();
        };
    }

    private Drawing car() {
        smooth(Role.PART, mirrored(0, 6, 42, 9, 72, 22, 83, 58, 86, 120, 86, 300, 84, 384, 74, 428, 40, 439, 0, 441));
        smooth(Role.THIN, mirrored(0, 126, 40, 130, 68, 146, 60, 182, 30, 173, 0, 171));
        smooth(Role.THIN, mirrored(0, 338, 32, 336, 58, 328, 66, 372, 36, 384, 0, 386));
        both(Role.THIN, 72, 150, 70, 190, 70, 320, 72, 368);
        both(Role.THIN, 71, 255, 86, 255);
        both(Role.THIN, 86, 150, 100, 158, 99, 168, 86, 166);
        both(Role.THIN, 30, 20, 62, 30, 70, 48);
        both(Role.THIN, 36, 432, 66, 424, 74, 404);
        drive(92, 350, 40, 96);
        wheels(92, 350, 84, 22, 66);
        point("driveline", Point.of(0, 250), 26, 46, 30, 1);
        return drawing(-206, -6, 412, 460);
    }

    private Drawing van() {
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
        wheels(76, 376, 88, 24, 70);
        point("driveline", Point.of(0, 256), 26, 46, 30, 1);
        return drawing(-212, -6, 424, 468);
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

    private void wheels(double front, double rear, double across, double width, double length) {
        point("front-left", Point.of(-across, front), width, length, width, -1);
        point("front-right", Point.of(across, front), width, length, width, 1);
        point("rear-left", Point.of(-across, rear), width, length, width, -1);
        point("rear-right", Point.of(across, rear), width, length, width, 1);
    }

    private Drawing motorcycle() {
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
        point("front", Point.of(0, 48), 18, 78, 30, 1);
        point("steering-head", Point.of(0, 126), 20, 24, 40, -1);
        point("crank", Point.of(0, 204), 44, 22, 56, 1);
        point("gearbox", Point.of(0, 236), 34, 22, 56, -1);
        point("swing-arm", Point.of(0, 322), 40, 20, 40, 1);
        point("rear", Point.of(0, 398), 24, 82, 30, -1);
        return drawing(-180, 0, 360, 450);
    }

    private Drawing bicycle() {
        both(Role.THIN, 7, 22, 7, 128);
        line(Role.MARK, 0, 136, 0, 300);
        line(Role.MARK, -86, 128, 86, 128);
        both(Role.MARK, 86, 128, 90, 158);
        smooth(Role.PART, mirrored(0, 262, 8, 266, 10, 286, 26, 312, 24, 326, 0, 330));
        both(Role.THIN, 9, 300, 9, 396);
        line(Role.THIN, 14, 252, 14, 398);
        line(Role.BEHIND, -40, 208, 40, 288);
        point("front", Point.of(0, 62), 13, 104, 30, 1);
        point("headset", Point.of(0, 136), 20, 20, 44, -1);
        point("pedal-left", Point.of(-52, 200), 34, 20, 24, -1);
        point("pedal-right", Point.of(52, 296), 34, 20, 24, 1);
        point("bottom-bracket", Point.of(0, 246), 30, 20, 60, 1);
        point("pivot", Point.of(0, 316), 18, 18, 40, -1);
        point("rear", Point.of(0, 398), 13, 104, 26, -1);
        point("jockey", Point.of(24, 420), 10, 22, 16, 1);
        return drawing(-180, 0, 360, 460);
    }

    private Drawing trailer() {
        boolean two = diagnosis.input().axles() == 2;
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
        axle("axle1", two ? 262 : 300);
        if (two) {
            axle("axle2", 348);
        }
        return drawing(-194, 0, 388, 452);
    }

    private void axle(String axle, double y) {
        line(Role.MARK, -66, y, 66, y);
        both(Role.THIN, 50, y - 36, 56, y, 50, y + 36);
        point(axle + "-left", Point.of(-78, y), 24, 72, 24, -1);
        point(axle + "-right", Point.of(78, y), 24, 72, 24, 1);
    }

    private Drawing drawing(double left, double top, double width, double height) {
        String vehicle = diagnosis.input().vehicle();
        Diagnosis.Ranked leader = diagnosis.leader();
        return new Drawing(
                "vehicle",
                "The " + vehicle + " from above: " + leader.hypothesis().words(vehicle) + " leads with "
                        + percent(leader.probability()),
                left,
                top,
                width,
                height,
                shapes);
    }

    /**
     * A gauge about ({@code x}, {@code y}); its figure stands {@code reach} away on the {@code side}, −1 left, 1 right.
     */
    private void point(String position, Point at, double width, double height, double reach, int side) {
        double x = at.x();
        double y = at.y();
        double share = diagnosis.ranked().stream()
                .filter(r -> position.equals(r.hypothesis().position()))
                .mapToDouble(Diagnosis.Ranked::probability)
                .sum();
        boolean leads = position.equals(diagnosis.leader().hypothesis().position())
                && !diagnosis.input().seen().isEmpty();
        double left = x - width / 2;
        double right = x + width / 2;
        double bottom = y + height / 2;
        double level = bottom - share * height;
        Role fill = share >= HIGH ? Role.SHARE_HIGH : share >= FAIR ? Role.SHARE_FAIR : Role.SHARE_LOW;
        shapes.add(Shape.area(
                Role.PAPER,
                Known.TABLE,
                Point.of(left, bottom - height),
                Point.of(right, bottom - height),
                Point.of(right, bottom),
                Point.of(left, bottom)));
        shapes.add(Shape.area(
                fill,
                Known.TABLE,
                Point.of(left, level),
                Point.of(right, level),
                Point.of(right, bottom),
                Point.of(left, bottom)));
        shapes.add(new Shape.Outline(
                List.of(
                        Point.of(left, bottom - height),
                        Point.of(right, bottom - height),
                        Point.of(right, bottom),
                        Point.of(left, bottom)),
                true,
                Role.FRAME,
                leads ? Known.MEASURED : Known.TABLE));
        double edge = x + side * (width / 2 + 5);
        double end = x + side * reach;
        if (leads) {
            shapes.add(Shape.area(
                    Role.ANSWER,
                    Known.MEASURED,
                    Point.of(edge, y),
                    Point.of(edge + side * 13, y - 8),
                    Point.of(edge + side * 13, y + 8)));
        } else if (reach > width / 2 + 8) {
            line(Role.THIN, edge, y, end, y);
        }
        String anchor = side > 0 ? "start" : "end";
        double text = Math.max(Math.abs(end), Math.abs(edge) + (leads ? 18 : 0)) * side;
        shapes.add(new Shape.Label(
                Point.of(text + side * 4, y - (leads ? 8 : 5)),
                percent(share),
                anchor,
                leads ? LARGE : SMALL,
                leads ? Role.ANSWER : Role.MARK));
        shapes.add(new Shape.Label(
                Point.of(text + side * 4, y + (leads ? 21 : 15)),
                Hypothesis.where(diagnosis.input().vehicle(), position),
                anchor,
                WORDS,
                Role.THIN));
    }

    private static String percent(double share) {
        return Show.number(100 * share, 0) + " %";
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
