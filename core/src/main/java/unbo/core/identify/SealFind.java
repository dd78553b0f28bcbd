package unbo.core.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.designation.SealSize;
import unbo.core.measure.Show;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Which shaft seal goes between a measured shaft and its housing: the nominal sizes of ISO 6194-1, best first. The
 * seal's outside is made larger than its bore for its press fit, so the housing is measured, not the old seal; a worn
 * shaft measures small. Wider seals of the same two diameters exist; the seat's depth says whether they go in.
 *
 * @param fitting sizes inside what was measured, closest first
 * @param near of the same shaft or the same housing
 */
public record SealFind(Measured measured, List<SealSize> fitting, List<SealSize> near) {

    public static final double SHAFT_MM = 0.25;
    public static final double HOUSING_MM = 0.3;
    private static final double NEAR_MM = 6;
    public static final double FREE_MM = 0.5;
    private static final int MOST_NEAR = 6;
    private static final List<SealSize> SIZES = sizes();

    /** What was measured, mm; the depth null where it was not. */
    public record Measured(
            double shaftMm, double housingMm, @Nullable Double depthMm) {}

    public static SealFind of(Measured m) {
        Comparator<SealSize> closest = Comparator.comparingDouble(
                s -> Math.abs(s.shaftMm() - m.shaftMm()) + Math.abs(s.outsideMm() - m.housingMm()));
        List<SealSize> fitting = SIZES.stream()
                .filter(s -> shaft(s, m) && housing(s, m))
                .sorted(closest)
                .toList();
        List<SealSize> near = SIZES.stream()
                .filter(s -> !fitting.contains(s) && (shaft(s, m) || housing(s, m)))
                .filter(s -> Math.abs(s.shaftMm() - m.shaftMm()) <= NEAR_MM
                        && Math.abs(s.outsideMm() - m.housingMm()) <= 2 * NEAR_MM)
                .sorted(closest)
                .limit(MOST_NEAR)
                .toList();
        return new SealFind(m, fitting, near);
    }

    /**
     * True where a seat of the measured depth leaves this seal clear of the bearing; also where it was not measured.
     */
    public boolean fitsDepth(SealSize s) {
        return measured.depthMm() == null || s.widthMm() + FREE_MM <= measured.depthMm();
    }

    private static boolean shaft(SealSize s, Measured m) {
        return Math.abs(s.shaftMm() - m.shaftMm()) <= SHAFT_MM;
    }

    private static boolean housing(SealSize s, Measured m) {
        return Math.abs(s.outsideMm() - m.housingMm()) <= HOUSING_MM;
    }

    public static String words(SealSize s) {
        return Show.number(s.shaftMm(), 2) + "×" + Show.number(s.outsideMm(), 2) + "×" + Show.number(s.widthMm(), 2);
    }

    private static List<SealSize> sizes() {
        List<SealSize> sizes = new ArrayList<>();
        for (TableRow row : Table.read(SealFind.class, "seal-sizes.csv")) {
            for (String outside : row.words("outsides")) {
                sizes.add(new SealSize(row.number("shaft"), Double.parseDouble(outside), row.number("width")));
            }
        }
        return List.copyOf(sizes);
    }
}
