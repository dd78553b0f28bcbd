package unbo.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

import unbo.core.measure.Show;

/**
 * Lines over one quantity, with the values behind them. Lines differ by their stroke and carry their name at the end,
 * so that they are told apart without colour. True to its scales.
 *
 * @param name stable, shared by drawing and table
 * @param lines at least one; all over the same range of x
 * @param spots values that are the case now
 * @param marks limits or present values of x, as upright lines
 */
public record Chart(String name, String title, Axis x, Axis y, List<Line> lines, List<Spot> spots, List<Mark> marks) {

    private static final double WIDTH = 420;
    private static final double HEIGHT = 220;
    private static final int STEPS = 60;
    private static final int ROWS = 20;
    private static final double LABEL = 16;
    private static final double TICK = 13;
    /** Over so many times from end to end a logarithmic scale shows whole powers only. */
    private static final double CROWDED = 2000;

    private static final double NAME = 14;
    private static final Known[] STROKES = {Known.MEASURED, Known.ESTIMATED, Known.TABLE};

    /** A scale. @param log true for equal steps of times, from over 0 */
    public record Axis(String label, double from, double to, boolean log) {

        double share(double value) {
            return log ? Math.log(value / from) / Math.log(to / from) : (value - from) / (to - from);
        }

        /** Values that are marked along it. */
        public List<Double> ticks() {
            return Chart.ticks(this);
        }

        double at(double share) {
            return log ? from * Math.pow(to / from, share) : from + (to - from) * share;
        }
    }

    /** A line by its function. */
    public record Line(String name, DoubleUnaryOperator of) {}

    public record Spot(double x, double y, String words) {}

    public record Mark(double x, String words) {}

    public Chart {
        lines = List.copyOf(lines);
        spots = List.copyOf(spots);
        marks = List.copyOf(marks);
        if (!(x.to > x.from) || !(y.to > y.from) || x.log && !(x.from > 0) || y.log && !(y.from > 0)) {
            throw new IllegalArgumentException("axes of " + name + ": " + x + ", " + y);
        }
    }

    /** A scale from 0 to a round number over the largest value of the lines. */
    public static Axis upTo(String label, Axis x, List<Line> lines) {
        double most = 0;
        for (Line line : lines) {
            for (int i = 0; i <= STEPS; i++) {
                most = Math.max(most, line.of.applyAsDouble(x.at((double) i / STEPS)));
            }
        }
        double power = Math.pow(10, Math.floor(Math.log10(Math.max(1e-9, most))));
        return new Axis(label, 0, Math.ceil(most / power * 2 + 1e-9) / 2 * power, false);
    }

    /**
     * A scale of whole powers of ten round the values of the lines, within {@code least} and {@code most}, at least one
     * of them long.
     */
    public static Axis decades(String label, Axis x, List<Line> lines, double least, double most) {
        double low = most;
        double high = least;
        for (Line line : lines) {
            for (int i = 0; i <= STEPS; i++) {
                double value = line.of.applyAsDouble(x.at((double) i / STEPS));
                low = Math.min(low, value);
                high = Math.max(high, value);
            }
        }
        double top = Math.min(most, Math.pow(10, Math.ceil(Math.log10(Math.max(10 * least, high) * 1.01))));
        return new Axis(
                label,
                Math.max(least, Math.min(top / 10, Math.pow(10, Math.floor(Math.log10(Math.max(least, low)))))),
                top,
                true);
    }

