package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import unbo.core.answer.Step;
import unbo.core.input.Field;
import unbo.core.setting.School;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** The schools of setting a tapered pair as the data files tell them: what each assumes, when it suits, its steps. */
public final class SchoolWords {

    /** One school in words. */
    public record Telling(School school, String name, String assumes, String suits, String warning, List<Step> steps) {}

    private static final Map<School, Telling> TELLINGS = read();

    private SchoolWords() {}

    public static Telling of(School school) {
        return Objects.requireNonNull(TELLINGS.get(school));
    }

    public static List<Telling> all() {
        return List.copyOf(TELLINGS.values());
    }

    /** Why A is the default and when D is better, in a sentence. */
    public static String whyDefault() {
        return "A is the default for wheel hubs: a coarse nut cannot hit zero, and cones that run warm must not jam. "
                + "Take D where a dial indicator is to hand.";
    }

    public static List<Field.Choice> choices() {
        return all().stream()
                .map(t -> new Field.Choice(t.school().name(), t.school() + " · " + t.name()))
                .toList();
    }

    private static Map<School, Telling> read() {
        List<TableRow> stepRows = Table.read(School.class, "steps.csv");
        Map<School, Telling> tellings = new EnumMap<>(School.class);
        for (TableRow row : Table.read(School.class, "schools.csv")) {
            School school = row.one("school", School.class);
            List<Step> steps = new ArrayList<>();
            for (TableRow step : stepRows) {
                if (step.words("schools").contains(school.name())) {
                    steps.add(new Step(step.get("code"), step.get("text"), step.get("caution")));
                }
            }
            if (steps.isEmpty()) {
                throw new IllegalStateException("steps.csv has no steps for school " + school);
            }
            tellings.put(
                    school,
                    new Telling(
                            school,
                            row.get("name"),
                            row.get("assumes"),
                            row.get("suits"),
                            row.get("warning"),
                            List.copyOf(steps)));
        }
        if (tellings.size() != School.values().length) {
            throw new IllegalStateException("schools.csv must tell each of " + Arrays.toString(School.values()));
        }
        return tellings;
    }
}
