package unbo.core.bearing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Half the included cup angle of tapers, estimated from what the number tells: the ABMA angle code for inch tapers
 * (middle of its range), the ISO 355 series for metric ones. Good for drawings and rough sums, never for a setting.
 */
public final class TaperAngles {

    /** Where the number tells nothing: a middling wheel-hub taper, 14 to 16°. */
    public static final double UNKNOWN_DEG = 15;

    /** Range of the included cup angle that one ABMA code stands for, degrees. */
    public record Code(String code, double fromDeg, double toDeg, double takenDeg) {}

    private static final Map<String, Code> CODES = codes();
    /**
     * Bore codes of a series, with its letter where that is steeper, and their half angle.
     *
     * @param from first bore code
     * @param to last bore code
     */
    private record Span(String series, double from, double to, double halfDeg) {}

    private static final List<Span> SERIES = series();

    private TaperAngles() {}

    public static Optional<Code> code(String digit) {
        return Optional.ofNullable(CODES.get(digit));
    }

    /**
     * Half cup angle of a metric number, degrees; empty where it is not known.
     *
     * @param series with its letter where that is steeper than plain: 303D
     */
    public static Optional<Double> half(String series, int boreCode) {
        return SERIES.stream()
                .filter(s -> s.series().equals(series) && boreCode >= s.from() && boreCode <= s.to())
                .map(Span::halfDeg)
                .findFirst();
    }

    private static Map<String, Code> codes() {
        Map<String, Code> codes = new LinkedHashMap<>();
        for (TableRow row : Table.read(TaperAngles.class, "cup-angle-codes.csv")) {
            codes.put(
                    row.get("code"),
                    new Code(row.get("code"), row.number("from_deg"), row.number("to_deg"), row.number("taken_deg")));
        }
        return codes;
    }

    private static List<Span> series() {
        return Table.read(TaperAngles.class, "metric-taper-angles.csv").stream()
                .map(row -> new Span(
                        row.get("series"),
                        row.number("from_code"),
                        row.number("to_code"),
                        row.number("half_angle_deg")))
                .toList();
    }
}
