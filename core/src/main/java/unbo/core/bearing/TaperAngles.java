package unbo.core.bearing;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Half the included cup angle of tapers, estimated from what the number tells: the ABMA angle code for inch tapers
 * (middle of its range), the ISO 355 series for metric ones. Good for drawings and rough sums, never for a setting.
 */
public final class TaperAngles {

    /** Where the number tells nothing: a middling wheel-hub taper. */
    public static final double UNKNOWN_DEG = 14;

    /** Range of the included cup angle that one ABMA code stands for, degrees. */
    public record Code(String code, double fromDeg, double toDeg, double takenDeg) {}

    private static final Map<String, Code> CODES = codes();
    private static final Map<String, Double> SERIES = series();

    private TaperAngles() {}

    public static Optional<Code> code(String digit) {
        return Optional.ofNullable(CODES.get(digit));
    }

    /** Half cup angle of a metric series, degrees. */
    public static Optional<Double> halfOfSeries(String series) {
        return Optional.ofNullable(SERIES.get(series));
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

    private static Map<String, Double> series() {
        Map<String, Double> series = new LinkedHashMap<>();
        for (TableRow row : Table.read(TaperAngles.class, "metric-taper-angles.csv")) {
            series.put(row.get("series"), row.number("half_angle_deg"));
        }
        return series;
    }
}
