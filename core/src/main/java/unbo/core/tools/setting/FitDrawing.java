package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.fit.Band;
import unbo.core.fit.Fit;
import unbo.core.fit.Interference;
import unbo.core.measure.Show;

/**
 * Both tolerance bands on one scale with the interference between them, and what each clearance class leaves. To scale.
 */
final class FitDrawing {

    /** Left and right of a bar, in units of the drawing. */
    private record Ends(double left, double right) {}

    private static final double LENGTH = 360;
    private static final double HIGH = 26;
    private static final double TEXT = 14;

    private FitDrawing() {}

    static List<Drawing> of(Fit fit) {
        return fit.left().isEmpty() ? List.of(bands(fit)) : List.of(bands(fit), left(fit));
    }

    private static Drawing bands(Fit fit) {
        Band seat = fit.seatBand();
        Band ring = fit.bearingBand();
        double from = Math.min(Math.min(seat.lowerUm(), ring.lowerUm()), 0) - 4;
        double to = Math.max(Math.max(seat.upperUm(), ring.upperUm()), 0) + 4;
        double unit = LENGTH / (to - from);
        List<Shape> shapes = new ArrayList<>();
        double zero = -from * unit;
        shapes.add(Shape.line(Role.CENTRE, Point.of(zero, -8), Point.of(zero, 96)));
        shapes.add(new Shape.Label(
                Point.of(zero, 110), "0 = " + Show.number(fit.input().seatMm(), 3) + " mm", "middle", TEXT, Role.THIN));
        row(
                shapes,
                8,
                new Ends((seat.lowerUm() - from) * unit, (seat.upperUm() - from) * unit),
                fit.input().inner() ? "shaft" + symbol(fit) : "housing" + symbol(fit),
                ends(seat),
                Role.SOLID);
        row(
                shapes,
                8 + HIGH + 22,
                new Ends((ring.lowerUm() - from) * unit, (ring.upperUm() - from) * unit),
                fit.input().inner() ? "bearing's bore" : "bearing's outside",
                ends(ring),
                Role.SOLID_TWIN);
        double a = (seat.meanUm() - from) * unit;
        double b = (ring.meanUm() - from) * unit;
        double y = 8 + HIGH + 9;
        shapes.add(new Shape.Dimension(
                Point.of(a, 8 + HIGH),
                Point.of(b, 8 + HIGH + 22),
                Point.of(a, y),
                Point.of(b, y),
                "",
                TEXT,
                Known.TABLE));
        String mean = (fit.interference().meanUm() < 0 ? "gap " : "interference ")
                + FitWords.um(Math.abs(fit.interference().meanUm())) + " µm on the mean";
        shapes.add(new Shape.Label(Point.of(Math.max(a, b) + 8, y + 4), mean, "start", TEXT + 1, Role.ANSWER));
        return new Drawing(
                "fit-bands",
                "Tolerance bands of the seat and of the bearing on one scale; " + mean,
                -140,
                -14,
                LENGTH + 400,
                132,
                shapes);
    }

    private static String symbol(Fit fit) {
        return fit.input().seat() == null ? ", measured" : " " + fit.input().seat();
    }

    private static String ends(Band b) {
        return signed(b.lowerUm()) + " to " + signed(b.upperUm()) + " µm";
    }

    private static String signed(double um) {
        return (um > 0 ? "+" : "") + FitWords.um(um);
    }

    private static void row(List<Shape> shapes, double y, Ends at, String name, String ends, Role role) {
        double left = at.left();
        double right = at.right();
        double end = Math.max(right, left + 3);
        shapes.add(Shape.area(
                role,
                Known.TABLE,
                Point.of(left, y),
                Point.of(end, y),
                Point.of(end, y + HIGH),
                Point.of(left, y + HIGH)));
        shapes.add(new Shape.Label(Point.of(-8, y + HIGH * 0.65), name, "end", TEXT + 1, Role.MARK));
        shapes.add(new Shape.Label(Point.of(LENGTH + 20, y + HIGH * 0.65), ends, "start", TEXT, Role.THIN));
    }

    private static Drawing left(Fit fit) {
        double from = Math.min(
                        0,
                        fit.left().stream()
                                .mapToDouble(l -> l.warm().minUm())
                                .min()
                                .orElse(0))
                - 3;
        double to = fit.left().stream().mapToDouble(l -> l.cold().maxUm()).max().orElse(1) + 3;
        double unit = LENGTH / (to - from);
        List<Shape> shapes = new ArrayList<>();
        double zero = -from * unit;
        double high = fit.left().size() * 34.0;
        shapes.add(Shape.area(
                Role.OUT,
                Known.ESTIMATED,
                Point.of(0, -4),
                Point.of(zero, -4),
                Point.of(zero, high),
                Point.of(0, high)));
        shapes.add(Shape.line(Role.MARK, Point.of(zero, -8), Point.of(zero, high + 4)));
        shapes.add(new Shape.Label(Point.of(zero, -14), "0", "middle", TEXT, Role.MARK));
        shapes.add(new Shape.Label(Point.of(zero - 6, high + 16), "preload", "end", TEXT, Role.MARK));
        shapes.add(new Shape.Label(
                Point.of(zero + 6, high + 16),
                "clearance, µm: outlined on the bench, filled running, stroke the mean",
                "start",
                TEXT,
                Role.THIN));
        double y = 0;
        for (Fit.Left l : fit.left()) {
            boolean mine = fit.chosen() != null
                    && l.clearanceClass().equals(fit.chosen().clearanceClass());
            span(shapes, ends(l.cold(), from, unit), y, 10, Role.PART);
            span(shapes, ends(l.warm(), from, unit), y + 13, 13, mine ? Role.ANSWER : Role.BAND);
            double mean = (l.warm().meanUm() - from) * unit;
            shapes.add(Shape.line(Role.MARK, Point.of(mean, y + 11), Point.of(mean, y + 28)));
            shapes.add(new Shape.Label(
                    Point.of(-8, y + 20), l.clearanceClass(), "end", TEXT + 2, mine ? Role.ANSWER : Role.MARK));
            shapes.add(new Shape.Label(
                    Point.of(LENGTH + 20, y + 20),
                    FitWords.um(l.warm().meanUm()) + " µm ("
                            + FitWords.um(l.warm().minUm()) + " to "
                            + FitWords.um(l.warm().maxUm()) + ")",
                    "start",
                    TEXT,
                    mine ? Role.ANSWER : Role.THIN));
            y += 34;
        }
        return new Drawing(
                "fit-left",
                "Radial clearance left by each class, cold and running",
                -140,
                -30,
                LENGTH + 400,
                high + 56,
                shapes);
    }

    private static void span(List<Shape> shapes, Ends at, double y, double high, Role role) {
        double left = at.left();
        double right = at.right();
        shapes.add(Shape.area(
                role,
                Known.TABLE,
                Point.of(left, y),
                Point.of(right, y),
                Point.of(right, y + high),
                Point.of(left, y + high)));
    }

    private static Ends ends(Interference i, double from, double unit) {
        return new Ends((i.minUm() - from) * unit, (i.maxUm() - from) * unit);
    }
}
