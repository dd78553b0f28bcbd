package unbo.core.designation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

import unbo.core.bearing.Boundary;
import unbo.core.catalogue.Catalogue;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** Numbers that are easily taken for another, each with the sentence that tells them apart. */
final class Traps {

    private static final Map<String, String> BY_NUMBER = read();

    private Traps() {}

    static Optional<String> of(String number) {
        return Optional.ofNullable(BY_NUMBER.get(number));
    }

    private static Map<String, String> read() {
        List<Map.Entry<Pattern, String>> rows = new ArrayList<>();
        for (TableRow row : Table.read(Traps.class, "traps.csv")) {
            rows.add(Map.entry(Pattern.compile(row.get("pattern")), row.get("says")));
        }
        Map<String, String> all = new HashMap<>();
        for (Boundary b : Catalogue.numbers()) {
            rows.stream()
                    .filter(r -> r.getKey().matcher(b.designation()).matches())
                    .findFirst()
                    .ifPresent(r -> all.put(b.designation(), r.getValue()));
        }
        rows.stream()
                .filter(r -> r.getKey().pattern().matches("[\\d/]+"))
                .forEach(r -> all.putIfAbsent(r.getKey().pattern(), r.getValue()));
        return all;
    }
}
