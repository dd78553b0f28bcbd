package unbo.core.tools.intake;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.intake.IntakeInput;
import unbo.core.measure.Quantity;

/** What is asked when a vehicle comes in. */
public final class IntakeFields {

    public static final FieldList<IntakeInput> LIST = FieldList.of(
            List.of(
                    Field.text("complaint", "Complaint", 500).must(),
                    Field.date("day", "Day").must(),
                    Field.counter("counter", "Counter", Field.MOST_COUNTED)
                            .hint("as it stands; empty where there is none"),
                    Field.quantity("load", "Load on this wheel", Quantity.MASS, "kg", 0, 5000)
                            .usually(20, 2000)
                            .hint("the axle's load, halved"),
                    Field.text("counterUnit", "Counter unit", 6),
                    Field.counter("yearly", "Distance a year", 1_000_000),
                    Field.counter("lastCounter", "Counter last time", Field.MOST_COUNTED),
                    Field.date("lastDay", "Last worked on")),
            IntakeFields::rules,
            v -> new IntakeInput(
                    v.text("complaint"),
                    v.day("day"),
                    v.text("counterUnit").isBlank() ? "none" : v.text("counterUnit"),
                    v.maybe("counter"),
                    v.maybe("yearly"),
                    v.maybe("load"),
                    v.maybe("lastCounter"),
                    v.date("lastDay")));

    private IntakeFields() {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        LocalDate last = v.date("lastDay");
        if (last != null && v.day("day").isBefore(last)) {
            problems.add(Problem.impossible("day", "The day is before the last work on this position, " + last + "."));
        }
        return problems;
    }
}
