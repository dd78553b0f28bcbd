package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.life.LifeFactor;
import unbo.core.life.ShaftLife;
import unbo.core.measure.Quantity;

/** What is asked of a shaft in two bearings. */
public final class ShaftFields {

    private static final int MOST_LOADS = 6;
    private static final List<Field.Choice> LOCATES = List.of(
            new Field.Choice("left", "the left one"),
            new Field.Choice("right", "the right one"),
            new Field.Choice("pair", "both, as a pair back to back"));

    public static final FieldList<ShaftLife.Input> LIST = FieldList.of(
            List.of(
                    Field.bearing("leftDesignation", "Left bearing").from(FactKey.LEFT_BEARING, FactKey.INNER_CONE),
                    Field.bearing("rightDesignation", "Right bearing").from(FactKey.RIGHT_BEARING, FactKey.OUTER_CONE),
                    Field.quantity("spreadMm", "Between them", Quantity.LENGTH, "mm", 5, 2000)
                            .from(FactKey.SPREAD)
                            .usually(20, 400)
                            .must()
                            .hint("of a pair: between pressure centres"),
                    Field.list("at", "Loads stand at, mm from the left bearing", Quantity.LENGTH, "mm", -1000, 3000)
                            .many(1, MOST_LOADS)
                            .must()
                            .hint("− to the left of it: a pulley outside the case"),
                    forces("vertical", "Each upwards, N").hint("− downwards"),
                    forces("horizontal", "Each away from you, N"),
                    forces("axial", "Each to the right, N"),
                    Field.choice("locates", "Side force goes into", LOCATES).orElse("left", null),
                    Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 0.5, 60_000)
                            .usually(20, 15_000)
                            .must(),
                    Field.quantity("kappa", "Viscosity ratio κ", Quantity.RATIO, "", 0.05, 20)
                            .usually(0.2, 4)
                            .orElse("1", "see Viscosity"),
                    Field.quantity("contamination", "Cleanliness ec", Quantity.RATIO, "", 0.01, 1)
                            .from(FactKey.CLEANLINESS)
                            .usually(0.05, 1)
                            .orElse("0.55", "normal"),
                    Field.quantity("waterPpm", "Water in the oil, ppm", Quantity.RATIO, "", 0, 100_000)
                            .usually(50, 2000)
                            .orElse("0", null)
                            .hint("0.1 % is 1000 ppm"),
                    Field.quantity("loadFactor", "All loads, times", Quantity.RATIO, "", 0.1, 10)
                            .usually(0.5, 3)
                            .orElse("1", null)
                            .slides(""),
                    WheelFields.rating("leftCN", "Left: C from the catalogue"),
                    WheelFields.rating("leftC0N", "Left: C0"),
                    WheelFields.rating("rightCN", "Right: C from the catalogue"),
                    WheelFields.rating("rightC0N", "Right: C0"),
                    WheelFields.angle("leftContactDeg", "Left: contact or half cup angle"),
                    WheelFields.angle("rightContactDeg", "Right: contact or half cup angle"),
                    Field.yesNo("leftRollers", "Left: rollers").seldom(),
                    Field.yesNo("rightRollers", "Right: rollers").seldom()),
            ShaftFields::rules,
            ShaftFields::make);

    private ShaftFields() {}

    private static Field forces(String name, String label) {
        return Field.list(name, label, Quantity.FORCE, "N", -200_000, 200_000).many(0, MOST_LOADS);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(WheelFields.unrated(v, List.of("left", "right")));
        int loads = v.list("at").size();
        for (String way : List.of("vertical", "horizontal", "axial")) {
            if (!v.list(way).isEmpty() && v.list(way).size() != loads) {
                problems.add(Problem.impossible(
                        way,
                        v.list(way).size() + " forces at " + loads + (loads == 1 ? " place" : " places")
                                + ": write one for each, 0 where there is none."));
            }
        }
        if (v.has("kappa") && v.number("kappa") < LifeFactor.LEAST_KAPPA) {
            problems.add(WheelFields.outside("kappa"));
        }
        if (problems.isEmpty()
                && List.of("vertical", "horizontal", "axial").stream()
                        .flatMap(way -> v.list(way).stream())
                        .allMatch(f -> f == 0)) {
            problems.add(Problem.impossible(
                    "vertical", "No force is written: a shaft without a load has no life to work out."));
        }
        return problems;
    }

    private static ShaftLife.Input make(Values v) {
        List<ShaftLife.Load> loads = new ArrayList<>();
        for (int i = 0; i < v.list("at").size(); i++) {
            loads.add(new ShaftLife.Load(
                    v.list("at").get(i), at(v, "vertical", i), at(v, "horizontal", i), at(v, "axial", i)));
        }
        return new ShaftLife.Input(
                        v.number("spreadMm"),
                        loads,
                        WheelFields.bearing(v, "left").orElseThrow(),
                        WheelFields.bearing(v, "right").orElseThrow(),
                        ShaftLife.Locates.valueOf(v.text("locates").toUpperCase(Locale.ROOT)),
                        v.number("rpm"),
                        new ShaftLife.Input.Oil(v.number("kappa"), v.number("contamination"), v.number("waterPpm")))
                .times(v.number("loadFactor"));
    }

    private static double at(Values v, String way, int i) {
        return v.list(way).isEmpty() ? 0 : v.list(way).get(i);
    }
}
