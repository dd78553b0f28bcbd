package unbo.app.day;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
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
import unbo.core.plan.Oven;

/**
 * What the workshop has, and when it is open.
 *
 * @param resources how many there are of each, by their codes
 * @param people who is there from when to when; empty where all are there as long as it is open
 */
public record DaySetup(
        LocalTime begins, LocalTime ends, Map<String, Integer> resources, Oven oven, List<Person> people) {

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
                    new Resource("bench", 1))),
            Oven.USUAL,
            List.of());

    private static final int LONGEST_NAME = 20;

    /** Somebody who works here. */
    public record Person(String name, LocalTime from, LocalTime until) {}

    private static final FieldList<Person> PERSON = FieldList.of(
            List.of(
                    Field.text("name", "Who", LONGEST_NAME).must(),
                    Field.text("from", "From", 5).must().hint("8:00"),
                    Field.text("until", "Until", 5).must().hint("12:30")),
            DaySetup::hours,
            v -> new Person(
                    v.text("name"),
                    Clocks.time(v.text("from")).orElseThrow(),
                    Clocks.time(v.text("until")).orElseThrow()));

    private static final TypedRows<Person> PEOPLE = new TypedRows<>("people", PERSON, 0, MOST);

    private static List<Problem> hours(Values v) {
        List<Problem> problems = new ArrayList<>();
        for (String name : List.of("from", "until")) {
            if (Clocks.time(v.text(name)).isEmpty()) {
                problems.add(new Problem(name, "Write a time of the day, for instance 8:00.", false));
            }
        }
        if (problems.isEmpty()
                && !Clocks.time(v.text("until"))
                        .orElseThrow()
                        .isAfter(Clocks.time(v.text("from")).orElseThrow())) {
            problems.add(Problem.impossible("until", v.text("name") + " goes after coming."));
        }
        return problems;
    }

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
                            .hint("person, stand, lift, press, oven, freezer, bench"),
                    Field.rows("people", "Who is there, and when", PERSON.fields())
                            .hint("where not all are there as long as it is open"),
                    Field.whole("ovenLitres", "Oven, litres", 1, 2000).orElse("40", null),
                    Field.whole("ovenWarms", "Oven, minutes until it is hot", 0, 240)
                            .orElse("15", null),
                    Field.yesNo("ovenFan", "Oven with a fan")),
            DaySetup::rules,
            DaySetup::made);

    private static Map<String, Integer> ordered(List<Resource> resources) {
        Map<String, Integer> all = new LinkedHashMap<>();
        resources.forEach(r -> all.merge(r.code(), r.count(), Integer::sum));
        return all;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(RESOURCES.problems(v));
        problems.addAll(PEOPLE.problems(v));
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
            if (setup.people().isEmpty() && !setup.resources().containsKey(DayWork.PERSON)) {
                problems.add(Problem.impossible("resources", "Somebody must be there: write a line for person."));
            }
            setup.people().stream()
                    .filter(one ->
                            one.from().isBefore(setup.begins()) || one.until().isAfter(setup.ends()))
                    .forEach(one -> problems.add(Problem.impossible(
                            "people",
                            one.name() + " is there when it is closed: it is open from " + setup.begins() + " to "
                                    + setup.ends() + ".")));
        }
        return problems;
    }

    private static DaySetup made(Values v) {
        return new DaySetup(
                Clocks.time(v.text("begins")).orElseThrow(),
                Clocks.time(v.text("ends")).orElseThrow(),
                ordered(RESOURCES.records(v)),
                new Oven(v.whole("ovenLitres"), v.whole("ovenWarms"), v.yes("ovenFan")),
                PEOPLE.records(v));
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

    /** People as they are written in the box. */
    String peopleText() {
        return people.stream()
                .map(one -> one.name() + "; " + one.from() + "; " + one.until())
                .collect(Collectors.joining("\n"));
    }

    /** Those who work here, each with his hours; without names where none are given. */
    List<Person> hands() {
        return people.isEmpty()
                ? Collections.nCopies(resources.getOrDefault(DayWork.PERSON, 1), new Person("", begins, ends))
                : people;
    }

    /** How many there are of each as a plan counts them: an oven has shares, people are those who are named. */
    Map<String, Integer> capacity() {
        Map<String, Integer> all = new LinkedHashMap<>(resources);
        all.put(DayWork.PERSON, hands().size());
        all.computeIfPresent(Oven.CODE, (code, count) -> count * Oven.SHARES);
        return all;
    }
}
