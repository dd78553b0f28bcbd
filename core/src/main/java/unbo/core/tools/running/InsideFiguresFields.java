package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.running.Candidate;
import unbo.core.running.InsideFigures;

/** What is asked of what is inside. */
public final class InsideFiguresFields {

    public static final FieldList<InsideFigures.Input> LIST = FieldList.of(
            Stream.of(
                            InsideFields.fields(),
                            List.of(
                                    size("boreMm", "Bore").from(FactKey.OUTER_BORE),
                                    size("outsideMm", "Outside").from(FactKey.OUTER_OUTSIDE),
                                    size("widthMm", "Width").from(FactKey.OUTER_WIDTH),
                                    rating("cN", "C from the catalogue"),
                                    rating("c0N", "C0 from the catalogue")))
                    .flatMap(List::stream)
                    .toList(),
            InsideFiguresFields::rules,
            InsideFiguresFields::make);

    private static final BearingInput BEARING = BearingInput.numbered("designation")
            .sized("boreMm", "outsideMm", "widthMm")
            .kind("kind")
            .counted("elements", "elementMm", "pitchMm")
            .angled("contactDeg")
            .rated("cN", "c0N");

    private InsideFiguresFields() {}

    private static Field size(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 1, 1000)
                .usually(4, 300)
                .hint("of one without a number here");
    }

    private static Field rating(String name, String label) {
        return Field.quantity(name, label, Quantity.FORCE, "N", 50, 3_000_000).usually(1000, 300_000);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.has("cN") != v.has("c0N")) {
            problems.add(
                    new Problem(v.has("cN") ? "c0N" : "cN", "A catalogue gives C and C0 together: write both.", false));
        }
        problems.addAll(InsideFields.rules(v, BEARING));
        return problems;
    }

    private static InsideFigures.Input make(Values v) {
        return new InsideFigures.Input(Candidate.of(BEARING.of(v)));
    }
}
