package unbo.core.worksheet;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * The derivation of a result, printed behind "why": every named value with its symbol, formula, unit, source and the
 * limit it was judged by. Made on demand from a result; computing makes none.
 *
 * @param title the question that was answered
 * @param lines in the order of the derivation
 * @param sources standards and textbooks the formulas come from
 */
public record Worksheet(String title, List<Line> lines, List<String> sources) {

    public Worksheet {
        lines = List.copyOf(lines);
        sources = List.copyOf(sources);
    }

    /**
     * One value of a derivation.
     *
     * @param symbol its letter in the formulas
     * @param name what it is
     * @param formula how it comes about; empty for an input
     * @param value with its unit
     * @param limit what it was judged by; empty when it was not
     */
    public record Line(
            String symbol,
            String name,
            String formula,
            @Nullable String value,
            String limit) {}

    /** An input. */
    public static Line given(String symbol, String name, @Nullable String value) {
        return new Line(symbol, name, "", value, "");
    }

    /** A computed value. */
    public static Line computed(String symbol, String name, String formula, String value) {
        return new Line(symbol, name, formula, value, "");
    }

    /** A computed value that was judged. */
    public static Line judged(String symbol, String name, String formula, String value, String limit) {
        return new Line(symbol, name, formula, value, limit);
    }
}
