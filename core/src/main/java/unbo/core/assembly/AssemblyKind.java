package unbo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.input.Field;
import unbo.core.lubrication.Share;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A kind of assembly: how the bearings of a position are carried.
 *
 * @param housing true where the housing turns and the shaft stands still
 * @param due what makes it due again
 * @param handOver what is done before it is handed over, in a sentence
 * @param caution what can hurt while it is proved
 */
public record AssemblyKind(
        String code,
        String label,
        Play play,
        boolean housing,
        DueBy due,
        Route route,
        String handOver,
        String caution) {
    /**
     * How work on it goes.
     *
     * @param nutsAgain true where wheel nuts are tightened again after 50 to 100 km
     * @param stages codes of the stages that it has
     * @param falls what makes it due again: condition, counter, events or none
     * @param dueBy counters and events that it falls due by
     * @param packed what an open bearing in it is greased as: wheel, pulley, pivot, slow
     * @param cavity true where the room between its bearings takes grease too
     * @param suits code of the place by whose rules a bearing suits it; empty where there are none
     */
    public record Route(
            boolean nutsAgain,
            List<String> stages,
            String falls,
            List<String> dueBy,
            String packed,
            boolean cavity,
            String suits) {

        public Route {
            stages = List.copyOf(stages);
            dueBy = List.copyOf(dueBy);
        }
    }

    /**
     * End play it is proved by, and where it stops.
     *
     * @param leastMm least end play that is right while no vehicle data are given
     * @param mostMm most end play that is right
     * @param stopMm end play over which it must not be driven
     */
    public record Play(double leastMm, double mostMm, double stopMm) {}

    /** What makes a kind of assembly due: a service school, a season, or its own condition only. */
    public enum DueBy {
        SCHOOL,
        SEASON,
        CONDITION
    }

    private static final String ANY = "*";
    /** Stands for any hub, where the kind is only the most usual one. */
    private static final String GUESS = "?";

    private static final List<String> FALLS = List.of("none", "condition", "counter", "events");
    private static final List<AssemblyKind> ALL = kinds();
    private static final List<At> PLACES = places();

    /** Where a kind is found; a star, and a question mark, stand for any. */
    private record At(String vehicle, String position, String hub, AssemblyKind kind) {

        private boolean fits(String onVehicle, String atPosition, String hubType) {
            return fits(vehicle, onVehicle) && fits(position, atPosition) && fits(hub, hubType);
        }

        private static boolean fits(String wanted, String there) {
            return wanted.equals(ANY) || wanted.equals(GUESS) || wanted.equals(there);
        }
    }

    /** All kinds, in the order of the data file. */
    public static List<AssemblyKind> all() {
        return ALL;
    }

    public static Optional<AssemblyKind> find(String code) {
        return ALL.stream().filter(kind -> kind.code.equals(code)).findFirst();
    }

    /** The kinds as choices of a form. */
    public static List<Field.Choice> choices() {
        return ALL.stream().map(kind -> new Field.Choice(kind.code, kind.label)).toList();
    }

    /**
     * The kind at a position.
     *
     * @param vehicle kind of vehicle
     * @param position code of the position
     * @param hub code of the hub type; empty where it is not known
     * @return empty where nothing tells, as at a position that is not known yet
     */
    public static Optional<AssemblyKind> at(String vehicle, String position, String hub) {
        return PLACES.stream()
                .filter(at -> at.fits(vehicle, position, hub))
                .map(At::kind)
                .findFirst();
    }

    /** True where the kind at a position is only what such a vehicle mostly has there, or not known at all. */
    public static boolean guessed(String vehicle, String position, String hub) {
        return PLACES.stream()
                .filter(at -> at.fits(vehicle, position, hub))
                .findFirst()
                .map(at -> at.hub.equals(GUESS))
                .orElse(true);
    }

    /** Codes of the kinds of vehicle that it is found on. */
    public List<String> vehicles(List<String> all) {
        return all.stream()
                .filter(vehicle ->
                        PLACES.stream().anyMatch(at -> at.kind.code.equals(code) && At.fits(at.vehicle, vehicle)))
                .toList();
    }

    /** True where wheel nuts are tightened again after 50 to 100 km. */
    public boolean nutsAgain() {
        return route.nutsAgain();
    }

    private static List<AssemblyKind> kinds() {
        List<AssemblyKind> kinds = new ArrayList<>();
        for (TableRow row : Table.read(AssemblyKind.class, "kinds.csv")) {
            kinds.add(new AssemblyKind(
                    row.get("code"),
                    row.get("label"),
                    new Play(row.number("least_mm"), row.number("most_mm"), row.number("stop_mm")),
                    row.get("turns").equals("housing"),
                    row.one("due", DueBy.class),
                    new Route(
                            row.yes("nuts_again"),
                            row.words("stages"),
                            row.one(
                                    "falls_due",
                                    code -> FALLS.stream().filter(code::equals).findFirst()),
                            row.words("due_by"),
                            row.one("packed", code -> Share.use(code).map(Field.Choice::code)),
                            row.yes("cavity"),
                            row.get("suits")),
                    row.get("handover"),
                    row.get("caution")));
        }
        return List.copyOf(kinds);
    }

    private static List<At> places() {
        List<At> places = new ArrayList<>();
        for (TableRow row : Table.read(AssemblyKind.class, "places.csv")) {
            places.add(new At(
                    row.get("vehicle"),
                    row.get("position"),
                    row.get("hub"),
                    find(row.get("kind")).orElseThrow()));
        }
        return List.copyOf(places);
    }

    public double leastMm() {
        return play.leastMm();
    }

    public double mostMm() {
        return play.mostMm();
    }

    public double stopMm() {
        return play.stopMm();
    }
}
