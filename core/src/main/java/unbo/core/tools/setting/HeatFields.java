package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.bearing.Bearing;
import unbo.core.fact.FactKey;
import unbo.core.fit.Material;
import unbo.core.form.BearingInput;
import unbo.core.heat.HeatInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked of a part that is heated or chilled to go on. */
public final class HeatFields {

    static final double SEALED_C = 80;
    private static final double NEVER_OVER_C = 150;
    private static final List<Field.Choice> PARTS = List.of(
            new Field.Choice("ring", "a ring, heated for its shaft"),
            new Field.Choice("housing", "a housing, heated for its bearing"));
    private static final List<Field.Choice> COLOURS = List.of(
            new Field.Choice("none", "none seen"),
            new Field.Choice("straw", "straw"),
            new Field.Choice("brown", "brown"),
            new Field.Choice("blue", "blue"));

    public static final FieldList<HeatInput> LIST = FieldList.of(
            List.of(
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .hint("or its sizes below"),
                    Field.choice("part", "Heated is", PARTS).orElse("ring", null),
                    mm("boreMm", "Bore").from(FactKey.OUTER_BORE),
                    mm("outsideMm", "Outside").from(FactKey.OUTER_OUTSIDE),
                    mm("widthMm", "Width").from(FactKey.OUTER_WIDTH),
                    Field.quantity("massKg", "Mass of the ring", Quantity.MASS, "kg", 0.001, 50)
                            .usually(0.01, 5)
                            .hint("for the seconds; estimated when empty"),
                    Field.quantity("interferenceUm", "Largest interference", Quantity.LENGTH, "µm", 0, 500)
                            .usually(1, 120)
                            .alwaysMetric()
                            .must()
                            .hint("from the fit"),
                    Field.quantity("leastUm", "Smallest interference", Quantity.LENGTH, "µm", -300, 500)
                            .usually(-30, 100)
                            .alwaysMetric()
                            .hint("from the fit; for what is left at the limit"),
                    Field.quantity("slidingUm", "Clearance to slide by", Quantity.LENGTH, "µm", 5, 300)
                            .usually(15, 80)
                            .alwaysMetric()
                            .hint("empty: a thousandth of the seat, 20 to 50 µm"),
                    Field.quantity("ambient", "Workshop", Quantity.TEMPERATURE, "°C", -20, 50)
                            .usually(5, 35)
                            .orElse("20", null),
                    Field.choice("ringMaterial", "Heated part of", Material.choices())
                            .orElse("steel", null),
                    Field.choice("otherMaterial", "Other part of", Material.choices())
                            .orElse("steel", null),
                    Field.quantity("shaft", "Other part chilled to", Quantity.TEMPERATURE, "°C", -196, 60)
                            .usually(-80, 40)
                            .hint("empty: as the workshop"),
                    Field.quantity("limit", "Limit", Quantity.TEMPERATURE, "°C", 40, NEVER_OVER_C)
                            .usually(60, 150)
                            .hint("empty: sealed 80, open 120 as bearing makers say, a housing by its metal; 150 "
                                    + "is the engine builders' line"),
                    Field.yesNo("sealed", "Sealed or greased"),
                    Field.yesNo("alone", "Inner ring alone, come apart").seldom(),
                    Field.choice("colour", "Temper colour afterwards", COLOURS).orElse("none", null)),
            HeatFields::rules,
            HeatFields::make);

    private static final BearingInput BEARING =
            BearingInput.numbered("designation").sized("boreMm", "outsideMm", "widthMm");

    private HeatFields() {}

    private static Field mm(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 3, 500).usually(5, 200);
    }

    private static boolean sealed(Values v) {
        return v.yes("sealed") || BEARING.of(v).mindsHeat();
    }

    private static boolean housing(Values v) {
        return v.text("part").equals("housing");
    }

    private static double limit(Values v) {
        if (v.has("limit")) {
            return v.number("limit");
        }
        return housing(v) ? Math.min(120, Material.of(v.text("ringMaterial")).ovenC()) : sealed(v) ? SEALED_C : 120;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        Bearing b = BEARING.of(v);
        if ((housing(v) ? b.outsideMm() : b.boreMm()) == null) {
            return List.of(new Problem(
                    housing(v) ? "outsideMm" : "boreMm",
                    "Write the bearing's number, or the size of the seat.",
                    false));
        }
        problems.addAll(BEARING.problems(v));
        if (!housing(v) && sealed(v) && v.has("limit") && v.number("limit") > SEALED_C) {
            problems.add(Problem.impossible(
                    "limit",
                    "A sealed or greased bearing takes 80 °C, not " + Show.number(v.number("limit"), 0)
                            + " °C: its seal and its grease are cooked. Chill the shaft, or press."));
        }
        if (v.has("leastUm") && v.number("leastUm") > v.number("interferenceUm")) {
            problems.add(
                    Problem.impossible("leastUm", "The smallest interference is over the largest: change them over."));
        }
        double other = v.number("shaft", v.number("ambient"));
        if (other >= limit(v)) {
            problems.add(Problem.impossible(
                    "shaft",
                    "The other part at " + Show.number(other, 0) + " °C is as warm as the heated one may get, "
                            + Show.number(limit(v), 0) + " °C: it would have to be the colder of the two."));
        }
        return problems;
    }

    private static HeatInput make(Values v) {
        Bearing b = BEARING.of(v);
        return new HeatInput(
                housing(v),
                new HeatInput.Ring(
                        b.boreMm(), b.outsideMm(), b.widthMm(), v.maybe("massKg"), v.yes("alone") || b.ringAlone()),
                new HeatInput.Hold(v.number("interferenceUm"), v.maybe("leastUm"), v.maybe("slidingUm")),
                v.number("ambient"),
                new HeatInput.Parts(
                        Material.of(v.text("ringMaterial")),
                        Material.of(v.text("otherMaterial")),
                        v.number("shaft", v.number("ambient"))),
                limit(v),
                sealed(v),
                v.text("colour"));
    }
}
