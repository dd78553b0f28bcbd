package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;
import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutInput;
import unbo.core.setting.EndPlayBand;
import unbo.core.setting.LockingPosition;

/**
 * The nut face-on with slots and pin holes at their true angles, and the end-play scale. Sizes are nominal (the across
 * flats does not enter the sum); angles and the scale are true. Backing off turns counter-clockwise, as on a right-hand
 * thread.
 */
public final class CastleNutDrawing {

    private static final double FLATS = 62;
    private static final double CROWN = 54;
    private static final double ROOT = 33;
    private static final double SPINDLE = 29;
    private static final double DIAL = 76;
    private static final double SLOT_HALF = 5;

    private CastleNutDrawing() {}

    /**
     * Face-on: the nut where the end play is just zero; round it the places where slot 0 comes to stand when it locks.
     */
    public static Drawing face(CastleNut nut) {
        CastleNutInput in = nut.input();
        List<Shape> shapes = new ArrayList<>();
        double from = in.freeAngleDeg() + 360 * in.band().minMm() / in.pitchMm();
        double to = in.freeAngleDeg() + Math.min(355, 360 * in.band().maxMm() / in.pitchMm());
        shapes.add(new Shape.Arc(DIAL, in.freeAngleDeg(), in.freeAngleDeg() + 359.9, Role.THIN));
        shapes.add(new Shape.Arc(DIAL, from, to, Role.BAND));
        for (int i = 0; i < nut.positions().size(); i++) {
            LockingPosition p = nut.positions().get(i);
            double at = in.freeAngleDeg() + p.backOffDeg();
            boolean best = nut.best() != null && nut.best() == i;
            shapes.add(
                    Shape.line(best ? Role.ANSWER : Role.MARK, Point.polar(DIAL - 4, at), Point.polar(DIAL + 4, at)));
            if (p.backOffDeg() < 180 || nut.positions().size() <= 6 || best) {
                shapes.add(new Shape.Label(
                        Point.polar(DIAL + 15, at),
                        Show.fixed(p.endPlayMm(), 3),
                        "middle",
                        best ? 8 : 6.5,
                        best ? Role.ANSWER : Role.MARK));
            }
        }
        shapes.add(new Shape.Turned("nut", in.freeAngleDeg(), nutShapes(in)));
        shapes.add(new Shape.Circle(Point.of(0, 0), SPINDLE, Role.PART, Known.MEASURED));
        for (double hole : in.pinHolesDeg()) {
            shapes.add(new Shape.Outline(
                    turned(hole, -3.2, SPINDLE, -3.2, 4, 3.2, 4, 3.2, SPINDLE), false, Role.BEHIND, Known.ESTIMATED));
            shapes.add(new Shape.Outline(
                    turned(hole, 0, SPINDLE - 1, -4, SPINDLE - 8, 4, SPINDLE - 8), true, Role.OUT, Known.MEASURED));
        }
        shapes.add(Shape.line(Role.CENTRE, Point.of(-SPINDLE + 8, 0), Point.of(SPINDLE - 8, 0)));
        shapes.add(Shape.line(Role.CENTRE, Point.of(0, -SPINDLE + 8), Point.of(0, SPINDLE - 8)));
        return new Drawing(
                "nut-face",
                "The nut face-on at zero end play: " + in.slots() + " slots, slot 0 at "
                        + CastleNutWords.degrees(in.freeAngleDeg()) + ", pin holes at "
                        + String.join(
                                ", ",
                                in.pinHolesDeg().stream()
                                        .map(CastleNutWords::degrees)
                                        .toList()),
                -108,
                -98,
                216,
                196,
                shapes);
    }

    private static List<Shape> nutShapes(CastleNutInput in) {
        List<Shape> shapes = new ArrayList<>();
        List<Point> flats = new ArrayList<>();
        for (int k = 0; k < 6; k++) {
            flats.add(Point.polar(FLATS / Math.cos(Math.PI / 6), 60 * k + 30));
        }
        shapes.add(new Shape.Outline(flats, true, Role.PART, Known.MEASURED));
        shapes.add(new Shape.Circle(Point.of(0, 0), CROWN, Role.SOLID, Known.MEASURED));
        double half = Math.min(SLOT_HALF, Math.PI * ROOT / in.slots() * 0.45);
        for (int k = 0; k < in.slots(); k++) {
            double at = k * in.slotStepDeg();
            shapes.add(new Shape.Outline(
                    turned(at, -half, CROWN + 1, -half, ROOT - 4, half, ROOT - 4, half, CROWN + 1),
                    true,
                    Role.PAPER,
                    Known.MEASURED));
        }
        shapes.add(new Shape.Outline(
                turned(0, 0, CROWN + 2, -5, CROWN + 12, 5, CROWN + 12), true, Role.ANSWER, Known.MEASURED));
        return shapes;
    }

    /** Points given as (sideways, outward) pairs along a radius, laid at {@code degrees}. */
    private static List<Point> turned(double degrees, double... sidewaysOutward) {
        double a = Math.toRadians(degrees);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < sidewaysOutward.length; i += 2) {
            double side = sidewaysOutward[i];
            double out = sidewaysOutward[i + 1];
            points.add(Point.of(side * Math.cos(a) - out * Math.sin(a), -side * Math.sin(a) - out * Math.cos(a)));
        }
        return points;
    }

    /** The end-play scale: the band, and each locking position at its value. */
    public static Drawing scale(CastleNut nut) {
        EndPlayBand band = nut.input().band();
        List<LimitScale.Marker> markers = new ArrayList<>();
        for (int i = 0; i < nut.positions().size(); i++) {
            LockingPosition p = nut.positions().get(i);
            Role role = nut.best() != null && nut.best() == i ? Role.ANSWER : p.inBand() ? Role.MARK : Role.OUT;
            markers.add(new LimitScale.Marker(p.endPlayMm(), CastleNutWords.degrees(p.backOffDeg()), role));
        }
        double most = Math.max(band.maxMm() * 2.4, nut.positions().get(0).endPlayMm() * 1.15);
        return LimitScale.of(
                "nut-scale",
                "End play of each locking position against the band " + CastleNutWords.words(band),
                "end play, mm",
                new LimitScale.Range(0, most),
                new LimitScale.Range(band.minMm(), band.maxMm()),
                markers);
    }
}
