package unbo.core.runout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What the indicator stands on, with the most runout (TIR) it may have where the vehicle's data give none.
 *
 * @param limitMm null where there is no usual limit
 * @param finishMm what a corrected one should come to; null where that is the limit itself
 */
public record Surface(
        String code,
        String label,
        @Nullable Double limitMm,
        @Nullable Double finishMm,
        String source) {

    private static final List<Surface> ALL = read();

    public static Optional<Surface> find(String code) {
        return ALL.stream().filter(s -> s.code.equals(code)).findFirst();
    }

    public static List<Field.Choice> choices() {
        return ALL.stream().map(s -> new Field.Choice(s.code, s.label)).toList();
    }

    private static List<Surface> read() {
        List<Surface> all = new ArrayList<>();
        for (TableRow row : Table.read(Surface.class, "surfaces.csv")) {
            all.add(new Surface(
                    row.get("code"),
                    row.get("label"),
                    maybe(row.get("limit")),
                    maybe(row.get("finish")),
                    row.get("source")));
        }
        return List.copyOf(all);
    }

    private static @Nullable Double maybe(String text) {
        return text.isBlank() ? null : Double.valueOf(text);
    }
}
