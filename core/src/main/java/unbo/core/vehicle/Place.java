package unbo.core.vehicle;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A position that a kind of vehicle has.
 *
 * @param twin code of the same position on the other side; empty where there is none
 * @param wheel true where a wheel turns on it
 */
public record Place(String kind, String code, String label, String twin, boolean wheel) {

    /** The position of a job that Diagnose has yet to name. */
    public static final String UNKNOWN = "unknown";

    private static final String ANY = "*";
    /** Before the name of a place that a workshop has named itself. */
    private static final String OWN = "own.";
    /** Characters of such a name. */
    public static final int LONGEST_NAME = 16;

    /** Axles of a trailer. */
    public static final int MOST_AXLES = 3;

    private static final String AXLE = "axle";

    private static final List<Place> ALL = read();

    /** The positions of a kind of vehicle that are known, in order. */
    public static List<Place> of(String kind) {
        return ALL.stream().filter(p -> p.kind().equals(kind)).toList();
    }

    /**
     * A place that a workshop names itself: its code holds its name, in small letters.
     *
     * @return empty where nothing readable is left of the name, or it is longer than {@value #LONGEST_NAME} characters
     */
    public static Optional<Place> named(String kind, String name) {
        String slug = name.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-+|-+$", "");
        return slug.isEmpty() || slug.length() > LONGEST_NAME ? Optional.empty() : of(kind, OWN + slug);
    }

    /** True for a place that a workshop has named itself. */
    public boolean own() {
        return code.startsWith(OWN);
    }

    /** A position by its code: the unknown one too, and one that a workshop has named itself. */
    public static Optional<Place> of(String kind, String code) {
        if (code.startsWith(OWN) && code.length() > OWN.length()) {
            return Optional.of(
                    new Place(kind, code, code.substring(OWN.length()).replace('-', ' '), "", false));
        }
        return ALL.stream()
                .filter(p -> (p.kind().equals(kind) || p.kind().equals(ANY))
                        && p.code().equals(code))
                .findFirst();
    }

    /** The axle of a trailer that a position is on; 0 where it is on none. */
    public static int axle(String code) {
        return code.startsWith(AXLE) ? Character.digit(code.charAt(AXLE.length()), 10) : 0;
    }

    /** The kinds of vehicle, in order. */
    public static Set<String> kinds() {
        Set<String> kinds = new LinkedHashSet<>();
        ALL.stream().map(Place::kind).filter(kind -> !kind.equals(ANY)).forEach(kinds::add);
        return kinds;
    }

    private static List<Place> read() {
        List<Place> places = new ArrayList<>();
        for (TableRow row : Table.read(Place.class, "positions.csv")) {
            places.add(
                    new Place(row.get("kind"), row.get("code"), row.get("label"), row.get("twin"), row.yes("wheel")));
        }
        return List.copyOf(places);
    }
}
