package unbo.core.plain;

import java.util.ArrayList;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What a plain bearing slides on, with the limits at which it is worn fast.
 *
 * @param pressMPa pressure on its projected face, at most
 * @param speedMps sliding speed, at most
 * @param pvMPaMps their product, at most
 * @param hotC usual upper end of its working range
 */
public record SlidingMaterial(
        String code,
        String label,
        double pressMPa,
        double speedMps,
        double pvMPaMps,
        double hotC,
        String lubricant,
        String fit) {

    private static final List<SlidingMaterial> ALL = read();

    public static List<Field.Choice> choices() {
        return ALL.stream().map(m -> new Field.Choice(m.code(), m.label())).toList();
    }

    /** @throws IllegalArgumentException for a code that is none */
    public static SlidingMaterial of(String code) {
        return ALL.stream()
                .filter(m -> m.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no sliding material " + code));
    }

    private static List<SlidingMaterial> read() {
        List<SlidingMaterial> all = new ArrayList<>();
        for (TableRow row : Table.read(SlidingMaterial.class, "materials.csv")) {
            all.add(new SlidingMaterial(
                    row.get("code"),
                    row.get("label"),
                    row.number("p"),
                    row.number("v"),
                    row.number("pv"),
                    row.number("hot"),
                    row.get("lubricant"),
                    row.get("fit")));
        }
        return List.copyOf(all);
    }
}
