package unbo.core.tools.deciding;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.plan.DayPlan;
import unbo.core.plan.DayWork;
import unbo.core.tool.Shape;

/** What is asked before a day is planned. */
final class DayFields {

    private static final int MOST_TASKS = 120;
    private static final int MOST_RESOURCES = 30;
    private static final int MOST_MINUTES = 4 * 24 * 60;
    private static final int LONGEST_CODE = 40;
    private static final int LONGEST_LIST = 300;
    private static final int LONGEST_TIME = 30;

    /** A step as it was written, its times not yet held against the day. */
    private record Written(
            String code, int minutes, List<String> uses, DayWork.Order order, Times times, boolean waits) {}

    private record Times(String notBefore, String due, String promised) {

        Stream<String> all() {
            return Stream.of(notBefore, due, promised).filter(text -> !text.isEmpty());
        }
    }

    private record Resource(String code, int count) {}

    /** A day and what it is planned from. */
    record Asked(LocalDateTime from, DayWork work) {}

    private static final FieldList<Resource> RESOURCE = FieldList.of(
            List.of(
                    Field.text("code", "Resource", LONGEST_CODE).must(),
                    Field.whole("count", "How many", 1, 50).orElse("1", null)),
            v -> new Resource(v.text("code"), v.whole("count")));

    private static final FieldList<Written> TASK = FieldList.of(
            List.of(
                    Field.text("code", "Step", LONGEST_CODE).must(),
                    Field.quantity("minutes", "Minutes", Quantity.RATIO, "", 1, MOST_MINUTES)
                            .must(),
                    Field.text("uses", "Uses", LONGEST_LIST),
                    Field.text("after", "After", LONGEST_LIST),
                    minutes("lag", "Minutes after it, least").orElse("0", null),
                    minutes("maxLag", "most"),
                    Field.text("notBefore", "Not before", LONGEST_TIME),
                    Field.text("due", "Must end by", LONGEST_TIME),
                    Field.text("promised", "Promised for", LONGEST_TIME),
                    Field.yesNo("waits", "Nobody need be there").orElse("no", null)),
            v -> new Written(
                    v.text("code"),
                    (int) Math.ceil(v.number("minutes")),
                    codes(v.text("uses")),
                    new DayWork.Order(
                            codes(v.text("after")),
                            (int) Math.ceil(v.number("lag")),
                            v.has("maxLag") ? Integer.valueOf((int) Math.floor(v.number("maxLag"))) : null),
                    new Times(v.text("notBefore"), v.text("due"), v.text("promised")),
                    v.yes("waits")));

    private static final TypedRows<Resource> RESOURCES = new TypedRows<>("resources", RESOURCE, 0, MOST_RESOURCES);
    private static final TypedRows<Written> TASKS = new TypedRows<>("tasks", TASK, 1, MOST_TASKS);

    static final FieldList<Asked> LIST = FieldList.of(
            List.of(
                    Field.text("from", "The day begins", LONGEST_TIME).must().hint("2026-05-04T08:00"),
                    Field.text("to", "and ends", LONGEST_TIME).must(),
                    Field.rows("resources", "What there is", RESOURCE.fields())
                            .hint("lift, press, oven, bench; person stands for hands, one where it is not written"),
                    Field.rows("tasks", "Steps", TASK.fields())
                            .must()
                            .hint("uses and after: several behind commas; times as 10:30")),
            DayFields::rules,
            DayFields::asked);

    static final Shape SHAPE = Shape.of(LIST, "from", "to")
            .andLines("resources", Shape.of(RESOURCE))
            .andLines("tasks", Shape.of(TASK));

    private DayFields() {}

