package unbo.core.service;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.assembly.AssemblyKind;
import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * How often a position is serviced.
 *
 * @param months 0 where time does not count
 * @param km 0 where distance does not count
 * @param everyImmersionSeason whether a season of immersions makes it due
 * @param group for which kinds of assembly it is: adjusted ones by a school, by season, on condition, or an own rule
 *     for any
 */
public record ServiceSchool(
        String code, String name, int months, double km, boolean everyImmersionSeason, String group, String suits) {

    /** Code of the rule whose figures are typed. */
    public static final String OWN = "own";
    /** Code of the rule that knows no date. */
    public static final String CONDITION = "condition";

    private static final String ADJUSTED = "school";

    private static final Map<String, ServiceSchool> ALL = read();

    /** @throws IllegalArgumentException for an unknown code */
    public static ServiceSchool of(String code) {
        ServiceSchool school = ALL.get(code);
        if (school == null) {
            throw new IllegalArgumentException("no service school " + code);
        }
        return school;
    }

    public static List<ServiceSchool> all() {
        return List.copyOf(ALL.values());
    }

    /** The choices, for every field that asks. */
    public static List<Field.Choice> choices() {
        return all().stream().map(s -> new Field.Choice(s.code(), s.name())).toList();
    }

    /** The schools of adjusted hubs, of which a workshop prefers one. */
    public static List<Field.Choice> ofAdjustedHubs() {
        return all().stream()
                .filter(s -> s.group.equals(ADJUSTED))
                .map(s -> new Field.Choice(s.code(), s.name()))
                .toList();
    }

    /** The usual rule of a kind of assembly. @param preferred school of the workshop for adjusted hubs */
    public static String usual(AssemblyKind kind, String preferred) {
        return switch (kind.due()) {
            case SCHOOL -> preferred;
            case SEASON -> "season";
            case CONDITION -> CONDITION;
        };
    }

    /** This rule with figures of one's own. */
    public ServiceSchool with(int ownMonths, double ownKm) {
        return new ServiceSchool(code, name, ownMonths, ownKm, everyImmersionSeason, group, suits);
    }

    private static Map<String, ServiceSchool> read() {
        Map<String, ServiceSchool> all = new LinkedHashMap<>();
        for (TableRow row : Table.read(ServiceSchool.class, "schools.csv")) {
            all.put(
                    row.get("code"),
                    new ServiceSchool(
                            row.get("code"),
                            row.get("name"),
                            row.whole("months"),
                            row.number("km"),
                            row.yes("every_immersion_season"),
                            row.get("for"),
                            row.get("suits")));
        }
        return all;
    }
}
