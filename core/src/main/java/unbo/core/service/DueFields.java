package unbo.core.service;

import java.util.List;
import java.util.Map;

import unbo.core.answer.Question;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.vehicle.Usage;

/** What is asked to close a job and to say when the hub is due again. */
public final class DueFields {

    public static final FieldList<DueInput> LIST = FieldList.of(List.of(
            Field.choice("cause", "What it turned out to be", Causes.choices()).must(),
            Field.text("note", "In a few words", 500),
            Field.choice("serviceSchool", "Due again by", ServiceSchool.choices()).orElse("yearly", "the default for hubs"),
            Field.whole("season", "Immersions in a season", 1, 200).orElse("20", "counted where the hub goes under water"),
            Field.date("day", "Day of the work").must(),
            Field.choice("counterUnit", "Counter", Usage.COUNTERS).orElse("none", "no counter"),
            Field.quantity("counter", "Counter", Quantity.RATIO, "", 0, 9_999_999),
            Field.quantity("yearly", "Distance a year", Quantity.RATIO, "", 0, 1_000_000),
            Field.choice("use", "Use", Usage.USES).orElse("wet", "when not said")),
            v -> new DueInput(v.text("cause"), v.text("note"), v.date("day"), v.text("counterUnit"), v.maybe("counter"), v.maybe("yearly"),
                    v.text("use").equals("immersed"), ServiceSchool.of(v.text("serviceSchool")), v.whole("season")));

    /** The tool as it stands on the bench. */
    public static final Question<DueInput> QUESTION = new Question<>("service-due", "Due again",
            "When is an adjustable hub due again?", LIST,
            Map.of("cause", "regular-service", "day", "2026-04-30", "counterUnit", "none", "yearly", "2500", "use", "immersed"),
            input -> DueWords.answer(Due.of(input)));

    private DueFields() {
    }
}