    private static Field minutes(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, MOST_MINUTES);
    }

    private static List<String> codes(String text) {
        return Stream.of(text.split(","))
                .map(String::strip)
                .filter(code -> !code.isEmpty())
                .toList();
    }

    /** A day and time, or a time of a day; empty where it is neither. */
    private static Optional<LocalDateTime> time(String text, @Nullable LocalDate day) {
        try {
            return Optional.of(LocalDateTime.parse(text.replace(' ', 'T')));
        } catch (DateTimeParseException noDayAndTime) {
            if (day == null) {
                return Optional.empty();
            }
        }
        try {
            return Optional.of(day.atTime(LocalTime.parse(text.length() == 4 ? "0" + text : text)));
        } catch (DateTimeParseException noTime) {
            return Optional.empty();
        }
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(RESOURCES.problems(v));
        problems.addAll(TASKS.problems(v));
        Optional<LocalDateTime> from = time(v.text("from"), null);
        Optional<LocalDateTime> to =
                time(v.text("to"), from.map(LocalDateTime::toLocalDate).orElse(null));
        if (from.isEmpty()) {
            problems.add(new Problem("from", "Write day and time, for instance 2026-05-04T08:00.", false));
        } else if (to.isEmpty()) {
            problems.add(new Problem("to", "Write when it ends, for instance 17:00.", false));
        } else if (!to.get().isAfter(from.get()) || ChronoUnit.MINUTES.between(from.get(), to.get()) > MOST_MINUTES) {
            problems.add(Problem.impossible("to", "A plan goes over some minutes and up to four days."));
        }
        if (problems.isEmpty()) {
            named(v, from.orElseThrow().toLocalDate(), problems);
        }
        if (problems.isEmpty()) {
            DayWork work = asked(v).work();
            if (!DayPlan.ordered(work)) {
                problems.add(Problem.impossible("tasks", "Steps follow each other in a ring: none can be the first."));
            }
        }
        return problems;
    }

    private static void named(Values v, LocalDate day, List<Problem> problems) {
        Set<String> resources = new HashSet<>(Set.of(DayWork.PERSON));
        RESOURCES.records(v).forEach(resource -> resources.add(resource.code()));
        List<Written> tasks = TASKS.records(v);
        Set<String> codes = new HashSet<>();
        for (Written task : tasks) {
            if (!codes.add(task.code())) {
                problems.add(Problem.impossible("tasks", "“" + task.code() + "” stands there twice."));
            }
            task.times()
                    .all()
                    .filter(text -> time(text, day).isEmpty())
                    .forEach(text -> problems.add(new Problem(
                            "tasks",
                            "“" + text + "” of “" + task.code() + "” is no time: write for instance 10:30.",
                            false)));
        }
        for (Written task : tasks) {
            task.uses().stream()
                    .filter(code -> !resources.contains(code))
                    .forEach(code -> problems.add(Problem.impossible(
                            "tasks", "“" + task.code() + "” uses “" + code + "”, which is no resource.")));
            task.order().after().stream()
                    .filter(code -> !codes.contains(code))
                    .forEach(code -> problems.add(Problem.impossible(
                            "tasks", "“" + task.code() + "” follows “" + code + "”, which is no step.")));
        }
    }

    private static Asked asked(Values v) {
        LocalDateTime from = time(v.text("from"), null).orElseThrow();
        LocalDateTime to = time(v.text("to"), from.toLocalDate()).orElseThrow();
        Map<String, Integer> capacity = new LinkedHashMap<>();
        RESOURCES.records(v).forEach(resource -> capacity.merge(resource.code(), resource.count(), Integer::sum));
        int minutes = (int) ChronoUnit.MINUTES.between(from, to);
        return new Asked(
                from,
                new DayWork(
                        minutes,
                        capacity,
                        TASKS.records(v).stream()
                                .map(task -> new DayWork.Task(
                                        task.code(),
                                        task.minutes(),
                                        task.uses(),
                                        task.order(),
                                        new DayWork.Times(
                                                minute(task.times().notBefore(), from),
                                                minute(task.times().due(), from),
                                                minute(task.times().promised(), from)),
                                        task.waits()))
                                .toList()));
    }

    private static @Nullable Integer minute(String text, LocalDateTime from) {
        return text.isEmpty()
                ? null
                : Integer.valueOf((int) ChronoUnit.MINUTES.between(
                        from, time(text, from.toLocalDate()).orElseThrow()));
    }
}
