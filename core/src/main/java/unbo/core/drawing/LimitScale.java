package unbo.core.drawing;

import java.util.ArrayList;
import java.util.List;

import unbo.core.measure.Show;

/** A scale with the allowed band laid on it and values marked: the limit bar of every answer. True to scale. */
public final class LimitScale {

    /** From where to where, in the unit of the axis. */
    public record Range(double from, double to) {}

    private static final double LENGTH = 320;

    /** A value on the scale with the word over it. */
    public record Marker(double value, String label, Role role) {}

    private LimitScale() {}

    /**
     * @param from value at the left end
     * @param to value at the right end; markers beyond it stand at the end with an arrowhead turned outwards
     * @param least lower end of the band
     * @param most upper end of the band
     */
    public static Drawing of(
            String name, String title, String axis, Range axisRange, Range limits, List<Marker> markers) {
        double from = axisRange.from();
        double to = axisRange.to();
        double least = limits.from();
        double most = limits.to();
        double unit = LENGTH / (to - from);
        List<Shape> shapes = new ArrayList<>();
        double left = Math.max(0, (least - from) * unit);
        double right = Math.min(LENGTH, (most - from) * unit);
        shapes.add(Shape.area(
                Role.BAND,
                Known.TABLE,
                Point.of(left, -18),
                Point.of(right, -18),
                Point.of(right, 0),
                Point.of(left, 0)));
        shapes.add(Shape.line(Role.MARK, Point.of(0, 0), Point.of(LENGTH, 0)));
        double step = tick(to - from);
        for (double v = Math.ceil(from / step) * step; v <= to + step * 1e-6; v += step) {
            double x = (v - from) * unit;
            shapes.add(Shape.line(Role.THIN, Point.of(x, 0), Point.of(x, 5)));
            shapes.add(new Shape.Label(Point.of(x, 16), Show.number(v, 3), "middle", 10, Role.MARK));
        }
        shapes.add(new Shape.Label(Point.of(LENGTH, 30), axis, "end", 10, Role.MARK));
        for (Marker marker : markers) {
            double x = (marker.value() - from) * unit;
            if (x > LENGTH || x < 0) {
                continue;
            }
            shapes.add(Shape.area(
                    marker.role(), Known.MEASURED, Point.of(x, 0), Point.of(x - 5, -12), Point.of(x + 5, -12)));
            shapes.add(new Shape.Label(Point.of(x, -23), marker.label(), "middle", 10, marker.role()));
        }
        if (markers.stream().noneMatch(m -> m.value() <= to && m.value() >= from) && !markers.isEmpty()) {
            Marker off = markers.get(0);
            boolean high = off.value() > to;
            double x = high ? LENGTH : 0;
            double way = high ? 12 : -12;
            shapes.add(Shape.area(Role.OUT, Known.MEASURED, Point.of(x + way, -6), Point.of(x, -12), Point.of(x, 0)));
            shapes.add(new Shape.Label(Point.of(x, -23), off.label(), high ? "end" : "start", 10, Role.OUT));
        }
        return new Drawing(name, title, -18, -36, LENGTH + 36, 74, shapes);
    }

    private static double tick(double span) {
        double rough = span / 7;
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double lead = rough / power;
        return power * (lead > 5 ? 10 : lead > 2 ? 5 : lead > 1 ? 2 : 1);
    }
}
