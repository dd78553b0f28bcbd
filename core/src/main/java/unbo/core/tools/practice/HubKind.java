package unbo.core.tools.practice;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.vehicle.VehicleInput;

/**
 * A kind of place that practice hides faults in.
 *
 * @param code of its kind of assembly
 * @param cause what its own bearings are called as a cause
 * @param positions one of which it is at
 * @param failing places of which one fails
 * @param numbers that a bearing may have, by place; the n-th of one place goes with the n-th of another
 * @param words what it is, as the owner's papers have it
 */
record HubKind(
        String code,
        VehicleInput vehicle,
        String cause,
        List<String> positions,
        List<String> failing,
        Map<String, List<String>> numbers,
        String words) {

    static final List<HubKind> ALL = Table.read(HubKind.class, "hidden-hubs.csv").stream()
            .map(HubKind::of)
            .toList();

    /** What it went through before it failed in a way. @param mode its id */
    record History(String mode, List<String> kinds, String words) {

        static final List<History> ALL = Table.read(HubKind.class, "histories.csv").stream()
                .map(row ->
                        new History(row.get("mode"), List.of(row.get("kinds").split(" ")), row.get("words")))
                .toList();

        private boolean fits(String kind) {
            return kinds.contains("*") || kinds.contains(kind);
        }

        static List<History> of(String kind) {
            return ALL.stream().filter(history -> history.fits(kind)).toList();
        }
    }

    private static HubKind of(TableRow row) {
        Map<String, List<String>> numbers = new LinkedHashMap<>();
        String place = "";
        for (String word : row.get("numbers").split(" ")) {
            int cut = word.indexOf('=');
            place = cut < 0 ? place : word.substring(0, cut);
            numbers.computeIfAbsent(place, at -> new java.util.ArrayList<>()).add(word.substring(cut + 1));
        }
        return new HubKind(
                row.get("kind"),
                new VehicleInput(
                        row.get("vehicle"),
                        row.get("name"),
                        row.get("mark"),
                        "",
                        row.get("counter"),
                        row.number("yearly"),
                        row.get("use"),
                        1),
                row.get("cause"),
                List.of(row.get("positions").split(" ")),
                List.of(row.get("failing").split(" ")),
                numbers,
                row.get("words"));
    }

    /** The number of each place, drawn together. */
    Map<String, String> drawn(SplittableRandom random) {
        int at = random.nextInt(12);
        Map<String, String> drawn = new LinkedHashMap<>();
        numbers.forEach((place, all) -> drawn.put(place, all.get(at % all.size())));
        return drawn;
    }

    static <T> T any(List<T> of, SplittableRandom random) {
        return of.get(random.nextInt(of.size()));
    }
}
