package unbo.core.fit;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Tolerances;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Tolerance bands of seats (ISO 286-1 and -2) and of the bearing's own bore and outside (ISO 492; ISO 578 for inch
 * tapers, which are made larger than their size). A shaft's letter is small, a housing's large.
 */
public final class SeatBands {

    private static final Pattern SHAFT = Pattern.compile("(js|[fghjkmnpr])([5678])");

    /** What stands for one range of sizes: single deviations or grades, and whole bands, µm, each by its column. */
    private record Row(double over, double to, Map<String, Double> single, Map<String, Band> bands) {}

    /**
     * @param over nominal size above, mm
     * @param to nominal size up to, mm
     */
    private record Raceway(String group, double over, double to, Band band) {}

    /**
     * @param over nominal size above, mm
     * @param to nominal size up to, mm
     */
    private record Taper(String system, String face, double over, double to, Band band) {}

    private static final Pattern HOLE = Pattern.compile("(JS|[GH])([678])");

    private static final List<Row> GRADES = read("it-grades.csv");
    private static final List<Row> SHAFTS = read("shaft-deviations.csv");
    private static final List<Row> HOLES = read("hole-deviations.csv");
    private static final List<Taper> TAPERS = tapers();
    private static final List<Raceway> RACEWAYS = raceways();

    private SeatBands() {}

    /** A shaft's band by symbol, such as k5; empty where symbol or size is not listed (sizes over 3 to 180 mm). */
    public static Optional<Band> shaft(String symbol, double mm) {
        Matcher m = SHAFT.matcher(symbol);
        Optional<Row> row = row(SHAFTS, mm);
        if (!m.matches() || row.isEmpty()) {
            return Optional.empty();
        }
        if (m.group(1).equals("j")) {
            return Optional.ofNullable(row.get().bands().get(symbol));
        }
        double grade = grade(m.group(2), mm);
        if (m.group(1).equals("js")) {
            return Optional.of(new Band(-grade / 2, grade / 2));
        }
        double deviation = requireNonNull(row.get().single().get(m.group(1)));
        return Optional.of(
                deviation <= 0 ? new Band(deviation - grade, deviation) : new Band(deviation, deviation + grade));
    }

    private static double grade(String it, double mm) {
        return requireNonNull(row(GRADES, mm).orElseThrow().single().get("it" + it));
    }

    /** A housing's band by symbol, such as N7; empty where symbol or size is not listed (sizes over 3 to 180 mm). */
    public static Optional<Band> hole(String symbol, double mm) {
        Optional<Row> row = row(HOLES, mm);
        Matcher m = HOLE.matcher(symbol);
        if (row.isEmpty() || !m.matches()) {
            return row.map(r -> r.bands().get(symbol));
        }
        double grade = grade(m.group(2), mm);
        if (m.group(1).equals("JS")) {
            return Optional.of(new Band(-grade / 2, grade / 2));
        }
        double lower = requireNonNull(row.get().single().get(m.group(1)));
        return Optional.of(new Band(lower, lower + grade));
    }

    /**
     * Size under the rollers of a bearing without an inner ring, pressed in: drawn cups in the ring gauge, RNA and NK
     * by F6. Empty where size or kind is not listed.
     */
    public static Optional<Band> underRollers(BearingKind kind, double mm) {
        String group = kind == BearingKind.DRAWN_CUP_NEEDLE_ROLLER ? "drawn" : "machined";
        return kind.needle()
                ? RACEWAYS.stream()
                        .filter(r -> r.group().equals(group) && mm > r.over() && mm <= r.to())
                        .findFirst()
                        .map(Raceway::band)
                : Optional.empty();
    }

    /**
     * The bearing's own bore or outside. Tapers have one class here: normal.
     *
     * @param plus true for inch tapers, which are made larger than their size; sets with a J before their number are
     *     not
     * @param face bore or outside
     * @param tolerance P0 to P2
     */
    public static Optional<Band> bearing(BearingKind kind, boolean plus, String face, double mm, String tolerance) {
        if (kind.taper()) {
            String system = plus ? "inch" : "metric";
            return TAPERS.stream()
                    .filter(r -> r.system().equals(system) && r.face().equals(face) && mm > r.over() && mm <= r.to())
                    .findFirst()
                    .map(Taper::band);
        }
        List<Tolerances.Band> classes = face.equals("bore") ? Tolerances.bore(mm) : Tolerances.outside(mm);
        return classes.stream()
                .filter(b -> b.code().equals(tolerance))
                .findFirst()
                .map(b -> new Band(-b.lowerUm(), 0));
    }

    /** Upper and lower deviation, parted by a slash. */
    private static Band pair(TableRow row, String column) {
        String[] ends = row.get(column).split("/", -1);
        if (ends.length != 2) {
            throw row.fault(column, "is no pair of deviations: “" + row.get(column) + "”");
        }
        return new Band(row.numeral(column, ends[1]), row.numeral(column, ends[0]));
    }

    private static Optional<Row> row(List<Row> rows, double mm) {
        return rows.stream().filter(r -> mm > r.over() && mm <= r.to()).findFirst();
    }

    private static List<Row> read(String file) {
        List<Row> rows = new ArrayList<>();
        for (TableRow row : Table.read(SeatBands.class, file)) {
            Map<String, Double> single = new HashMap<>();
            Map<String, Band> bands = new HashMap<>();
            row.cells().forEach((column, text) -> {
                if (text.contains("/")) {
                    bands.put(column, pair(row, column));
                } else if (!text.isEmpty()) {
                    single.put(column, row.number(column));
                }
            });
            rows.add(new Row(row.number("over"), row.number("to"), Map.copyOf(single), Map.copyOf(bands)));
        }
        return List.copyOf(rows);
    }

    private static List<Raceway> raceways() {
        return Table.read(SeatBands.class, "needle-raceways.csv").stream()
                .map(row -> new Raceway(
                        row.word("group"),
                        row.number("over"),
                        row.number("to"),
                        new Band(row.number("lower"), row.number("upper"))))
                .toList();
    }

    private static List<Taper> tapers() {
        return Table.read(SeatBands.class, "taper-tolerances.csv").stream()
                .map(row -> new Taper(
                        row.word("system"),
                        row.word("face"),
                        row.number("over"),
                        row.number("to"),
                        new Band(row.number("lower"), row.number("upper"))))
                .toList();
    }
}
