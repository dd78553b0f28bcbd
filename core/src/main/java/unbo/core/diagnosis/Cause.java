package unbo.core.diagnosis;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What a noise, play or heat can come from.
 *
 * @param code stable name
 * @param bearing true for a rolling bearing, false for what is mistaken for one
 * @param advice what to know when it leads, in a sentence or two
 */
public record Cause(String code, String label, boolean bearing, String advice) {

    /** What is left when nothing else fits. */
    public static final String NONE = "none-of-these";

    private static final Map<String, Cause> ALL = read();

    /** Every cause, in the data file's order. */
    public static List<Cause> all() {
        return List.copyOf(ALL.values());
    }

    public static Optional<Cause> find(String code) {
        return Optional.ofNullable(ALL.get(code));
    }

    /** @throws IllegalArgumentException for an unknown code */
    public static Cause of(String code) {
        return find(code).orElseThrow(() -> new IllegalArgumentException("no cause " + code));
    }

    private static Map<String, Cause> read() {
        Map<String, Cause> causes = new LinkedHashMap<>();
        for (TableRow row : Table.read(Cause.class, "causes.csv")) {
            causes.put(
                    row.get("code"),
                    new Cause(row.get("code"), row.get("label"), row.yes("bearing"), row.get("advice")));
        }
        return causes;
    }
}
