package unbo.core.service;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.apache.commons.csv.CSVRecord;

import unbo.core.input.Field;
import unbo.core.measure.Table;

/** What a job on a hub can turn out to be, by code. */
public final class Causes {

    private static final Map<String, String> LABELS = read();

    private Causes() {
    }

    /** In words; the code itself when it is unknown. */
    public static String label(String code) {
        return LABELS.getOrDefault(code, code);
    }

    public static boolean known(String code) {
        return LABELS.containsKey(code);
    }

    static List<Field.Choice> choices() {
        return LABELS.entrySet().stream().map(e -> new Field.Choice(e.getKey(), e.getValue())).toList();
    }

    private static Map<String, String> read() {
        Map<String, String> labels = new LinkedHashMap<>();
        for (CSVRecord row : Table.read(Causes.class, "causes.csv")) {
            labels.put(row.get("code"), row.get("label"));
        }
        return labels;
    }
}
