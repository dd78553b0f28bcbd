package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

import unbo.core.bearing.BearingKind;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.duty.Duty;
import unbo.core.measure.Show;

/**
 * What each kind carries for the wanted life from every direction: up is across the shaft, right along it, both in kN
 * to one scale. The arrow is the load; a bearing whose line it does not reach carries it.
 */
final class DutyDrawing {

    private static final double SIDE = 260;
    private static final double TEXT = 11;
    private static final int STEP_DEG = 3;
    private static final int MOST = 8;
    private static final double ROW = 18;
    /** What is drawn first: one kind of each way to carry a load. */
    private static final List<BearingKind> TELLING = List.of(
            BearingKind.CYLINDRICAL_ROLLER,
            BearingKind.ANGULAR_CONTACT_BALL,
            BearingKind.TAPERED_ROLLER,
            BearingKind.DOUBLE_ROW_ANGULAR_CONTACT_BALL,
            BearingKind.SELF_ALIGNING_BALL,
            BearingKind.SPHERICAL_ROLLER,
            BearingKind.FOUR_POINT_BALL);

    private DutyDrawing() {}

    static Drawing of(Duty duty) {
        List<Duty.Stand> shown = shown(duty);
        Duty.Load load = duty.input().load();
        double most = load.loadN();
        for (Duty.Stand stand : shown) {
            for (int a = 0; a <= 90; a += STEP_DEG) {
                most = Math.max(most, duty.carriesN(stand.of(), a));
            }
        }
        double scale = SIDE / (most * 1.08);
        List<Shape> shapes = new ArrayList<>();
        axes(most / 1000, scale * 1000, shapes);
        for (int i = 0; i < shown.size(); i++) {
            curve(duty, shown.get(i), i, scale, shapes);
        }
        arrow(load, scale, shapes);
        return new Drawing(
                "load-arrow",
                "Load that each kind carries for the wanted life, over its direction; the arrow is the load",
                -40,
                -SIDE - 24,
                SIDE + 60,
                SIDE + 64 + ROW * shown.size(),
                shapes);
    }

    /** The fitted one, then the strongest of every other kind of its boundary. */
    private static List<Duty.Stand> shown(Duty duty) {
        Map<String, Duty.Stand> byKind = new LinkedHashMap<>();
        for (Duty.Stand stand : duty.same()) {
            String kind = stand.of().kind() + " " + Duty.loads(stand.of()).thrust();
            byKind.merge(
                    kind,
                    stand,
                    (one, other) ->
                            one.of().ratings().cN() >= other.of().ratings().cN() ? one : other);
        }
        return Stream.concat(
                        Stream.of(Objects.requireNonNull(duty.fitted())),
                        byKind.values().stream().sorted(Comparator.comparingInt(DutyDrawing::rank)))
                .limit(MOST)
                .toList();
    }

    private static int rank(Duty.Stand stand) {
        int at = TELLING.indexOf(stand.of().kind());
        return at < 0 ? TELLING.size() : at;
    }

    private static void axes(double mostKn, double perKn, List<Shape> shapes) {
        double step = Math.pow(10, Math.floor(Math.log10(mostKn)));
        step = mostKn / step < 2 ? step / 4 : mostKn / step < 5 ? step / 2 : step;
        shapes.add(Shape.line(Role.THIN, Point.of(0, 0), Point.of(SIDE, 0)));
        shapes.add(Shape.line(Role.THIN, Point.of(0, 0), Point.of(0, -SIDE)));
        for (double kn = step; kn * perKn <= SIDE; kn += step) {
            double at = kn * perKn;
            shapes.add(Shape.line(Role.THIN, Point.of(at, 0), Point.of(at, 4)));
            shapes.add(Shape.line(Role.THIN, Point.of(0, -at), Point.of(-4, -at)));
            shapes.add(new Shape.Label(Point.of(at, 15), Show.number(kn, 2), "middle", TEXT, Role.THIN));
            shapes.add(new Shape.Label(Point.of(-7, -at + 4), Show.number(kn, 2), "end", TEXT, Role.THIN));
        }
        shapes.add(new Shape.Label(Point.of(SIDE, 30), "along the shaft, kN", "end", TEXT, Role.THIN));
        shapes.add(new Shape.Label(Point.of(-36, -SIDE - 10), "across the shaft, kN", "start", TEXT, Role.THIN));
    }

    private static Point at(double newton, double degrees, double scale) {
        double a = Math.toRadians(degrees);
        return Point.of(newton * Math.sin(a) * scale, -newton * Math.cos(a) * scale);
    }

    private static void curve(Duty duty, Duty.Stand stand, int row, double scale, List<Shape> shapes) {
        double here = duty.carriesN(stand.of(), duty.input().load().angleDeg());
        boolean carries = here >= duty.input().load().loadN();
        List<Point> points = new ArrayList<>();
        for (int a = 0; a <= 90; a += STEP_DEG) {
            double newton = duty.carriesN(stand.of(), a);
            if (newton > 0) {
                points.add(at(newton, a, scale));
            }
        }
        Known known = carries ? Known.MEASURED : Known.ESTIMATED;
        if (points.size() == 1) {
            points.add(0, Point.of(0, 0));
        }
        if (!points.isEmpty()) {
            shapes.add(new Shape.Outline(points, false, Role.FRAME, known));
            Point on = points.get(Math.min(points.size() - 1, 2 + 4 * row));
            shapes.add(new Shape.Circle(on, 8, Role.PAPER, Known.TABLE));
            shapes.add(
                    new Shape.Label(Point.of(on.x(), on.y() + 4), String.valueOf(row + 1), "middle", TEXT, Role.MARK));
        }
        String words = here > 0
                ? Show.number(here / 1000, 2) + " kN from there" + (carries ? ": carries it" : "")
                : Duty.cannot(stand.of(), duty.input().load())
                        .map(DutyDrawing::why)
                        .orElse("nothing from there");
        shapes.add(new Shape.Label(
                Point.of(-30, 50 + row * ROW),
                (row + 1) + "  " + stand.of().name() + (row == 0 ? ", fitted" : "") + ": " + words,
                "start",
                TEXT + 1,
                carries ? Role.ANSWER : Role.MARK));
    }

    private static String why(Duty.Fault fault) {
        return switch (fault) {
            case NO_THRUST -> "takes no thrust";
            case ONE_WAY -> "needs a second one against it";
            case RIBS -> "too much thrust for its ribs";
            case NO_RADIAL -> "takes thrust alone";
            case NOT_SEALED, DENTS, SHORT, FAST -> "nothing from there";
        };
    }

    private static void arrow(Duty.Load load, double scale, List<Shape> shapes) {
        Point tip = at(load.loadN(), load.angleDeg(), scale);
        double length = Math.max(1e-9, Math.hypot(tip.x(), tip.y()));
        double dx = tip.x() / length;
        double dy = tip.y() / length;
        shapes.add(new Shape.Outline(List.of(Point.of(0, 0), tip), false, Role.ANSWER, Known.MEASURED));
        shapes.add(Shape.area(
                Role.ANSWER,
                Known.MEASURED,
                tip,
                Point.of(tip.x() - 10 * dx - 4 * dy, tip.y() - 10 * dy + 4 * dx),
                Point.of(tip.x() - 10 * dx + 4 * dy, tip.y() - 10 * dy - 4 * dx)));
    }
}
