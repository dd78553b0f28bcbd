package unbo.core.tools.running;

import java.util.List;

import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.lubrication.Viscosity;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked of the oil film. */
public final class ViscosityFields {

    public static final FieldList<Viscosity.Input> LIST = FieldList.of(
            List.of(
                    Field.quantity("nu40", "Base oil at 40 °C", Quantity.VISCOSITY, "mm²/s", 2, 5000)
                            .usually(10, 1000)
                            .must()
                            .hint("from the grease's or oil's sheet"),
                    Field.quantity("nu100", "Base oil at 100 °C", Quantity.VISCOSITY, "mm²/s", 1, 500)
                            .usually(2, 60)
                            .must(),
                    Field.quantity("temperature", "Runs at", Quantity.TEMPERATURE, "°C", -40, 200)
                            .from(FactKey.HUB_HEAT)
                            .usually(20, 110)
                            .orElse("70", "a warm hub"),
                    Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 1, 60_000)
                            .usually(20, 15_000)
                            .must(),
                    Field.quantity("pitchMm", "Pitch diameter", Quantity.LENGTH, "mm", 3, 500)
                            .usually(10, 150)
                            .must()),
            ViscosityFields::rules,
            v -> new Viscosity.Input(
                    v.number("nu40"),
                    v.number("nu100"),
                    v.number("temperature"),
                    v.number("rpm"),
                    v.number("pitchMm")));

    private ViscosityFields() {}

    private static List<Problem> rules(Values v) {
        return v.number("nu100") < v.number("nu40")
                ? List.of()
                : List.of(Problem.impossible(
                        "nu100",
                        "Oil is thinner when hot: at 100 °C it must be under the " + Show.number(v.number("nu40"), 1)
                                + " mm²/s of 40 °C."));
    }
}
