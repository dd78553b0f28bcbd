package unbo.core.numeric;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

/**
 * A sum of columns fitted to readings by least squares.
 *
 * @param values one for each column
 * @param errors one standard error of each
 * @param spread standard deviation of the readings about the fit, in their unit
 */
public record LeastSquares(List<Double> values, List<Double> errors, double spread) {

    private static final double SINGULAR = 1e-12;
    private static final double BETTER = 1 - 1e-12;

    public LeastSquares {
        values = List.copyOf(values);
        errors = List.copyOf(errors);
    }

    /**
     * The best fit in which no value but the first is under zero: every choice of columns is tried, so a handful at
     * most. A column that is left out is told with the error it would have in the whole fit.
     *
     * @param columns each as long as {@code readings}
     * @throws IllegalArgumentException where not even the first column can be fitted
     */
    public static LeastSquares notUnderZero(double[][] columns, double[] readings) {
        int all = (1 << columns.length) - 1;
        LeastSquares best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int chosen = 1; chosen <= all; chosen += 2) {
            LeastSquares fit = of(columns, readings, chosen);
            if (fit != null && fit.values.stream().skip(1).allMatch(value -> value >= 0)) {
                double squares = fit.spread * fit.spread * free(readings, Integer.bitCount(chosen));
                if (squares < least * BETTER) {
                    least = squares;
                    best = fit;
                }
            }
        }
        if (best == null) {
            throw new IllegalArgumentException("nothing can be fitted to " + readings.length + " readings");
        }
        LeastSquares whole = of(columns, readings, all);
        return whole == null ? best : best.withErrorsOf(whole);
    }

    private LeastSquares withErrorsOf(LeastSquares whole) {
        return new LeastSquares(
                values,
                IntStream.range(0, errors.size())
                        .mapToObj(i -> errors.get(i) == 0 ? whole.errors.get(i) : errors.get(i))
                        .toList(),
                spread);
    }

    private static int free(double[] readings, int columns) {
        return Math.max(1, readings.length - columns);
    }

    /** @param chosen a bit for each column; null where the columns do not tell the values apart */
    private static @Nullable LeastSquares of(double[][] columns, double[] readings, int chosen) {
        int[] used = IntStream.range(0, columns.length)
                .filter(i -> (chosen >> i & 1) == 1)
                .toArray();
        double[] scale = IntStream.of(used)
                .mapToDouble(
                        i -> DoubleStream.of(columns[i]).map(Math::abs).max().orElse(0))
                .toArray();
        int n = used.length;
        if (n > readings.length || DoubleStream.of(scale).anyMatch(s -> s == 0)) {
            return null;
        }
        double[][] normal = new double[n][2 * n];
        double[] right = new double[n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                normal[i][j] = product(columns[used[i]], columns[used[j]]) / scale[i] / scale[j];
            }
            normal[i][n + i] = 1;
            right[i] = product(columns[used[i]], readings) / scale[i];
        }
        if (!invert(normal)) {
            return null;
        }
        double[] values = new double[columns.length];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                values[used[i]] += normal[i][n + j] * right[j] / scale[i];
            }
        }
        double spread = Math.sqrt(squares(columns, values, readings) / free(readings, n));
        double[] errors = new double[columns.length];
        for (int i = 0; i < n; i++) {
            errors[used[i]] = spread * Math.sqrt(Math.max(0, normal[i][n + i])) / scale[i];
        }
        return new LeastSquares(listed(values), listed(errors), spread);
    }

    private static List<Double> listed(double[] numbers) {
        List<Double> list = new ArrayList<>();
        for (double number : numbers) {
            list.add(number);
        }
        return list;
    }

    private static double product(double[] one, double[] other) {
        double sum = 0;
        for (int i = 0; i < one.length; i++) {
            sum += one[i] * other[i];
        }
        return sum;
    }

    private static double squares(double[][] columns, double[] values, double[] readings) {
        double sum = 0;
        for (int k = 0; k < readings.length; k++) {
            double off = readings[k];
            for (int i = 0; i < values.length; i++) {
                off -= values[i] * columns[i][k];
            }
            sum += off * off;
        }
        return sum;
    }

    /**
     * Gauss and Jordan with the largest pivot; false where there is none. @param rows n of 2n, the unit at the right
     */
    private static boolean invert(double[][] rows) {
        int n = rows.length;
        for (int c = 0; c < n; c++) {
            int pivot = c;
            for (int r = c + 1; r < n; r++) {
                pivot = Math.abs(rows[r][c]) > Math.abs(rows[pivot][c]) ? r : pivot;
            }
            if (Math.abs(rows[pivot][c]) < SINGULAR) {
                return false;
            }
            double[] swap = rows[c];
            rows[c] = rows[pivot];
            rows[pivot] = swap;
            double by = rows[c][c];
            for (int j = 0; j < 2 * n; j++) {
                rows[c][j] /= by;
            }
            for (int r = 0; r < n; r++) {
                double factor = r == c ? 0 : rows[r][c];
                for (int j = 0; j < 2 * n; j++) {
                    rows[r][j] -= factor * rows[c][j];
                }
            }
        }
        return true;
    }
}
