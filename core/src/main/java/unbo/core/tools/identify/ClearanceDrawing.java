package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Clearances;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;

/**
 * The clearance classes of one bore side by side on one scale, the marked one filled; beside each the axial rock that a
 * single-row ball bearing of that class has in the hand: Ga = 2·√(A·Gr − Gr²/4), A = (fi + fe − 1)·Dw, grooves 0.52 and
 * 0.53 of the ball. Source: geometry of a ball between two grooves, as in textbooks (Harris and Kotzalas).
 */
public final class ClearanceDrawing {

    private static final double LENGTH = 330;
    private static final double ROW = 24;

    private ClearanceDrawing() {}

    /** Null where no classes are listed for the kind or bore. */
    static @Nullable Drawing of(Bearing d) {
        List<Clearances.Band> bands = d.boreMm() == null ? List.of() : Clearances.of(d.kind(), d.boreMm());
        if (bands.isEmpty()) {
            return null;
        }
        String marked = d.suffixes().clearance() == null ? "CN" : d.suffixes().clearance();
        double to = 10
                * Math.ceil(
                        bands.stream().mapToDouble(Clearances.Band::maxUm).max().orElseThrow() / 10);
        boolean ball = d.kind().ball() && d.outsideMm() != null;
        double dw = ball
                ? BearingGeometry.estimated(requireNonNull(d.boreMm()), requireNonNull(d.outsideMm()))
                        .elementMm()
                : 0;
        List<Shape> shapes = new ArrayList<>();
        double y = 0;
        for (Clearances.Band band : bands) {
            boolean mine = band.code().equals(marked);
            double from = band.minUm() / to * LENGTH;
            double end = band.maxUm() / to * LENGTH;
            shapes.add(new Shape.Label(Point.of(-10, y), band.code(), "end", 13, mine ? Role.ANSWER : Role.MARK));
            shapes.add(Shape.area(
                    mine ? Role.ANSWER : Role.BAND,
                    Known.TABLE,
                    Point.of(from, y - 7),
                    Point.of(end, y - 7),
                    Point.of(end, y + 7),
                    Point.of(from, y + 7)));
            String axial = ball
                    ? ", rock " + Show.number(Clearances.axialUm(band.minUm(), dw) / 1000, 2) + " to "
                            + Show.number(Clearances.axialUm(band.maxUm(), dw) / 1000, 2) + " mm"
                    : "";
            shapes.add(new Shape.Label(
                    Point.of(LENGTH + 12, y),
                    Show.number(band.minUm(), 0) + " to " + Show.number(band.maxUm(), 0) + " µm" + axial,
                    "start",
                    11,
                    mine ? Role.ANSWER : Role.MARK));
            y += ROW;
        }
        shapes.add(Shape.line(Role.MARK, Point.of(0, y - 8), Point.of(LENGTH, y - 8)));
        for (double um = 0; um <= to; um += to > 60 ? 20 : 10) {
            shapes.add(Shape.line(Role.THIN, Point.of(um / to * LENGTH, y - 8), Point.of(um / to * LENGTH, y - 3)));
            shapes.add(new Shape.Label(Point.of(um / to * LENGTH, y + 6), Show.number(um, 0), "middle", 10, Role.MARK));
        }
        shapes.add(
                new Shape.Label(Point.of(LENGTH + 12, y + 4), "µm radial, new and not fitted", "start", 10, Role.THIN));
        return new Drawing(
                "classes",
                "Radial clearance by class for a bore of " + Show.number(requireNonNull(d.boreMm()), 2) + " mm; "
                        + marked + (d.suffixes().clearance() == null ? ", not marked" : " is marked"),
                -46,
                -16,
                LENGTH + 290,
                y + 32,
                shapes);
    }
}
