package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.Tolerances;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;

/**
 * How far bore and outside may be under their sizes, class by class on one scale, with the radial runout of the inner
 * ring beside it. The upper deviation is 0: the bands hang to the left of it (ISO 492, radial bearings except tapered).
 */
final class ToleranceDrawing {

    private static final double LENGTH = 150;
    private static final double ROW = 22;

    private ToleranceDrawing() {}

    /** Null for tapers, needles without an outside, and where no classes are listed. */
    static @Nullable Drawing of(Bearing d) {
        if (d.boreMm() == null || d.outsideMm() == null || !Tolerances.cover(d)) {
            return null;
        }
        List<Tolerances.Band> bore = Tolerances.bore(d.boreMm());
        List<Tolerances.Band> outside = Tolerances.outside(d.outsideMm());
        if (bore.isEmpty() || outside.isEmpty()) {
            return null;
        }
        String marked = d.suffixes().tolerance() == null ? "P0" : d.suffixes().tolerance();
        double most = Math.max(bore.get(0).lowerUm(), outside.get(0).lowerUm());
        List<Shape> shapes = new ArrayList<>();
        column("bore " + Show.number(d.boreMm(), 2) + ", µm", bore, marked, most, 0, shapes);
        column("outside " + Show.number(d.outsideMm(), 2) + ", µm", outside, marked, most, LENGTH + 110, shapes);
        shapes.add(new Shape.Label(Point.of(2 * LENGTH + 165, -18), "runout, inner ring", "start", 11, Role.THIN));
        for (int i = 0; i < bore.size(); i++) {
            boolean mine = bore.get(i).code().equals(marked);
            shapes.add(new Shape.Label(
                    Point.of(-12, i * ROW), bore.get(i).code(), "end", 13, mine ? Role.ANSWER : Role.MARK));
            shapes.add(new Shape.Label(
                    Point.of(2 * LENGTH + 165, i * ROW),
                    Show.number(requireNonNull(bore.get(i).runoutUm()), 1) + " µm",
                    "start",
                    12,
                    mine ? Role.ANSWER : Role.MARK));
        }
        return new Drawing(
                "tolerances",
                "Size bands and runout by tolerance class; " + marked
                        + (d.suffixes().tolerance() == null ? ", not marked" : " is marked"),
                -46,
                -32,
                2 * LENGTH + 326,
                bore.size() * ROW + 28,
                shapes);
    }

    private static void column(
            String title, List<Tolerances.Band> bands, String marked, double most, double left, List<Shape> shapes) {
        double zero = left + LENGTH;
        shapes.add(new Shape.Label(Point.of(zero, -18), title, "end", 11, Role.THIN));
        shapes.add(Shape.line(Role.MARK, Point.of(zero, -9), Point.of(zero, bands.size() * ROW - 12)));
        for (int i = 0; i < bands.size(); i++) {
            boolean mine = bands.get(i).code().equals(marked);
            double from = zero - bands.get(i).lowerUm() / most * LENGTH;
            shapes.add(Shape.area(
                    mine ? Role.ANSWER : Role.BAND,
                    Known.TABLE,
                    Point.of(from, i * ROW - 6),
                    Point.of(zero, i * ROW - 6),
                    Point.of(zero, i * ROW + 6),
                    Point.of(from, i * ROW + 6)));
            shapes.add(new Shape.Label(
                    Point.of(zero + 6, i * ROW),
                    "0 / −" + Show.number(bands.get(i).lowerUm(), 1),
                    "start",
                    11,
                    mine ? Role.ANSWER : Role.MARK));
        }
    }
}
