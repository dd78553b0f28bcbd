package unbo.core.measure;

import java.util.List;
import java.util.Optional;

import unbo.core.table.Table;

/**
 * What a length was measured with, and to what that measures. The table is {@code ways.csv}: a steady hand on a clean
 * part; dirt, burrs and a worn tool come on top.
 *
 * @param code as it is kept
 * @param label as it is said
 * @param plusMinusMm half of the range a reading is good for, mm
 */
public record MeasuredBy(String code, String label, double plusMinusMm) {

    private static final List<MeasuredBy> ALL = Table.read(MeasuredBy.class, "ways.csv").stream()
            .map(row -> new MeasuredBy(row.word("way"), row.word("label"), row.number("mm")))
            .toList();

    /** All that are known, as they are offered. */
    public static List<MeasuredBy> all() {
        return ALL;
    }

    /** The one that a word means, by its code or its label; empty where none does. */
    public static Optional<MeasuredBy> named(String word) {
        return ALL.stream()
                .filter(way -> way.code.equalsIgnoreCase(word.strip()) || way.label.equalsIgnoreCase(word.strip()))
                .findFirst();
    }
}
