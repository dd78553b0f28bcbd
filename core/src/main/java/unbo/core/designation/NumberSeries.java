package unbo.core.designation;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What a series' figures fix (ISO 15 and ISO 355 dimension plans): for one bore the outside diameter rises with the
 * diameter series 7, 8, 9, 0, 1, 2, 3, 4, the width with the width series.
 */
record NumberSeries(String series, int diameter, int width, String words) {

    private static final Map<String, NumberSeries> ALL = read();

    static Optional<NumberSeries> of(String series) {
        return Optional.ofNullable(ALL.get(series));
    }

    String meaning() {
        return "diameter series " + diameter + ", width series " + width + (words.isEmpty() ? "" : " (" + words + ")")
                + ": these name a row of the plan, not a size";
    }

    private static Map<String, NumberSeries> read() {
        Map<String, NumberSeries> all = new HashMap<>();
        for (TableRow row : Table.read(NumberSeries.class, "series.csv")) {
            all.put(
                    row.get("series"),
                    new NumberSeries(row.get("series"), row.whole("diameter"), row.whole("width"), row.get("words")));
        }
        return all;
    }
}
