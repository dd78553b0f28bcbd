package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.survival.Lives;
import unbo.core.survival.Observed;
import unbo.core.survival.Weibull;
import unbo.core.tool.Shape;

/** What is asked of runs of bearings. */
public final class LivesFields {

    private static final double MOST = 1e9;
    private static final int MOST_RUNS = 2000;
    private static final List<Field.Choice> ENDED = List.of(
            new Field.Choice("failed", "failed"),
            new Field.Choice("sound", "sound"),
            new Field.Choice("running", "running"));

    /** What a vehicle counts. */
    static final List<Field.Choice> COUNTERS = Stream.of("km", "mi", "h", "races", "immersions", "days")
            .map(unit -> new Field.Choice(unit, unit))
            .toList();

    private static final FieldList<Lives.Run> RUN = FieldList.of(
            List.of(
                    amount("at", "Ended at, or last counter"),
                    Field.choice("ended", "Ended", ENDED).must(),
                    amount("entry", "First seen running at").orElse("0", null),
                    Field.text("group", "Group", 60),
                    amount("from", "Last seen sound at"),
                    amount("to", "Found failed at")),
            LivesFields::ofRun,
            LivesFields::run);

    private static final TypedRows<Lives.Run> RUNS = new TypedRows<>("runs", RUN, 1, MOST_RUNS);

    public static final FieldList<Lives.Input> LIST = FieldList.of(
            List.of(
                    Field.rows("runs", "Runs, one to a line", RUN.fields())
                            .must()
                            .hint("where it failed between two visits, the last two instead of the first"),
                    Field.choice("counter", "Counted in", COUNTERS).orElse("km", null),
                    Field.choice(
                                    "kind",
                                    "They end by, while few have",
                                    List.of(
                                            new Field.Choice("wear", "wear"),
                                            new Field.Choice("accident", "water and accident")))
                            .orElse("wear", null),
                    Field.quantity("confidence", "Confidence of the bands", Quantity.RATIO, "", 0.5, 0.999)
                            .orElse("0.9", null)
                            .seldom(),
                    amount("computed", "Computed life L10 of the place")
                            .hint("to hold the record against, in the same counter")),
            RUNS::problems,
            v -> new Lives.Input(
                    RUNS.records(v),
                    v.text("counter"),
                    v.number("confidence"),
                    v.text("kind").equals("accident") ? Weibull.ACCIDENT : Weibull.WEAR_OUT,
                    v.maybe("computed")));

    /** The call's body: runs as objects. */
    static final Shape SHAPE =
            Shape.of(LIST, "counter", "kind", "confidence", "computed").andLines("runs", Shape.of(RUN));

    private LivesFields() {}

    private static Field amount(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, MOST);
    }

    private static List<Problem> ofRun(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.has("at") == v.has("to")) {
            problems.add(new Problem(
                    "at", "Write where it ended, or between which two visits it failed: one of them.", false));
        } else if (v.has("to") && !v.text("ended").equals("failed")) {
            problems.add(Problem.impossible("ended", "Two visits are written only where it failed between them."));
        } else if (v.has("to") && v.number("from", 0) > v.number("to")) {
            problems.add(Problem.impossible(
                    "from", "It was last seen sound after it was found failed: change the two over."));
        } else if (!(end(v) > v.number("entry"))) {
            problems.add(Problem.impossible(
                    "at",
                    "It ended at " + end(v) + ", but was first seen running at " + v.number("entry")
                            + ": a counter does not go back."));
        }
        return problems;
    }

    private static double end(Values v) {
        return v.has("at") ? v.number("at") : (v.number("from", 0) + v.number("to")) / 2;
    }

    private static Lives.Run run(Values v) {
        return new Lives.Run(
                new Observed(v.number("entry"), end(v), v.text("ended").equals("failed")),
                v.text("group"),
                !v.has("at"));
    }
}
