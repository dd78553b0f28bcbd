package unbo.core.catalogue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.TaperSet;
import unbo.core.measure.Show;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** The dimension tables that ship with the product, checked when first read. */
public final class Catalogue {

    private static final Map<String, Boundary> METRIC = metric();
    private static final Map<String, Boundary> ALL = Derived.with(METRIC);
    private static final List<Boundary> LISTED = List.copyOf(ALL.values());
    private static final List<TaperSet> SETS = sets();
    private static final Map<String, List<TaperSet>> CONES =
            SETS.stream().collect(Collectors.groupingBy(TaperSet::cone));
    private static final Map<String, List<TaperSet>> CUPS = SETS.stream().collect(Collectors.groupingBy(TaperSet::cup));

    private static final double LEAST_MM = 0.1;
    private static final double MOST_MM = 2000;

    private Catalogue() {}

    /** Boundary dimensions by designation, letters upper case. */
    public static Optional<Boundary> metric(String designation) {
        return Optional.ofNullable(METRIC.get(designation));
    }

    public static List<Boundary> metricAll() {
        return List.copyOf(METRIC.values());
    }

    /** Listed, or derived from what is listed by the rules of the numbering. */
    public static Optional<Boundary> number(String designation) {
        return Optional.ofNullable(ALL.get(designation));
    }

    /** True where no table lists it: the numbering gives its sizes, but it may not be made. */
    public static boolean byRule(String designation) {
        return ALL.containsKey(designation) && !METRIC.containsKey(designation);
    }

    /** All numbers, listed ones first. */
    public static List<Boundary> numbers() {
        return LISTED;
    }

    public static List<TaperSet> tapers() {
        return SETS;
    }

    public static Optional<TaperSet> taper(String cone, String cup) {
        return SETS.stream()
                .filter(s -> s.cone().equals(cone) && s.cup().equals(cup))
                .findFirst();
    }

    public static List<TaperSet> withCone(String cone) {
        return CONES.getOrDefault(cone, List.of());
    }

    public static List<TaperSet> withCup(String cup) {
        return CUPS.getOrDefault(cup, List.of());
    }

    /** True when the tables link the two through sets that share a cone or a cup, which makes them one series. */
    public static boolean sameSeries(String cone, String cup) {
        Set<String> seen = new HashSet<>();
        Deque<TaperSet> open = new ArrayDeque<>(withCone(cone));
        while (!open.isEmpty()) {
            TaperSet set = open.pop();
            if (set.cup().equals(cup)) {
                return true;
            }
            if (seen.add(set.cone() + "/" + set.cup())) {
                open.addAll(withCone(set.cone()));
                open.addAll(withCup(set.cup()));
            }
        }
        return false;
    }

    private static Map<String, Boundary> metric() {
        Map<String, Boundary> rows = new LinkedHashMap<>();
        for (TableRow row : Table.read(Catalogue.class, "metric-boundary-dimensions.csv")) {
            Boundary b = new Boundary(
                    row.one("kind", BearingKind::of),
                    row.get("designation"),
                    size(row, "bore_mm"),
                    size(row, "outside_mm"),
                    size(row, "width_mm"),
                    row.get("series"),
                    row.get("note"));
            if (b.outsideMm() <= b.boreMm() && b.kind() != BearingKind.DRAWN_CUP_NEEDLE_ROLLER) {
                throw row.fault("outside_mm", "is not larger than the bore");
            }
            rows.putIfAbsent(b.designation(), b);
        }
        cartridges(rows);
        return rows;
    }

    /** Common hub cartridges; the sizes stand in their numbers. */
    private static void cartridges(Map<String, Boundary> rows) {
        for (TableRow row : Table.read(Catalogue.class, "hub-cartridges.csv")) {
            double width = size(row, "width");
            double outer = size(row, "outer_width");
            rows.putIfAbsent(
                    row.get("designation"),
                    new Boundary(
                            BearingKind.HUB_CARTRIDGE,
                            row.get("designation"),
                            size(row, "bore"),
                            size(row, "outside"),
                            width,
                            "DAC",
                            outer == width ? "" : "outer ring " + Show.number(outer, 2) + " mm"));
        }
    }

    private static List<TaperSet> sets() {
        List<TaperSet> sets = new ArrayList<>();
        for (TableRow row : Table.read(Catalogue.class, "inch-tapered-sets.csv")) {
            sets.add(new TaperSet(
                    row.get("cone"),
                    row.get("cup"),
                    size(row, "bore_mm"),
                    size(row, "outside_mm"),
                    size(row, "width_mm")));
        }
        return List.copyOf(sets);
    }

    private static double size(TableRow row, String column) {
        return row.number(column, LEAST_MM, MOST_MM);
    }
}
