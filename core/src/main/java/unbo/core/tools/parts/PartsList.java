package unbo.core.tools.parts;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

import org.jspecify.annotations.Nullable;

import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.parts.PartLine;

/**
 * The parts of a job with the prices of two suppliers: what each would cost alone, and what the chosen mix costs.
 *
 * @param lines in the order in which they were written
 */
public record PartsList(List<PartLine> lines) {

    /** Lines of one list, at most. */
    public static final int MOST = 40;

    public PartsList {
        lines = List.copyOf(lines);
    }

    /** All of it from A; null while A lacks a price. */
    public @Nullable Double totalA() {
        return total(PartLine::costA);
    }

    /** All of it from B; null while B lacks a price. */
    public @Nullable Double totalB() {
        return total(PartLine::costB);
    }

    /** What the chosen mix costs, as far as prices are known. */
    public double total() {
        return lines.stream()
                .map(PartLine::cost)
                .filter(c -> c != null)
                .mapToDouble(Double::doubleValue)
                .sum();
    }

    /** Lines for which nobody's price is known. */
    public List<PartLine> unpriced() {
        return lines.stream().filter(l -> l.cost() == null).toList();
    }

    /** Lines to buy from one supplier. */
    public List<PartLine> from(PartLine.From supplier) {
        return lines.stream().filter(l -> l.supplier() == supplier).toList();
    }

    private @Nullable Double total(Function<PartLine, Double> cost) {
        double sum = 0;
        for (PartLine line : lines) {
            Double one = cost.apply(line);
            if (one == null) {
                return null;
            }
            sum += one;
        }
        return lines.isEmpty() ? null : sum;
    }

    /**
     * A list as it is typed, row by row; empty rows are passed over.
     *
     * @param rows what each written row reads as, by its number
     */
    public record Typed(Map<Integer, Map<String, String>> rows, Map<Integer, Reading<PartLine>> read) {

        /** Texts of all rows together, each name followed by a hyphen and the row's number. */
        public static Typed of(Map<String, String> texts, UnitSystem units) {
            Map<Integer, Map<String, String>> rows = new TreeMap<>();
            texts.forEach((name, text) -> {
                int dash = name.lastIndexOf('-');
                if (dash > 0
                        && name.substring(dash + 1).matches("\\d{1,2}")
                        && PartLineFields.LIST.field(name.substring(0, dash)).isPresent()
                        && Integer.parseInt(name.substring(dash + 1)) < MOST) {
                    rows.computeIfAbsent(Integer.parseInt(name.substring(dash + 1)), n -> new HashMap<>())
                            .put(name.substring(0, dash), text);
                }
            });
            rows.values()
                    .removeIf(row -> List.of("what", "priceA", "priceB").stream()
                            .allMatch(n -> row.getOrDefault(n, "").isBlank()));
            Map<Integer, Reading<PartLine>> read = new TreeMap<>();
            rows.forEach((n, row) -> read.put(n, FieldReader.read(PartLineFields.LIST, row, units)));
            return new Typed(rows, read);
        }

        public boolean ok() {
            return read.values().stream().allMatch(Reading::ok);
        }

        /** Every fault, named by its row. */
        public List<Problem> problems() {
            List<Problem> problems = new ArrayList<>();
            read.forEach((n, reading) -> reading.problems()
                    .forEach(p -> problems.add(new Problem(p.field() + "-" + n, p.sentence(), p.readable()))));
            return problems;
        }

        /** The rows that can be used. */
        public PartsList list() {
            return new PartsList(read.values().stream()
                    .filter(Reading::ok)
                    .map(Reading::record)
                    .toList());
        }
    }
}
