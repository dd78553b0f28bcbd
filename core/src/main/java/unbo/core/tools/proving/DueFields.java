package unbo.core.tools.proving;

import java.util.ArrayList;
import java.util.List;

import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.service.Causes;
import unbo.core.service.DueInput;
import unbo.core.service.ServiceSchool;
import unbo.core.vehicle.Usage;

/** What is asked to close a job and to say when the position is due again. */
public final class DueFields {

    private static final String OWN_MONTHS = "ownMonths";
    private static final String OWN_COUNT = "ownCount";
    private static final String OWN_IMMERSIONS = "ownImmersions";

    public static final FieldList<DueInput> LIST = FieldList.of(
            List.of(
                    Field.choice("cause", "What it turned out to be", Causes.choices())
                            .from(FactKey.VERDICT_CAUSE)
                            .must(),
                    Field.text("note", "In a few words", 500),
                    Field.choice("serviceSchool", "Due again by", ServiceSchool.choices())
                            .orElse("yearly", "the default for hubs"),
                    Field.whole("season", "Immersions in a season", 1, 200)
                            .orElse("20", "counted where the hub goes under water"),
                    Field.whole(OWN_MONTHS, "Own rule, months", 1, 240).seldom(),
                    Field.counter(OWN_COUNT, "Own rule, distance or hours", 1_000_000)
                            .hint("in the counter's unit; km where there is none")
                            .seldom(),
                    Field.whole(OWN_IMMERSIONS, "Own rule, immersions or washes", 1, 1000)
                            .seldom(),
                    Field.date("day", "Day of the work").from(FactKey.DAY).must(),
                    Field.choice(Field.COUNTS, "Counter", Usage.COUNTERS)
                            .from(FactKey.COUNTER_UNIT)
                            .orElse("none", "no counter"),
                    Field.counter("counter", "Counter", Field.MOST_COUNTED).from(FactKey.COUNTER),
                    Field.counter("yearly", "Distance a year", 1_000_000).from(FactKey.YEARLY),
                    Field.choice("use", "Use", Usage.USES).from(FactKey.USE).orElse("wet", "when not said")),
            DueFields::rules,
            DueFields::make);

    /** The tool as it stands on the bench. */
    private DueFields() {}

    private static List<Problem> rules(Values v) {
        boolean own = v.text("serviceSchool").equals(ServiceSchool.OWN);
        boolean figures = v.has(OWN_MONTHS) || v.has(OWN_COUNT) || v.has(OWN_IMMERSIONS);
        List<Problem> problems = new ArrayList<>();
        if (own && !figures) {
            problems.add(
                    new Problem(OWN_MONTHS, "An own rule needs months, a distance or a number of immersions.", false));
        }
        if (!own && figures) {
            problems.add(Problem.impossible(
                    "serviceSchool", "Figures of an own rule stand below: choose “own rule”, or empty them."));
        }
        return problems;
    }

    private static DueInput make(Values v) {
        ServiceSchool school = ServiceSchool.of(v.text("serviceSchool"));
        if (school.code().equals(ServiceSchool.OWN)) {
            school = school.with(v.has(OWN_MONTHS) ? v.whole(OWN_MONTHS) : 0, 0);
        }
        Integer immersions = v.has(OWN_IMMERSIONS) ? Integer.valueOf(v.whole(OWN_IMMERSIONS)) : null;
        return new DueInput(
                v.text("cause"),
                v.text("note"),
                v.day("day"),
                new DueInput.Counter(v.text(Field.COUNTS), v.maybe("counter")),
                v.maybe("yearly"),
                v.text("use").equals("immersed"),
                new DueInput.Rule(school, v.maybe(OWN_COUNT), immersions),
                v.whole("season"));
    }
}
