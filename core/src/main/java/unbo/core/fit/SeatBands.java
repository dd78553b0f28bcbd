package unbo.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Tolerances;
import unbo.core.measure.Table;

/**
 * Tolerance bands of seats (ISO 286-1 and -2) and of the bearing's own bore and outside (ISO 492; ISO 578 for inch
 * tapers, which are made larger than their size). A shaft's letter is small, a housing's large.
 */
public final class SeatBands {

    private static final Pattern SHAFT = Pattern.compile("([ghjkmnp])([567])");

    private record Row(double over, double to, Map<String, String> cells) {}

    private static final List<Row> GRADES = read("it-grades.csv");
    private static final List<Row> SHAFTS = read("shaft-deviations.csv");
    private static final List<Row> HOLES = read("hole-deviations.csv");
    private static final List<CSVRecord> TAPERS = Table.read(SeatBands.class, "taper-tolerances.csv");

    private SeatBands() {}

    /** A shaft's band by symbol, such as k5; empty where symbol or size is not listed (sizes over 3 to 180 mm). */
    public static Optional<Band> shaft(@Nullable String symbol, double mm) {
        Matcher m = SHAFT.matcher(symbol);
        Optional<Row> row = row(SHAFTS, mm);
        if (!m.matches() || row.isEmpty()) {
            return Optional.empty();
        }
        if (m.group(1).equals("j")) {
            return Optional.ofNullable(row.get().cells().get(symbol)).map(SeatBands::pair);
        }
        double deviation = Double.parseDouble(row.get().cells().get(m.group(1)));
        double grade = Double.parseDouble(row(GRADES, mm).orElseThrow().cells().get("it" + m.group(2)));
        return Optional.of(
                deviation <= 0 ? new Band(deviation - grade, deviation) : new Band(deviation, deviation + grade));
    }

    /** A housing's band by symbol, such as N7; empty where symbol or size is not listed (sizes over 6 to 180 mm). */
    public static Optional<Band> hole(@Nullable String symbol, double mm) {
        return row(HOLES, mm).map(r -> r.cells().get(symbol)).map(SeatBands::pair);
    }

    /**
     * The bearing's own bore or outside. Tapers have one class here: normal.
     *
     * @param face bore or outside
     * @param tolerance P0 to P2
     */
    public static Optional<Band> bearing(BearingKind kind, String face, double mm, String tolerance) {
        if (kind.taper()) {
            String system = kind.inch() ? "inch" : "metric";
            return TAPERS.stream()
                    .filter(r -> r.get("system").equals(system)
                            && r.get("face").equals(face)
                            && mm > Double.parseDouble(r.get("over"))
                            && mm <= Double.parseDouble(r.get("to")))
                    .findFirst()
                    .map(r -> new Band(Double.parseDouble(r.get("lower")), Double.parseDouble(r.get("upper"))));
        }
        List<Tolerances.Band> classes = face.equals("bore") ? Tolerances.bore(mm) : Tolerances.outside(mm);
        return classes.stream()
                .filter(b -> b.code().equals(tolerance))
                .findFirst()
                .map(b -> new Band(-b.lowerUm(), 0));
    }

    private static Band pair(String text) {
        String[] ends = text.split("/");
        return new Band(Double.parseDouble(ends[1]), Double.parseDouble(ends[0]));
    }

    private static Optional<Row> row(List<Row> rows, double mm) {
        return rows.stream().filter(r -> mm > r.over() && mm <= r.to()).findFirst();
    }

    private static List<Row> read(String file) {
        List<Row> rows = new ArrayList<>();
        for (CSVRecord row : Table.read(SeatBands.class, file)) {
            Map<String, String> cells = new HashMap<>(row.toMap());
            rows.add(new Row(
                    Double.parseDouble(cells.remove("over")),
                    Double.parseDouble(cells.remove("to")),
                    Map.copyOf(cells)));
        }
        return List.copyOf(rows);
    }
}
