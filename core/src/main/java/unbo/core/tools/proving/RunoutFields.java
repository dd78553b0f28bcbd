package unbo.core.tools.proving;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.runout.Indexing;
import unbo.core.runout.Runout;
import unbo.core.runout.RunoutInput;
import unbo.core.runout.Surface;

/** What is asked of a turn of indicator readings. */
public final class RunoutFields {

    private static final double FARTHEST_MM = 20;

    public static final FieldList<RunoutInput> LIST = FieldList.of(
            List.of(
                    Field.list("readings", "Readings of one turn", Quantity.LENGTH, "mm", -FARTHEST_MM, FARTHEST_MM)
                            .many(Runout.FEWEST, Runout.MOST)
                            .must()
                            .hint("8 to 48, equally spaced, from mark 0 on; plunger pushed in is plus"),
                    Field.choice("surface", "Measured on", Surface.choices()).orElse("disc", null),
                    Field.quantity("maxMm", "Most TIR", Quantity.LENGTH, "mm", 0.001, 5)
                            .usually(0.01, 0.5)
                            .hint("from the vehicle's data; empty: the usual limit"),
                    Field.list(
                                    "indexed",
                                    "Readings with the disc turned on the hub",
                                    Quantity.LENGTH,
                                    "mm",
                                    -FARTHEST_MM,
                                    FARTHEST_MM)
                            .many(Runout.FEWEST, Runout.MOST)
                            .hint("to tell disc from hub; mark 0 stays the hub's"),
                    Field.quantity("indexDeg", "Turned by", Quantity.ANGLE, "°", -360, 360)
                            .orElse("180", "half a turn parts them best; one stud will do")),
            RunoutFields::rules,
            RunoutFields::make);

    /** The tool as it stands on the bench: a disc 0.06 mm out with a dent. */
    private RunoutFields() {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (!v.has("maxMm") && limit(v) == null) {
            problems.add(Problem.impossible(
                    "maxMm", "There is no usual limit for something else: write the most runout it may have."));
        }
        double parts = Indexing.parts(v.number("indexDeg"));
        if (!v.list("indexed").isEmpty() && parts < Indexing.LEAST) {
            problems.add(Problem.impossible(
                    "indexDeg",
                    "Turned by " + Show.number(v.number("indexDeg"), 1)
                            + "° the disc's share cannot be told from the hub's: turn it by 30° to 330°, "
                            + "best by half a turn."));
        }
        if (spread(v.list("readings")) == 0) {
            problems.add(Problem.impossible(
                    "readings",
                    "All readings are the same: an indicator that does not move does not touch, or "
                            + "sticks. Read again."));
        }
        return problems;
    }

    private static double spread(List<Double> readings) {
        return readings.stream().mapToDouble(r -> r).max().orElse(0)
                - readings.stream().mapToDouble(r -> r).min().orElse(0);
    }

    private static @Nullable Double limit(Values v) {
        return Surface.find(v.text("surface")).map(Surface::limitMm).orElse(null);
    }

    private static RunoutInput make(Values v) {
        return RunoutInput.of(
                v.list("readings"),
                Surface.find(v.text("surface")).orElseThrow(),
                v.maybe("maxMm"),
                v.list("indexed"),
                v.number("indexDeg"));
    }
}
