package unbo.core.service;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.apache.commons.csv.CSVRecord;

import unbo.core.input.Field;
import unbo.core.measure.Table;

/**
 * How often an adjustable hub is serviced.
 *
 * @param months 0 where time does not count
 * @param km     distance
 * @param everyImmersionSeason whether a season of immersions makes it due
 */
public record ServiceSchool(String code, String name, int months, double km, boolean everyImmersionSeason, String suits) {

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

    private static Map<String, ServiceSchool> read() {
        Map<String, ServiceSchool> all = new LinkedHashMap<>();
        for (CSVRecord row : Table.read(ServiceSchool.class, "schools.csv")) {
            all.put(row.get("code"), new ServiceSchool(row.get("code"), row.get("name"), Integer.parseInt(row.get("months")),
                    Double.parseDouble(row.get("km")), row.get("every_immersion_season").equals("yes"), row.get("suits")));
        }
        return all;
    }
}
