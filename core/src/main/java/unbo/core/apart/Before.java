package unbo.core.apart;

import java.util.ArrayList;
import java.util.List;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What comes before the first joint is opened.
 *
 * @param kinds codes of the kinds that it is for; a star for all
 */
public record Before(List<String> kinds, String code, String says, String caution) {

    private static final List<Before> ALL = read();

    public Before {
        kinds = List.copyOf(kinds);
    }

    /** What comes before an assembly of a kind is taken apart, in order. */
    public static List<Before> of(String kind) {
        return ALL.stream()
                .filter(before -> before.kinds.contains("*") || before.kinds.contains(kind))
                .toList();
    }

    private static List<Before> read() {
        List<Before> all = new ArrayList<>();
        for (TableRow row : Table.read(Before.class, "before.csv")) {
            all.add(new Before(row.words("kinds"), row.word("code"), row.word("says"), row.get("caution")));
        }
        return List.copyOf(all);
    }
}
