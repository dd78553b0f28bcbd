package unbo.core.tools.setting;

import java.util.List;

import unbo.core.fit.Material;
import unbo.core.heat.HeatBlock;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked of a heat block. */
public final class HeatBlockFields {

    public static final FieldList<HeatBlock.Input> LIST = FieldList.of(
            List.of(
                    Field.choice("blockMaterial", "Block of", Material.choices())
                            .orElse("aluminium", null),
                    mass("blockMassKg", "Mass of the block").must(),
                    Field.quantity("block", "Block heated to", Quantity.TEMPERATURE, "°C", 20, 300)
                            .usually(60, 150)
                            .must(),
                    mass("ringMassKg", "Mass of the ring").must(),
                    Field.quantity("ring", "Ring before", Quantity.TEMPERATURE, "°C", -80, 60)
                            .usually(0, 35)
                            .orElse("20", null),
                    Field.quantity("wanted", "Ring wanted at", Quantity.TEMPERATURE, "°C", 20, 150)
                            .usually(60, 130),
                    Field.quantity("limit", "Limit of the ring", Quantity.TEMPERATURE, "°C", 60, 150)
                            .usually(80, 150)
                            .orElse("120", "open ring; sealed 80")),
            HeatBlockFields::rules,
            v -> new HeatBlock.Input(
                    Material.of(v.text("blockMaterial")),
                    v.number("blockMassKg"),
                    v.number("block"),
                    v.number("ringMassKg"),
                    v.number("ring"),
                    v.maybe("wanted"),
                    v.number("limit")));

    private HeatBlockFields() {}

    private static Field mass(String name, String label) {
        return Field.quantity(name, label, Quantity.MASS, "kg", 0.005, 100).usually(0.02, 20);
    }

    private static List<Problem> rules(Values v) {
        return v.number("block") > v.number("ring")
                ? List.of()
                : List.of(Problem.impossible(
                        "block",
                        "A block at " + Show.number(v.number("block"), 0) + " °C does not warm a ring of "
                                + Show.number(v.number("ring"), 0) + " °C."));
    }
}
