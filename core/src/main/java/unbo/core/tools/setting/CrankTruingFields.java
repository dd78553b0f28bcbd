package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.arrange.CrankTruing;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.runout.Surface;

/** What is asked of truing a crankshaft. */
public final class CrankTruingFields {

    private static final List<Field.Choice> SUPPORTS = List.of(
            new Field.Choice("ends", "at the outer ends of the mains"), new Field.Choice("webs", "by the webs"));
    public static final FieldList<CrankTruing.Input> LIST = FieldList.of(
            List.of(
                    Field.list("leftTir", "Left main, TIR, each round", Quantity.LENGTH, "mm", 0, 2)
                                    .many(1, 20)
                                    .must(),
                            Field.list("leftAngle", "Left high spot from the pin", Quantity.ANGLE, "°", -360, 360)
                                    .many(1, 20)
                                    .must(),
                    Field.list("rightTir", "Right main, TIR, each round", Quantity.LENGTH, "mm", 0, 2)
                                    .many(1, 20)
                                    .must(),
                            Field.list("rightAngle", "Right high spot from the pin", Quantity.ANGLE, "°", -360, 360)
                                    .many(1, 20)
                                    .must(),
                    Field.choice("supports", "Supports", SUPPORTS).orElse("ends", "they turn the signs over: look"),
                            Field.quantity("limit", "Limit", Quantity.LENGTH, "mm", 0.005, 0.5)
                                    .usually(0.01, 0.1)
                                    .hint("the maker's; empty: work over 0.05, truing ends at 0.025")),
            CrankTruingFields::rules,
            CrankTruingFields::make);

    private static final Surface USUAL = Surface.find("crank").orElseThrow();

    private CrankTruingFields() {}

    private static List<Problem> rules(Values v) {
        List<String> names = List.of("leftTir", "leftAngle", "rightTir", "rightAngle");
        int rounds = v.list("leftTir").size();
        List<Problem> problems = new ArrayList<>();
        names.stream()
                .filter(n -> v.list(n).size() != rounds)
                .forEach(n -> problems.add(Problem.impossible(
                        n,
                        v.list(n).size() + " readings here, " + rounds
                                + " of the left main's runout: each round has all four.")));
        return problems;
    }

    private static CrankTruing.Input make(Values v) {
        return new CrankTruing.Input(
                highs(v, "left"),
                highs(v, "right"),
                v.text("supports").equals("webs"),
                v.has("limit") ? v.number("limit") : requireNonNull(USUAL.finishMm()),
                v.has("limit") ? v.number("limit") : requireNonNull(USUAL.limitMm()));
    }

    private static List<CrankTruing.High> highs(Values v, String side) {
        List<CrankTruing.High> highs = new ArrayList<>();
        for (int i = 0; i < v.list(side + "Tir").size(); i++) {
            highs.add(new CrankTruing.High(
                    v.list(side + "Tir").get(i), v.list(side + "Angle").get(i)));
        }
        return highs;
    }
}
