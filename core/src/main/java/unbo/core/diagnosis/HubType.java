package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * How a hub carries its bearings, and what play is right in it while no vehicle data are given.
 *
 * @param usualOn kinds of vehicle that have it by default
 * @param leastMm least end play that is right, mm
 * @param mostMm most end play that is right, mm
 * @param stopMm end play from which it must not be driven, mm
 * @param limit the limits in words
 */
public record HubType(
        String code, String label, List<String> usualOn, double leastMm, double mostMm, double stopMm, String limit) {

    private static final List<HubType> ALL = read();

    public static Optional<HubType> find(String code) {
        return ALL.stream().filter(h -> h.code().equals(code)).findFirst();
    }

    /** What a kind of vehicle mostly has. */
    public static HubType usual(String vehicle) {
        return ALL.stream()
                .filter(h -> h.usualOn().contains(vehicle))
                .findFirst()
                .orElse(ALL.get(0));
    }

    public static List<Field.Choice> choices() {
        return ALL.stream().map(h -> new Field.Choice(h.code(), h.label())).toList();
    }

    private static List<HubType> read() {
        List<HubType> types = new ArrayList<>();
        for (TableRow row : Table.read(HubType.class, "hubs.csv")) {
            types.add(new HubType(
                    row.get("code"),
                    row.get("label"),
                    Checks.words(row.get("default-for")),
                    row.number("least"),
                    row.number("most"),
                    row.number("stop"),
                    row.get("limit")));
        }
        return List.copyOf(types);
    }
}
