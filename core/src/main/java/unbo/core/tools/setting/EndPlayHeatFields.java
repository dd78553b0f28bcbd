package unbo.core.tools.setting;

import java.util.List;

import unbo.core.arrange.EndPlayHeat;
import unbo.core.fit.Material;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;

/** What is asked of end play hot. */
public final class EndPlayHeatFields {

    public static final FieldList<EndPlayHeat.Input> LIST = FieldList.of(
            List.of(
                    mm("outerRace", "Outer cup, mean raceway diameter").must(),
                    angle("outerAngle", "Outer half cup angle"),
                    mm("innerRace", "Inner cup, mean raceway diameter").must(),
                    angle("innerAngle", "Inner half cup angle"),
                    Field.quantity("between", "Between raceway centres", Quantity.LENGTH, "mm", 5, 400)
                            .usually(20, 150)
                            .must(),
                    Field.choice("hub", "Hub of", Material.choices()).orElse("steel", null),
                    kelvin("hubWarmer", "Hub and cups warmer by").orElse("40", "after braking"),
                    kelvin("conesWarmer", "Spindle and cones warmer by").orElse("0", null),
                    Field.quantity("endPlay", "End play set cold", Quantity.LENGTH, "mm", -0.3, 1)
                            .usually(0, 0.15)
                            .orElse("0.05", "a usual setting")),
            v -> new EndPlayHeat.Input(
                    new EndPlayHeat.Input.Pair(
                            v.number("outerRace"),
                            v.number("outerAngle"),
                            v.number("innerRace"),
                            v.number("innerAngle"),
                            v.number("between")),
                    new EndPlayHeat.Input.Warmth(
                            Material.of(v.text("hub")), v.number("hubWarmer"), v.number("conesWarmer")),
                    v.number("endPlay")));

    private EndPlayHeatFields() {}

    private static Field mm(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 8, 400).usually(20, 150);
    }

    private static Field angle(String name, String label) {
        return Field.quantity(name, label, Quantity.ANGLE, "°", 5, 45)
                .usually(9, 30)
                .orElse("14", "a middling taper");
    }

    private static Field kelvin(String name, String label) {
        return Field.quantity(name, label, Quantity.TEMPERATURE_DIFFERENCE, "K", -60, 200)
                .usually(-10, 80);
    }
}
