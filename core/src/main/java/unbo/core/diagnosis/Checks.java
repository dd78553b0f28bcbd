package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.vehicle.Place;

/** All checks, and how each is done on each kind of vehicle; read and held together when first used. */
public final class Checks {

    private static final Map<String, Check> CHECKS = readChecks();
    private static final Map<String, List<Way>> WAYS = readWays();

    private Checks() {}

    public static Optional<Check> find(String id) {
        return Optional.ofNullable(CHECKS.get(id));
    }

    /** @throws IllegalArgumentException for an unknown id */
    public static Check of(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no check " + id));
    }

    /** Every check, in the data file's order. */
    public static List<Check> all() {
        return List.copyOf(CHECKS.values());
    }

    /** The checks of a kind of vehicle, in the data file's order. */
    public static List<Check> on(String vehicle) {
        return ways(vehicle).stream().map(Way::check).distinct().toList();
    }

    /** How checks are done on a kind of vehicle, in the data file's order. */
    public static List<Way> ways(String vehicle) {
        return WAYS.getOrDefault(vehicle, List.of());
    }

    /** How one check is done there; empty when it is not done on this kind of vehicle, or not at that position. */
    public static Optional<Way> way(String vehicle, String check, @Nullable String position) {
        return ways(vehicle).stream()
                .filter(w -> w.check().id().equals(check))
                .filter(w -> w.check().positioned() ? w.positions().contains(position) : position == null)
                .findFirst();
    }

    private static Map<String, Check> readChecks() {
        Map<String, List<Check.Result>> results = new HashMap<>();
        for (TableRow row : Table.read(Checks.class, "results.csv")) {
            results.computeIfAbsent(row.get("check"), c -> new ArrayList<>())
                    .add(new Check.Result(
                            row.get("result"),
                            row.get("label"),
                            row.one("state", Check.State.class),
                            row.words("page")));
        }
        Map<String, Boolean> positioned = new HashMap<>();
        for (TableRow row : Table.read(Checks.class, "ways.csv")) {
            Boolean before =
                    positioned.put(row.get("check"), !row.get("positions").equals("-"));
            if (before != null && before != positioned.get(row.get("check"))) {
                throw new IllegalStateException("ways.csv: " + row.get("check")
                        + " is done at a position on one vehicle and without one on another");
            }
        }
        Map<String, Check> checks = new LinkedHashMap<>();
        for (TableRow row : Table.read(Checks.class, "checks.csv")) {
            String id = row.get("id");
            if (!results.containsKey(id) || !positioned.containsKey(id)) {
                throw new IllegalStateException("checks.csv: " + id + " has no results or no way to do it");
            }
            checks.put(
                    id,
                    new Check(
                            id,
                            row.get("question"),
                            row.get("short"),
                            row.get("group"),
                            positioned.get(id),
                            row.get("picture"),
                            results.get(id)));
        }
        return checks;
    }

    private static Map<String, List<Way>> readWays() {
        Map<String, List<Way>> ways = new HashMap<>();
        for (TableRow row : Table.read(Checks.class, "ways.csv")) {
            for (String vehicle : row.words("vehicles")) {
                ways.computeIfAbsent(vehicle, v -> new ArrayList<>())
                        .add(new Way(
                                of(row.get("check")),
                                positions(vehicle, row.get("positions")),
                                row.number("minutes"),
                                row.one("where", Way.Where.class),
                                row.whole("hazard"),
                                row.get("tools"),
                                row.get("how"),
                                row.get("caution")));
            }
        }
        List<String> order = List.copyOf(CHECKS.keySet());
        ways.values()
                .forEach(list -> list.sort(
                        Comparator.comparingInt(w -> order.indexOf(w.check().id()))));
        return ways;
    }

    private static List<String> positions(String vehicle, String text) {
        List<String> positions = text.equals("-")
                ? List.of()
                : text.equals("wheels")
                        ? Place.of(vehicle).stream()
                                .filter(Place::wheel)
                                .map(Place::code)
                                .toList()
                        : words(text);
        positions.stream()
                .filter(p -> Place.of(vehicle, p).isEmpty())
                .findFirst()
                .ifPresent(p -> {
                    throw new IllegalStateException("ways.csv: a " + vehicle + " has no position " + p);
                });
        return positions;
    }

    static List<String> words(String text) {
        return text.isBlank() ? List.of() : List.of(text.strip().split("\\s+"));
    }
}
