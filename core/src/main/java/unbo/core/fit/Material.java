package unbo.core.fit;

import java.util.ArrayList;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What shafts, housings and rings are made of.
 *
 * @param youngsMPa modulus of elasticity
 * @param poisson Poisson's ratio
 * @param perK linear expansion, 1/K
 * @param heatJPerKgK specific heat
 * @param kgPerM3 density
 * @param ovenC as hot as a part of it is made, °C
 */
public record Material(
        String code,
        String label,
        double youngsMPa,
        double poisson,
        double perK,
        double heatJPerKgK,
        double kgPerM3,
        double ovenC) {

    private static final List<Material> ALL = read();
    /** What rings and, where nothing else is said, shafts are made of. */
    public static final Material STEEL = of("steel");

    /** @throws IllegalArgumentException for a code that is none */
    public static Material of(String code) {
        return ALL.stream()
                .filter(m -> m.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no material " + code));
    }

    /** All of them, as a choice. */
    public static List<Field.Choice> choices() {
        return ALL.stream().map(m -> new Field.Choice(m.code(), m.label())).toList();
    }

    private static List<Material> read() {
        List<Material> all = new ArrayList<>();
        for (TableRow row : Table.read(Material.class, "materials.csv")) {
            all.add(new Material(
                    row.get("code"),
                    row.get("label"),
                    row.number("youngs_gpa") * 1000,
                    row.number("poisson"),
                    row.number("expansion_e6") * 1e-6,
                    row.number("heat_j_kgk"),
                    row.number("kg_m3"),
                    row.number("most_oven_c")));
        }
        return List.copyOf(all);
    }
}
