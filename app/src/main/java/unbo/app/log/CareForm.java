package unbo.app.log;

import java.time.LocalDate;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.service.Care;

/** What else of a vehicle is looked after, as it is written down and ticked off. */
final class CareForm {

    private static final int LONGEST = 60;
    private static final int MOST_MONTHS = 240;

    static final FieldList<Care> LIST = FieldList.of(
            List.of(
                    Field.text("what", "What", LONGEST).must().hint("gearbox oil, hub seals, belt"),
                    Field.whole("everyMonths", "Every months", 1, MOST_MONTHS),
                    counter("everyCounter", "Every, by the counter"),
                    Field.date("doneOn", "Last done").must(),
                    counter("doneCounter", "Counter then")),
            CareForm::rules,
            v -> new Care(
                    v.text("what"),
                    v.has("everyMonths") ? Integer.valueOf(v.whole("everyMonths")) : null,
                    v.maybe("everyCounter"),
                    v.day("doneOn"),
                    v.maybe("doneCounter")));

    /** When it was done again. @param counter null where it was not read */
    record Done(LocalDate day, Double counter) {}

    static final FieldList<Done> DONE = FieldList.of(
            List.of(Field.date("day", "Done on").must(), counter("counter", "Counter then")),
            v -> new Done(v.day("day"), v.maybe("counter")));

    private CareForm() {}

    private static Field counter(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, Field.MOST_COUNTED);
    }

    private static List<Problem> rules(Values v) {
        return v.has("everyMonths") || v.has("everyCounter") && v.number("everyCounter") > 0
                ? List.of()
                : List.of(new Problem("everyMonths", "Say after how many months, or how much by the counter.", false));
    }
}
