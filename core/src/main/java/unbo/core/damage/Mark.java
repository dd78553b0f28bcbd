package unbo.core.damage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A mark that can be painted on a race. @param key the letter that picks it @param looks how it is drawn @param width
 * of the brush it is usually painted with, hundredths of the race
 */
public record Mark(String code, String label, String key, String looks, int width) {

    private static final List<Mark> ALL = read();

    public static List<Mark> all() {
        return ALL;
    }

    public static Optional<Mark> of(String code) {
        return ALL.stream().filter(m -> m.code().equals(code)).findFirst();
    }

    private static List<Mark> read() {
        List<Mark> all = new ArrayList<>();
        for (TableRow row : Table.read(Mark.class, "marks.csv")) {
            all.add(new Mark(row.get("code"), row.get("label"), row.get("key"), row.get("looks"), row.whole("width")));
        }
        return List.copyOf(all);
    }
}
