package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.lubrication.Grease;
import unbo.core.lubrication.Mixing;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked for Grease. */
public final class GreaseFields {

    private static final int LONGEST_NAME = 60;
    private static final List<Field.Choice> OILS = List.of(
            new Field.Choice("mineral", "mineral"),
            new Field.Choice("PAO", "synthetic, PAO"),
            new Field.Choice("ester", "ester"),
            new Field.Choice("silicone", "silicone: mixes with nothing"),
            new Field.Choice("perfluorinated", "perfluorinated: mixes with nothing"),
            new Field.Choice("glycol", "glycol: mixes with nothing"));

    public static final FieldList<Grease> LIST = FieldList.of(
            List.of(
                    Field.text("name", "Its name here", LONGEST_NAME).must(),
                    Field.choice("thickener", "Family, by its thickener", Mixing.choices())
                            .must(),
                    Field.choice(
                                    "nlgi",
                                    "NLGI",
                                    List.of("00", "0", "1", "2", "3").stream()
                                            .map(n -> new Field.Choice(n, n))
                                            .toList())
                            .orElse("2", null),
                    Field.choice("oil", "Base oil", OILS).orElse("mineral", null),
                    Field.quantity("nu40", "Base oil at 40 °C", Quantity.VISCOSITY, "mm²/s", 2, 5000)
                            .usually(10, 1000),
                    Field.quantity("nu100", "Base oil at 100 °C", Quantity.VISCOSITY, "mm²/s", 1, 500)
                            .usually(2, 60),
                    Field.quantity("cold", "Works from", Quantity.TEMPERATURE, "°C", -80, 40)
                            .usually(-50, 0)
                            .orElse("-20", null),
                    Field.quantity("hot", "to", Quantity.TEMPERATURE, "°C", 30, 300)
                            .usually(50, 200)
                            .orElse("120", null),
                    Field.quantity("speedFactor", "Speed factor, n·dm", Quantity.RATIO, "", 10_000, 5_000_000)
                            .usually(100_000, 2_000_000)
                            .hint("of its sheet, mm/min"),
                    Field.yesNo("ep", "EP additives")),
            GreaseFields::rules,
            v -> new Grease(
                    v.text("name"),
                    v.text("thickener"),
                    v.text("nlgi"),
                    new Grease.BaseOil(v.text("oil"), v.maybe("nu40"), v.maybe("nu100")),
                    new Grease.Range(v.number("cold"), v.number("hot"), v.maybe("speedFactor")),
                    v.yes("ep")));

    private GreaseFields() {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.has("nu40") && v.has("nu100") && v.number("nu100") >= v.number("nu40")) {
            problems.add(Problem.impossible(
                    "nu100",
                    "Oil is thinner when hot: at 100 °C it must be under the " + Show.number(v.number("nu40"), 1)
                            + " mm²/s of 40 °C."));
        }
        if (v.number("cold") >= v.number("hot")) {
            problems.add(Problem.impossible("hot", "The range ends under where it begins: change them over."));
        }
        return problems;
    }
}
