package unbo.core.tools.proving;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;
import unbo.core.runout.Harmonic;
import unbo.core.runout.Runout;

/**
 * The turn as a polar picture: readings as dots round the mean circle, the two waves through them, the high spot as a
 * pointer, local faults as marked triangles with the angle to chalk. Deviations are enlarged and the scale says by how
 * much.
 */
final class RunoutDrawing {

    private static final double MEAN = 78;
    private static final double REACH = 30;
    private static final double RIM = 121;
    private static final int STEP = 3;

    private RunoutDrawing() {}

    static Drawing of(Runout runout) {
        double half = largest(runout);
        double grid = grid(half);
        double scale = REACH / Math.max(half, grid);
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Circle(Point.of(0, 0), MEAN, Role.CENTRE, Known.TABLE));
        for (int side = -1; side <= 1; side += 2) {
            shapes.add(new Shape.Circle(Point.of(0, 0), MEAN + side * grid * scale, Role.THIN, Known.TABLE));
        }
        shapes.add(new Shape.Label(Point.of(-148, 114), "thin circles", "start", 7.5, Role.THIN));
        shapes.add(new Shape.Label(Point.of(-148, 123), "± " + Show.fixed(grid, 3) + " mm", "start", 7.5, Role.MARK));
        shapes.add(new Shape.Label(
                Point.of(-148, 132),
                "drawn " + Show.number(10 * Math.round(scale / 10), 0) + " times",
                "start",
                7.5,
                Role.THIN));
        shapes.add(new Shape.Label(Point.of(0, 0), "marks", "middle", 6.5, Role.THIN));
        marks(runout, shapes);
        List<Point> wave = new ArrayList<>();
        for (int a = 0; a < 360; a += STEP) {
            wave.add(at(MEAN + scale * (runout.waveAt(a) - runout.meanMm()), a));
        }
        shapes.add(new Shape.Outline(wave, true, Role.MARK, Known.MEASURED));
        int n = runout.input().readings().size();
        for (int k = 0; k < n; k++) {
            int reading = k;
            if (runout.spikes().stream().noneMatch(s -> s.reading() == reading)) {
                shapes.add(new Shape.Circle(
                        at(MEAN + scale * (runout.input().readings().get(k) - runout.meanMm()), 360.0 * k / n),
                        1.9,
                        Role.PART,
                        Known.MEASURED));
            }
        }
        double high = runout.first().highSpotDeg();
        shapes.add(
                Shape.area(Role.ANSWER, Known.MEASURED, at(RIM - 8, high), at(RIM, high - 3.2), at(RIM, high + 3.2)));
        shapes.add(new Shape.Label(at(RIM + 15, high), RunoutWords.angle(high), "middle", 9, Role.ANSWER));
        for (Runout.Spike s : runout.spikes()) {
            double radius = MEAN + scale * (runout.input().readings().get(s.reading()) - runout.meanMm());
            shapes.add(Shape.line(Role.OUT, at(radius, s.angleDeg()), at(RIM - 9, s.angleDeg())));
            shapes.add(Shape.area(
                    Role.OUT,
                    Known.MEASURED,
                    at(radius + 4, s.angleDeg()),
                    at(radius - 3, s.angleDeg() - 3),
                    at(radius - 3, s.angleDeg() + 3)));
            shapes.add(new Shape.Label(
                    at(RIM + (near(s.angleDeg(), high) ? 27 : 15), s.angleDeg()),
                    "spot " + RunoutWords.angle(s.angleDeg()),
                    "middle",
                    8,
                    Role.OUT));
        }
        return new Drawing("runout", title(runout), -152, -140, 304, 280, shapes);
    }

    private static boolean near(double one, double other) {
        double apart = Harmonic.turn(one - other, 360);
        return Math.min(apart, 360 - apart) < 20;
    }

    /** The marks of the turn: a tick a reading, a figure every eighth of the turn or so. */
    private static void marks(Runout runout, List<Shape> shapes) {
        int n = runout.input().readings().size();
        int every = Math.max(1, n / 8);
        for (int k = 0; k < n; k++) {
            double angle = 360.0 * k / n;
            shapes.add(Shape.line(Role.THIN, at(36, angle), at(k % every == 0 ? 31 : 33.5, angle)));
            if (k % every == 0) {
                shapes.add(new Shape.Label(at(24, angle), String.valueOf(k), "middle", 6, Role.MARK));
            }
        }
    }

    private static double largest(Runout runout) {
        double most = 0.002;
        for (double r : runout.input().readings()) {
            most = Math.max(most, Math.abs(r - runout.meanMm()));
        }
        return most;
    }

    /** A round figure near half of the largest deviation. */
    private static double grid(double most) {
        double power = Math.pow(10, Math.floor(Math.log10(most)));
        double lead = most / power;
        return power * (lead >= 5 ? 5 : lead >= 2 ? 2 : 1);
    }

    /** Angles grow clockwise, as marks are chalked and read with the part turned under the indicator. */
    private static Point at(double radius, double degrees) {
        return Point.polar(radius, -degrees);
    }

    private static String title(Runout runout) {
        String spots = runout.spikes().isEmpty()
                ? "no local spot"
                : String.join(
                        ", ",
                        runout.spikes().stream()
                                .map(s -> "local spot at " + RunoutWords.angle(s.angleDeg()))
                                .toList());
        return "One turn, clockwise from mark 0: high at "
                + RunoutWords.angle(runout.first().highSpotDeg()) + ", " + spots;
    }
}
