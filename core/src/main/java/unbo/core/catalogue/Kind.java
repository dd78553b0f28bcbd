package unbo.core.catalogue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.apache.commons.csv.CSVRecord;

import unbo.core.input.Field;
import unbo.core.measure.Table;

/**
 * What a kind of bearing can do, in the trade's words.
 *
 * @param thrust none, one or both directions
 * @param locates no, one or both directions; axial for thrust bearings
 * @param separable true when its rings come apart
 * @param misaligns true when it forgives tilt
 * @param paired true when a second one must stand against it
 * @param radial radial load for its size: none, low, middling, high, very high
 * @param says what is particular to it; empty as a rule
 */
public record Kind(
        String code,
        String words,
        String thrust,
        String locates,
        boolean separable,
        boolean misaligns,
        boolean paired,
        String speed,
        String radial,
        String says) {

    private static final Map<String, Kind> ALL = read();

    public static Optional<Kind> of(String code) {
        return Optional.ofNullable(ALL.get(code));
    }

    /** The words of a kind; the code itself where it is not known. */
    public static String words(String code) {
        return of(code).map(Kind::words).orElse(code.replace('-', ' '));
    }

    /** All kinds, as a choice. */
    public static List<Field.Choice> choices() {
        return ALL.values().stream()
                .map(k -> new Field.Choice(k.code(), k.words()))
                .toList();
    }

    private static Map<String, Kind> read() {
        Map<String, Kind> kinds = new LinkedHashMap<>();
        for (CSVRecord row : Table.read(Kind.class, "kinds.csv")) {
            kinds.put(
                    row.get("kind"),
                    new Kind(
                            row.get("kind"),
                            row.get("words"),
                            row.get("thrust"),
                            row.get("locates"),
                            row.get("separable").equals("yes"),
                            row.get("misaligns").equals("yes"),
                            row.get("paired").equals("yes"),
                            row.get("speed"),
                            row.get("radial"),
                            row.get("says")));
        }
        return kinds;
    }
}
