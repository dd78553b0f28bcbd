package unbo.core.designation;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

import unbo.core.table.Table;

/** What a clearance or tolerance class means for a job, in a sentence. */
public final class Classes {

    private static final Map<String, String> ALL = new LinkedHashMap<>();

    static {
        Table.read(Classes.class, "classes.csv").forEach(row -> ALL.put(row.get("class"), row.get("means")));
    }

    private Classes() {}

    public static Optional<String> means(String code) {
        return Optional.ofNullable(ALL.get(code));
    }
}
