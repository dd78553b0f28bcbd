package unbo.app.log;

import java.time.LocalDate;
import java.util.List;

import unbo.app.vehicle.VehicleEvent;
import unbo.core.event.EventKind;
import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;

/**
 * Something that a vehicle went through, as it is written down.
 *
 * @param place code of the one position that went through it; empty for the whole vehicle
 */
record EventForm(String place, VehicleEvent.Told told) {

    private static final int MOST_TIMES = 1000;
    private static final int LONGEST_NOTE = 200;
    private static final int MOST_ROWS = 500;

    private static final List<Field.Choice> HARD =
            List.of(new Field.Choice("1", "easy"), new Field.Choice("2", "as usual"), new Field.Choice("3", "hard"));

    static final FieldList<EventForm> LIST = FieldList.of(
            List.of(
                    Field.date("day", "Day").must(),
                    Field.choice(
                                    "kind",
                                    "What",
                                    EventKind.all().stream()
                                            .map(kind -> new Field.Choice(kind.code(), kind.label()))
                                            .toList())
                            .must(),
                    Field.quantity("amount", "How much", Quantity.RATIO, "", 0, Field.MOST_COUNTED)
                            .hint("distance, kg or days"),
                    Field.choice("hard", "How hard", HARD).orElse("2", null),
                    Field.whole("times", "How often", 1, MOST_TIMES).orElse("1", null),
                    Field.quantity("counter", "Counter stands at", Quantity.RATIO, "", 0, Field.MOST_COUNTED),
                    Field.text("place", "Only at", 30),
                    Field.text("note", "Note", LONGEST_NOTE)),
            v -> new EventForm(
                    v.text("place"),
                    new VehicleEvent.Told(
                            v.text("kind"),
                            v.day("day"),
                            v.whole("times"),
                            v.maybe("amount"),
                            v.maybe("counter"),
                            Integer.parseInt(v.text("hard")),
                            v.text("note"))));

    /** Several at once, one to a line, in the order of the boxes. */
    static final TypedRows<EventForm> ROWS = new TypedRows<>("rows", LIST, 1, MOST_ROWS);

    static final FieldList<List<EventForm>> MANY = FieldList.of(
            List.of(Field.rows("rows", "Several at once", LIST.fields()).must()), ROWS::problems, ROWS::records);

    LocalDate day() {
        return told.day();
    }
}
