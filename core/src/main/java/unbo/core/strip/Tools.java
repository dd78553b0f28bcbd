package unbo.core.strip;

import java.util.ArrayList;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** Tools for removal that a workshop may have: a list kept once. */
public final class Tools {

    private static final List<Field.Choice> ALL = read();
    /** What nearly every workshop has. */
    public static final String USUAL = "press tube hammer drift splitter jaw oven freezer grinder";

    private Tools() {}

    public static List<Field.Choice> all() {
        return ALL;
    }

    public static String label(String code) {
        return ALL.stream()
                .filter(t -> t.code().equals(code))
                .map(Field.Choice::label)
                .findFirst()
                .orElse(code);
    }

    /** Its number in the list. @throws IllegalArgumentException for a code that is none */
    public static int index(String code) {
        for (int i = 0; i < ALL.size(); i++) {
            if (ALL.get(i).code().equals(code)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no tool " + code);
    }

    /** Codes of all of them. */
    public static java.util.Set<String> codes() {
        return ALL.stream().map(Field.Choice::code).collect(java.util.stream.Collectors.toUnmodifiableSet());
    }

    /** Codes in a text; what is no tool is left out. */
    public static List<String> read(String text) {
        return java.util.Arrays.stream(text.strip().split("[\\s,;]+"))
                .filter(code -> ALL.stream().anyMatch(t -> t.code().equals(code)))
                .distinct()
                .toList();
    }

    private static List<Field.Choice> read() {
        List<Field.Choice> all = new ArrayList<>();
        for (TableRow row : Table.read(Tools.class, "tools.csv")) {
            all.add(new Field.Choice(row.get("code"), row.get("label")));
        }
        return List.copyOf(all);
    }
}
