package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import unbo.core.bearing.Bearing;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.mount.Mounting;

/** What is asked of putting a bearing in. */
public final class MountingFields {

    private static final Set<String> NOT_HERE = Set.of("rough");
    private static final List<Field.Choice> WAYS = List.of(
            new Field.Choice("suits", "what suits"),
            new Field.Choice("heat", "heat"),
            new Field.Choice("press", "press"));

    /** The fit's fields and what mounting needs besides. */
    public static final FieldList<Mounting.Input> LIST = FieldList.of(
            Stream.concat(
                            FitFields.LIST.fields().stream().filter(f -> !NOT_HERE.contains(f.name())),
                            Stream.of(
                                    Field.yesNo("bothTight", "Other ring goes in tight as well"),
                                    Field.choice("way", "By", WAYS).orElse("suits", null),
                                    Field.quantity("ambient", "Workshop", Quantity.TEMPERATURE, "°C", -20, 50)
                                            .usually(5, 35)
                                            .orElse("20", null),
                                    Field.quantity(
                                                    "chilled",
                                                    "Other part chilled to",
                                                    Quantity.TEMPERATURE,
                                                    "°C",
                                                    -100,
                                                    40)
                                            .usually(-80, 20),
                                    Field.quantity("limit", "Heat limit", Quantity.TEMPERATURE, "°C", 40, 150)
                                            .usually(60, 150)
                                            .hint("empty: sealed 80, open 120, a housing by its metal"),
                                    Field.quantity("massKg", "Mass of the ring", Quantity.MASS, "kg", 0.001, 50)
                                            .usually(0.01, 5)
                                            .hint("for the seconds; estimated when empty"),
                                    Field.yesNo("rough", "Rough, turned seat")))
                    .toList(),
            MountingFields::rules,
            MountingFields::make);

    private static final BearingInput BEARING =
            BearingInput.numbered("designation").sized("bore", "outside", "width");

    private MountingFields() {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(FitFields.LIST.rules().apply(v));
        Bearing d = BEARING.of(v);
        if (!v.text("ring").equals("outer")
                && d.mindsHeat()
                && v.has("limit")
                && v.number("limit") > Mounting.SEALED_C) {
            problems.add(Problem.impossible(
                    "limit",
                    "A sealed or greased bearing takes 80 °C, not " + Show.number(v.number("limit"), 0)
                            + " °C: its seal and its grease are cooked."));
        }
        return problems;
    }

    private static Mounting.Input make(Values v) {
        return new Mounting.Input(
                BEARING.of(v),
                FitFields.LIST.make().apply(v),
                v.yes("bothTight"),
                v.maybe("limit"),
                v.number("ambient"),
                v.maybe("chilled"),
                v.maybe("massKg"),
                v.text("way"));
    }
}