    /** It drawn. */
    public Drawing drawing() {
        List<Shape> shapes = new ArrayList<>();
        ticks(x).forEach(v -> {
            double at = x.share(v) * WIDTH;
            shapes.add(Shape.line(Role.THIN, Point.of(at, 0), Point.of(at, HEIGHT)));
            shapes.add(new Shape.Label(Point.of(at, HEIGHT + 13), Show.number(v, 3), "middle", TICK, Role.MARK));
        });
        ticks(y).forEach(v -> {
            double at = HEIGHT - y.share(v) * HEIGHT;
            shapes.add(Shape.line(Role.THIN, Point.of(0, at), Point.of(WIDTH, at)));
            shapes.add(new Shape.Label(Point.of(-6, at), Show.number(v, 3), "end", TICK, Role.MARK));
        });
        shapes.add(new Shape.Label(Point.of(WIDTH, HEIGHT + 33), x.label, "end", NAME, Role.MARK));
        shapes.add(new Shape.Label(Point.of(-56, -18), y.label, "start", NAME, Role.MARK));
        marks.forEach(m -> {
            double at = x.share(m.x) * WIDTH;
            shapes.add(Shape.line(Role.CENTRE, Point.of(at, -4), Point.of(at, HEIGHT)));
            shapes.add(
                    new Shape.Label(Point.of(at, -8), m.words, at > WIDTH * 0.8 ? "end" : "middle", NAME, Role.MARK));
        });
        double[] ends = new double[lines.size()];
        for (int i = 0; i < lines.size(); i++) {
            List<Point> points = new ArrayList<>();
            for (int s = 0; s <= STEPS; s++) {
                double share = (double) s / STEPS;
                points.add(Point.of(share * WIDTH, height(lines.get(i).of.applyAsDouble(x.at(share)))));
            }
            shapes.add(new Shape.Outline(points, false, Role.MARK, STROKES[i % STROKES.length]));
            ends[i] = points.get(points.size() - 1).y();
        }
        double[] names = apart(ends);
        for (int i = 0; i < lines.size(); i++) {
            shapes.add(new Shape.Label(Point.of(WIDTH + 6, names[i]), lines.get(i).name, "start", NAME, Role.MARK));
        }
        spots.forEach(s -> {
            double px = Math.max(0, Math.min(1, x.share(s.x))) * WIDTH;
            double py = height(s.y);
            shapes.add(new Shape.Circle(Point.of(px, py), 5, Role.ANSWER, Known.MEASURED));
            shapes.add(new Shape.Label(
                    Point.of(px + (px > WIDTH * 0.7 ? -9 : 9), py - 13),
                    s.words,
                    px > WIDTH * 0.7 ? "end" : "start",
                    NAME + 1,
                    Role.ANSWER));
        });
        return new Drawing(name, title, -60, -30, WIDTH + 156, HEIGHT + 74, shapes);
    }

    private double height(double value) {
        return HEIGHT - Math.max(0, Math.min(1, y.share(value))) * HEIGHT;
    }

    /**
     * Heights for the names of lines that end at {@code ends}: in the same order from the top, none on another, none
     * under the chart.
     */
    private static double[] apart(double[] ends) {
        Integer[] order = IntStream.range(0, ends.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> ends[i]))
                .toArray(Integer[]::new);
        double[] at = ends.clone();
        for (int i = 1; i < order.length; i++) {
            at[order[i]] = Math.max(at[order[i]], at[order[i - 1]] + LABEL);
        }
        double lowest = HEIGHT;
        for (int i = order.length - 1; i >= 0; i--) {
            at[order[i]] = Math.min(at[order[i]], lowest);
            lowest = at[order[i]] - LABEL;
        }
        return at;
    }

    /** Its values in rows. */
    public ValueTable table() {
        List<String> heads = new ArrayList<>(List.of(x.label));
        lines.forEach(l -> heads.add(l.name + ", " + y.label));
        List<Double> steps = new ArrayList<>();
        for (int i = 0; i <= ROWS; i++) {
            steps.add(x.at((double) i / ROWS));
        }
        return ValueTable.over(
                name, title, heads, steps, lines.stream().map(Line::of).toList());
    }

    private static List<Double> ticks(Axis axis) {
        List<Double> ticks = new ArrayList<>();
        if (axis.log) {
            for (double power = Math.pow(10, Math.floor(Math.log10(axis.from)));
                    power <= axis.to * 1.0001;
                    power *= 10) {
                for (double lead : axis.to / axis.from > CROWDED ? new double[] {1} : new double[] {1, 2, 5}) {
                    if (lead * power >= axis.from * 0.9999 && lead * power <= axis.to * 1.0001) {
                        ticks.add(lead * power);
                    }
                }
            }
            return ticks;
        }
        double rough = (axis.to - axis.from) / 6;
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double lead = rough / power;
        double step = power * (lead > 5 ? 10 : lead > 2 ? 5 : lead > 1 ? 2 : 1);
        for (double v = Math.ceil(axis.from / step - 1e-9) * step; v <= axis.to + step * 1e-6; v += step) {
            ticks.add(Math.abs(v) < step * 1e-9 ? 0 : v);
        }
        return ticks;
    }
}
