package unbo.core.runout;

import java.util.Arrays;
import java.util.List;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * Least squares over some readings of a ring: r(θ) = mean + a1·cos(θ − φ1) + a2·cos(2θ − φ2). Reading k stands at
 * 360·k/N. Source: linear least squares and leverages, as in any textbook of regression (for instance Draper and
 * Smith).
 */
final class Ring {

    static final int UNKNOWNS = 5;

    private final double[] readings;
    private final boolean[] used;
    private final double[] fitted;
    private final RealMatrix inverse;

    private Ring(double[] readings, boolean[] used, double[] fitted, RealMatrix inverse) {
        this.readings = readings;
        this.used = used;
        this.fitted = fitted;
        this.inverse = inverse;
    }

    static Ring of(List<Double> readings) {
        boolean[] all = new boolean[readings.size()];
        Arrays.fill(all, true);
        return fit(readings.stream().mapToDouble(r -> r).toArray(), all);
    }

    /** The fit to all of its readings but one more. */
    Ring without(int k) {
        boolean[] fewer = used.clone();
        fewer[k] = false;
        return fit(readings, fewer);
    }

    private static Ring fit(double[] readings, boolean[] used) {
        double[][] normal = new double[UNKNOWNS][UNKNOWNS];
        double[] right = new double[UNKNOWNS];
        for (int k = 0; k < readings.length; k++) {
            if (used[k]) {
                double[] x = row(k, readings.length);
                for (int i = 0; i < UNKNOWNS; i++) {
                    right[i] += x[i] * readings[k];
                    for (int j = 0; j < UNKNOWNS; j++) {
                        normal[i][j] += x[i] * x[j];
                    }
                }
            }
        }
        RealMatrix inverse = new CholeskyDecomposition(new Array2DRowRealMatrix(normal, false))
                .getSolver()
                .getInverse();
        return new Ring(readings, used, inverse.operate(right), inverse);
    }

    private static double[] row(int k, int n) {
        double a = 2 * Math.PI * k / n;
        return new double[] {1, Math.cos(a), Math.sin(a), Math.cos(2 * a), Math.sin(2 * a)};
    }

    int size() {
        return readings.length;
    }

    boolean uses(int k) {
        return used[k];
    }

    int left() {
        int count = 0;
        for (boolean u : used) {
            count += u ? 1 : 0;
        }
        return count;
    }

    double mean() {
        return fitted[0];
    }

    Harmonic first() {
        return Harmonic.of(1, fitted[1], fitted[2]);
    }

    Harmonic second() {
        return Harmonic.of(2, fitted[3], fitted[4]);
    }

    /** Reading less fit, mm. */
    double residual(int k) {
        double[] x = row(k, readings.length);
        double fit = 0;
        for (int i = 0; i < UNKNOWNS; i++) {
            fit += x[i] * fitted[i];
        }
        return readings[k] - fit;
    }

    /**
     * x'(X'X)⁻¹x: for a reading that was used how much it pulls the fit to itself, for another how unsure the fit is
     * there.
     */
    double leverage(int k) {
        double[] x = row(k, readings.length);
        double[] cx = inverse.operate(x);
        double sum = 0;
        for (int i = 0; i < UNKNOWNS; i++) {
            sum += x[i] * cx[i];
        }
        return sum;
    }

    /**
     * Residual brought to one spread for all readings: over √(1 − leverage) where used, over √(1 + leverage) where not.
     */
    double standardised(int k) {
        return residual(k) / Math.sqrt(used[k] ? 1 - leverage(k) : 1 + leverage(k));
    }

    /** 1.4826 × the median deviation of the standardised residuals from their median: one sigma of one reading, mm. */
    double scale() {
        double[] of = new double[left()];
        int n = 0;
        for (int k = 0; k < readings.length; k++) {
            if (used[k]) {
                of[n++] = standardised(k);
            }
        }
        double middle = median(of);
        for (int i = 0; i < of.length; i++) {
            of[i] = Math.abs(of[i] - middle);
        }
        return 1.4826 * median(of);
    }

    private static double median(double[] of) {
        double[] sorted = of.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }
}
