package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import unbo.core.decide.Option;
import unbo.core.decide.Pert;
import unbo.core.decide.RunOrReplace;
import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.tool.Shape;

/** What is asked before a bearing is run on or renewed. */
public final class RunOrReplaceFields {

    private static final double MOST = 1e8;
    private static final int MOST_OPTIONS = 8;
    private static final int MOST_DRAWS = 100_000;
    /** Renewed so often within the horizon, nobody would choose it. */
    private static final double MOST_RENEWALS = 500;

    private static final List<Field> COSTS = List.of(
            Field.text("name", "Option", 60).must(),
            amount("costNow", "Costs now").orElse("0", null),
            amount("accessHours", "Hours to get there").orElse("0", null),
            amount("hourRate", "An hour's work").orElse("0", null),
            share("accessShared", "Share of access that other work pays").orElse("0", null));
    private static final List<Field> CHANCE = List.of(
            share("low", "Chance to fail, low"),
            share("likely", "Chance to fail, likely"),
            share("high", "Chance to fail, high"),
            amount("by", "By this distance"));
    private static final List<Field> REST = List.of(
            Field.quantity("beta", "Slope of its life", Quantity.RATIO, "", 0.1, 20),
            amount("eta", "Characteristic life"),
            amount("age", "Has run").orElse("0", null),
            amount("failureCost", "A failure costs").orElse("0", null),
            amount("lifeAfter", "Renewed again after"),
            amount("inspectEvery", "Looked at every"),
            share("seenInTime", "Seen in time").orElse("0", null),
            amount("seenCost", "Costs where it is seen in time").orElse("0", null),
            amount("yearlyCost", "Costs a year").orElse("0", null));

    private static final FieldList<Option> OPTION = FieldList.of(
            java.util.stream.Stream.of(COSTS, CHANCE, REST)
                    .flatMap(List::stream)
                    .toList(),
            RunOrReplaceFields::ofOption,
            RunOrReplaceFields::option);

    private static final TypedRows<Option> OPTIONS = new TypedRows<>("options", OPTION, 2, MOST_OPTIONS);

    public static final FieldList<RunOrReplace.Input> LIST = FieldList.of(
            List.of(
                    Field.quantity("years", "Years ahead", Quantity.RATIO, "", 0.1, 50)
                            .usually(1, 15)
                            .orElse("4", null),
                    Field.quantity("perYear", "Goes a year", Quantity.RATIO, "", 1e-3, MOST)
                            .must()
                            .hint("km, hours or runs; all distances below are in the same"),
                    Field.quantity("rate", "Interest a year, share", Quantity.RATIO, "", 0, 0.5)
                            .usually(0, 0.12)
                            .orElse("0", null)
                            .hint("0.05 for 5 %"),
                    Field.rows("options", "Options", OPTION.fields())
                            .must()
                            .hint("the chance to fail by a distance, or slope and characteristic life"),
                    Field.whole("draws", "Draws", 100, MOST_DRAWS)
                            .orElse("10000", null)
                            .seldom(),
                    Field.whole("seed", "Seed of the draws", 0, Integer.MAX_VALUE)
                            .orElse("1", null)
                            .seldom()),
            RunOrReplaceFields::rules,
            v -> new RunOrReplace.Input(
                    v.number("years"),
                    v.number("perYear"),
                    v.number("rate"),
                    OPTIONS.records(v),
                    v.whole("draws"),
                    v.whole("seed")));

    static final Shape SHAPE =
            Shape.of(LIST, "years", "perYear", "rate", "draws", "seed").andLines("options", options());

    private RunOrReplaceFields() {}

    private static Shape options() {
        Shape shape = Shape.EMPTY;
        for (Field field : COSTS) {
            shape = shape.and(field);
        }
        Shape chance = Shape.EMPTY;
        for (Field field : CHANCE) {
            chance = chance.and(field);
        }
        shape = shape.and("chance", chance);
        for (Field field : REST) {
            shape = shape.and(field);
        }
        return shape;
    }

    private static Field amount(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, MOST);
    }

    private static Field share(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 1);
    }

    private static List<Problem> ofOption(Values v) {
        List<Problem> problems = new ArrayList<>();
        boolean chance = v.has("likely");
        boolean wear = v.has("beta") && v.has("eta");
        if (chance == wear) {
            problems.add(new Problem(
                    "chance",
                    "Write the chance to fail by a distance, or slope and characteristic life: one of them.",
                    false));
        } else if (chance) {
            double likely = v.number("likely");
            if (!(v.number("by", 0) > 0)) {
                problems.add(new Problem("by", "Write the distance that the chance to fail is meant for.", false));
            }
            if (v.number("low", likely) > likely || v.number("high", likely) < likely) {
                problems.add(Problem.impossible(
                        "chance", "The likely chance lies between the low and the high one: put them in that order."));
            }
            if (v.number("high", likely) >= 1) {
                problems.add(Problem.impossible(
                        "chance", "A chance of 1 is certain by that distance: name a shorter distance instead."));
            }
        } else if (!(v.number("eta") > 0)) {
            problems.add(Problem.impossible("eta", "The characteristic life is over 0."));
        }
        if (v.has("lifeAfter") && !(v.number("lifeAfter") > 0)) {
            problems.add(
                    Problem.impossible("lifeAfter", "It lasts some distance, or to the end: leave it empty then."));
        }
        return problems;
    }

    private static Option option(Values v) {
        double likely = v.number("likely", 0);
        return new Option(
                v.text("name"),
                new Option.Costs(
                        v.number("costNow"),
                        v.number("accessHours") * v.number("hourRate"),
                        v.number("accessShared"),
                        v.number("failureCost"),
                        v.number("yearlyCost")),
                v.has("likely")
                        ? new Option.Chance(
                                new Pert(v.number("low", likely), likely, v.number("high", likely)), v.number("by"))
                        : new Option.Wear(v.number("beta"), v.number("eta"), v.number("age")),
                v.maybe("lifeAfter"),
                new Option.Watch(v.maybe("inspectEvery"), v.number("seenInTime"), v.number("seenCost")));
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(OPTIONS.problems(v));
        if (problems.isEmpty()) {
            Set<String> names = new HashSet<>();
            double distance = v.number("years") * v.number("perYear");
            for (Option option : OPTIONS.records(v)) {
                Double life = option.lifeAfter();
                if (!names.add(option.name())) {
                    problems.add(Problem.impossible(
                            "options", "Two options are called “" + option.name() + "”: give each its own name."));
                }
                if (life != null && distance / life > MOST_RENEWALS) {
                    problems.add(Problem.impossible(
                            "options",
                            "“" + option.name() + "” would be renewed over " + (int) MOST_RENEWALS
                                    + " times: look at its distance."));
                }
            }
        }
        return problems;
    }
}
