package unbo.core.vehicle;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.apache.commons.csv.CSVRecord;

import unbo.core.measure.Table;

/**
 * A position that a kind of vehicle has.
 *
 * @param twin  code of the same position on the other side; empty where there is none
 * @param wheel true where a wheel turns on it
 */
public record Place(String kind, String code, String label, String twin, boolean wheel) {

    private static final List<Place> ALL = read();

    /** The positions of a kind of vehicle, in order. */
    public static List<Place> of(String kind) {
        return ALL.stream().filter(p -> p.kind().equals(kind)).toList();
    }

    public static Optional<Place> of(String kind, String code) {
        return ALL.stream().filter(p -> p.kind().equals(kind) && p.code().equals(code)).findFirst();
    }

    /** The kinds of vehicle, in order. */
    public static Set<String> kinds() {
        Set<String> kinds = new LinkedHashSet<>();
        ALL.forEach(p -> kinds.add(p.kind()));
        return kinds;
    }

    private static List<Place> read() {
        List<Place> places = new ArrayList<>();
        for (CSVRecord row : Table.read(Place.class, "positions.csv")) {
            places.add(new Place(row.get("kind"), row.get("code"), row.get("label"), row.get("twin"), row.get("wheel").equals("yes")));
        }
        return List.copyOf(places);
    }
}
