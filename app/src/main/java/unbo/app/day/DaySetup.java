package unbo.app.day;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.plan.DayWork;

/**
 * What the workshop has, and when it is open.
 *
 * @param resources how many there are of each, by their codes
 */
public record DaySetup(LocalTime begins, LocalTime ends, Map<String, Integer> resources) {

    private static final int MOST = 20;
    private static final int LONGEST = 20;

    /** One person, one of what most workshops have. */
    public static final DaySetup USUAL = new DaySetup(
            LocalTime.of(8, 0),
            LocalTime.of(17, 0),
            ordered(List.of(
                    new Resource(DayWork.PERSON, 1),
                    new Resource("stand", 2),
                    new Resource("press", 1),
                    new Resource("oven", 1),
                    new Resource("bench", 1))));

    private record Resource(String code, int count) {}

    private static final FieldList<Resource> RESOURCE = FieldList.of(
            List.of(
                    Field.text("code", "What", LONGEST).must(),
                    Field.whole("count", "How many", 1, 50).orElse("1", null)),
            v -> new Resource(v.text("code").toLowerCase(Locale.ROOT), v.whole("count")));

    private static final TypedRows<Resource> RESOURCES = new TypedRows<>("resources", RESOURCE, 1, MOST);

    static final FieldList<DaySetup> LIST = FieldList.of(
            List.of(
                    Field.text("begins", "Opens at", 5).must().hint("8:00"),
                    Field.text("ends", "Closes at", 5).must().hint("17:00"),
                    Field.rows("resources", "What there is", RESOURCE.fields())
                            .must()
                            .hint("person, stand, lift, press, oven, freezer, bench")),
            DaySetup::rules,
            DaySetup::made);

    private static Map<String, Integer> ordered(List<Resource> resources) {
        Map<String, Integer> all = new LinkedHashMap<>();
        resources.forEach(r -> all.merge(r.code(), r.count(), Integer::sum));
        return all;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(RESOURCES.problems(v));
        for (String name : List.of("begins", "ends")) {
            if (Clocks.time(v.text(name)).isEmpty()) {
                problems.add(new Problem(name, "Write a time of the day, for instance 8:00.", false));
            }
        }
        if (problems.isEmpty()) {
            DaySetup setup = made(v);
            if (!setup.ends().isAfter(setup.begins())) {
                problems.add(Problem.impossible("ends", "It closes after it opens."));
            }
            if (!setup.resources().containsKey(DayWork.PERSON)) {
                problems.add(Problem.impossible("resources", "Somebody must be there: write a line for person."));
            }
        }
        return problems;
    }

    private static DaySetup made(Values v) {
        return new DaySetup(
                Clocks.time(v.text("begins")).orElseThrow(),
                Clocks.time(v.text("ends")).orElseThrow(),
                ordered(RESOURCES.records(v)));
    }

    /** As it is written in the box. */
    String text() {
        return resources.entrySet().stream()
                .map(e -> e.getKey() + "; " + e.getValue())
                .collect(Collectors.joining("\n"));
    }

    int opens() {
        return Clocks.minute(begins);
    }

    int closes() {
        return Clocks.minute(ends);
    }
}
