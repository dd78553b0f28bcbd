package unbo.core.damage;

import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

/**
 * The running track of one race, measured off its painting. Angles in degrees, places and widths as shares of the race.
 *
 * @param arcDeg how far round it goes
 * @param centre its middle, mean over the arc
 * @param width mean
 * @param tilt amplitude with which its middle wanders once a turn; 0 where less than 200° are painted
 * @param twoArcs true for two arcs about opposite each other
 * @param scatter of its middle about the line that was fitted, root of the mean square, share of the race's width
 * @param pieces arcs it lies in
 */
public record Track(
        double arcDeg, double centre, double width, double tilt, boolean twoArcs, double scatter, int pieces) {

    /** A track that scatters more about its own line is no track that anything ran in. */
    private static final double STEADY = 0.08;

    private static final int MOST_PIECES = 2;

    /** Of whole degrees. */
    private static final double[] COS = IntStream.range(0, Painting.DEGREES)
            .mapToDouble(d -> Math.cos(Math.toRadians(d)))
            .toArray();

    private static final double[] SIN = IntStream.range(0, Painting.DEGREES)
            .mapToDouble(d -> Math.sin(Math.toRadians(d)))
            .toArray();

    private static final double ENOUGH_DEG = 200;
    private static final int BRIDGE_DEG = 12;

    /** Null where no track is painted. */
    static @Nullable Track of(Painting p) {
        int n = 0;
        double sum = 0;
        double wide = 0;
        double[][] a = new double[3][3];
        double[] b = new double[3];
        for (int d = 0; d < Painting.DEGREES; d++) {
            double[] edges = p.edges(d);
            if (edges == null) {
                continue;
            }
            double middle = (edges[0] + edges[1]) / 2;
            double[] row = {1, COS[d], SIN[d]};
            for (int i = 0; i < 3; i++) {
                b[i] += row[i] * middle;
                for (int j = 0; j < 3; j++) {
                    a[i][j] += row[i] * row[j];
                }
            }
            n++;
            sum += middle;
            wide += edges[1] - edges[0];
        }
        if (n == 0) {
            return null;
        }
        double tilt = 0;
        double[] fit = {sum / n, 0, 0};
        if (n >= ENOUGH_DEG) {
            fit = solve(a, b);
            tilt = Math.hypot(fit[1], fit[2]);
        }
        int pieces = p.arcs(BRIDGE_DEG).size();
        return new Track(n, sum / n, wide / n, tilt, opposite(p), scatter(p, fit), pieces);
    }

    private static double scatter(Painting p, double[] fit) {
        double squares = 0;
        int n = 0;
        for (int d = 0; d < Painting.DEGREES; d++) {
            double[] edges = p.edges(d);
            if (edges != null) {
                double line = fit[0] + fit[1] * COS[d] + fit[2] * SIN[d];
                double off = (edges[0] + edges[1]) / 2 - line;
                squares += off * off;
                n++;
            }
        }
        return Math.sqrt(squares / n);
    }

    private static boolean opposite(Painting p) {
        var arcs = p.arcs(BRIDGE_DEG).stream().filter(x -> x[1] >= 20).toList();
        if (arcs.size() != 2 || arcs.stream().anyMatch(x -> x[1] > 140)) {
            return false;
        }
        double first = arcs.get(0)[0] + arcs.get(0)[1] / 2.0;
        double second = arcs.get(1)[0] + arcs.get(1)[1] / 2.0;
        return Math.abs(Math.abs(Painting.turn(first, second)) - 180) <= 35;
    }

    /** Gauss on three equations; the painted arc is long enough for them to be independent. */
    private static double[] solve(double[][] a, double[] b) {
        for (int i = 0; i < 3; i++) {
            for (int k = i + 1; k < 3; k++) {
                double f = a[k][i] / a[i][i];
                for (int j = i; j < 3; j++) {
                    a[k][j] -= f * a[i][j];
                }
                b[k] -= f * b[i];
            }
        }
        double[] x = new double[3];
        for (int i = 2; i >= 0; i--) {
            double s = b[i];
            for (int j = i + 1; j < 3; j++) {
                s -= a[i][j] * x[j];
            }
            x[i] = s / a[i][i];
        }
        return x;
    }

    /** How far its middle stands off the middle of the race, positive inboard. */
    public double offset() {
        return centre - 0.5;
    }

    /** False where it scatters or lies in so many pieces that no mode can be read off it. */
    public boolean sure() {
        return scatter <= STEADY && pieces <= MOST_PIECES;
    }

    public boolean allRound() {
        return arcDeg >= 300;
    }
}
