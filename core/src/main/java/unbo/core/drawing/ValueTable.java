package unbo.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Pattern;

import unbo.core.measure.Show;

/**
 * Values in rows and columns, as printed: what stands behind a chart of the same name, or is an answer by itself.
 *
 * @param heads what each column holds, with its unit
 */
public record ValueTable(String name, String title, List<String> heads, List<List<String>> rows) {

    public ValueTable {
        heads = List.copyOf(heads);
        rows = rows.stream().map(List::copyOf).toList();
    }

    private static final int ROWS = 20;
    private static final Pattern FIGURES = Pattern.compile("[−+-]?\\d[\\d., ]*( to [−+-]?\\d[\\d., ]*)?|");

    /** True for a column of figures alone, which are set under each other by their last place. */
    public boolean figures(int column) {
        return rows.stream().allMatch(row -> FIGURES.matcher(row.get(column)).matches());
    }

    /** A quantity in the first column by equal steps, and functions of it in the others. */
    public static ValueTable over(
            String name, String title, List<String> heads, double from, double to, List<DoubleUnaryOperator> of) {
        List<Double> steps = new ArrayList<>();
        for (int i = 0; i <= ROWS; i++) {
            steps.add(from + (to - from) * i / ROWS);
        }
        return over(name, title, heads, steps, of);
    }

    /** The same by given steps. */
    public static ValueTable over(
            String name, String title, List<String> heads, List<Double> steps, List<DoubleUnaryOperator> of) {
        List<List<String>> rows = new ArrayList<>();
        for (double at : steps) {
            List<String> row = new ArrayList<>(List.of(figures(at)));
            of.forEach(f -> row.add(figures(f.applyAsDouble(at))));
            rows.add(row);
        }
        return new ValueTable(name, title, heads, rows);
    }

    /** To four figures. */
    private static String figures(double value) {
        if (value == 0 || !Double.isFinite(value)) {
            return Show.number(value, 0);
        }
        return Show.number(value, (int) Math.max(0, Math.min(6, 3 - Math.floor(Math.log10(Math.abs(value))))));
    }
}
