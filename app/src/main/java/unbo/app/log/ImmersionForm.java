package unbo.app.log;

import java.time.LocalDate;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;

/** Immersions as written down on a vehicle's page. */
record ImmersionForm(LocalDate day, int times, String note) {

    static final FieldList<ImmersionForm> LIST = FieldList.of(
            List.of(
                    Field.date("day", "Day").must(),
                    Field.whole("times", "Immersions", 1, 50).must(),
                    Field.text("note", "Note", 200)),
            v -> new ImmersionForm(v.date("day"), v.whole("times"), v.text("note")));
}
