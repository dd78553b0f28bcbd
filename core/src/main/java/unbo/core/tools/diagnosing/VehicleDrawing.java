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
import unbo.core.tools.vehicle.Spot;
import unbo.core.tools.vehicle.VehicleOutline;

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
        return new VehicleDrawing(diagnosis).drawing();
    }

    private Drawing drawing() {
        String vehicle = diagnosis.input().vehicle();
        int axles = diagnosis.input().axles();
        VehicleOutline.Outline outline = VehicleOutline.of(vehicle, axles);
        shapes.addAll(outline.shapes());
        Spot.of(vehicle, axles).stream().filter(Spot::asked).forEach(this::point);
        Diagnosis.Ranked leader = diagnosis.leader();
        VehicleOutline.Frame frame = outline.frame();
        return new Drawing(
                "vehicle",
                "The " + vehicle + " from above: " + leader.hypothesis().words(vehicle) + " leads with "
                        + percent(leader.probability()),
                frame.left(),
                frame.top(),
                frame.width(),
                frame.height(),
                shapes);
    }

    /** A gauge at a spot, its figure beside it. */
    private void point(Spot spot) {
        String position = spot.position();
        double x = spot.at().x();
        double y = spot.at().y();
        double width = spot.width();
        double height = spot.height();
        double reach = spot.words().reach();
        int side = spot.words().side();
        double share = diagnosis.ranked().stream()
                .filter(r -> r.hypothesis().positions().contains(position))
                .mapToDouble(Diagnosis.Ranked::probability)
                .sum();
        boolean leads = diagnosis.leader().hypothesis().positions().contains(position)
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
            shapes.add(Shape.line(Role.THIN, Point.of(edge, y), Point.of(end, y)));
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
}
