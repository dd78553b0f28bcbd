package unbo.core.vehicle;

import java.util.List;
import java.util.Optional;

import unbo.core.input.Field;
import unbo.core.table.Table;

/**
 * A kind of vehicle, or of thing with bearings in it.
 *
 * @param like the kind whose causes and checks Diagnose takes for it; empty where none is like it
 */
public record VehicleKind(String code, String label, String like) {

    private static final List<VehicleKind> ALL = Table.read(VehicleKind.class, "vehicles.csv").stream()
            .map(row -> new VehicleKind(row.word("code"), row.word("label"), row.get("like")))
            .toList();

    /** All kinds, in the order in which they are offered. */
    public static List<VehicleKind> all() {
        return ALL;
    }

    public static Optional<VehicleKind> find(String code) {
        return ALL.stream().filter(kind -> kind.code.equals(code)).findFirst();
    }

    /** The kinds as choices of a form. */
    public static List<Field.Choice> choices() {
        return ALL.stream().map(kind -> new Field.Choice(kind.code, kind.label)).toList();
    }

    /** The kind by whose causes one is diagnosed; empty where none is like it, or there is no such kind. */
    public static String like(String code) {
        return find(code).map(VehicleKind::like).orElse("");
    }
}
