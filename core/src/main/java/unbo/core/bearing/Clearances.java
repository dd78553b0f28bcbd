package unbo.core.bearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Radial internal clearance by class, µm: deep groove ball (ISO 5753-1) and cylindrical and machined needle rollers.
 */
public final class Clearances {
    /** Osculation of both grooves less one: radii of 0.52 and 0.53 of the ball. */
    private static final double GROOVES = 0.52 + 0.53 - 1;

    /** One class of one bore, µm. */
    public record Band(String code, double minUm, double maxUm) {

        public double meanUm() {
            return (minUm + maxUm) / 2;
        }
    }

    private record Row(boolean ball, double overMm, double toMm, Band band) {}

    private static final List<Row> ROWS = read();

    private Clearances() {}

    /** True for kinds of which the classes are listed here. */
    public static boolean listed(BearingKind kind) {
        return kind.deepGroove()
                || kind == BearingKind.CYLINDRICAL_ROLLER
                || kind == BearingKind.MACHINED_NEEDLE_ROLLER;
    }

    /** The classes of a bore, tightest first; empty where none are listed. The 10 mm bore is in 6 to 10. */
    public static List<Band> of(BearingKind kind, double boreMm) {
        return ROWS.stream()
                .filter(r -> listed(kind)
                        && r.ball() == kind.deepGroove()
                        && boreMm <= r.toMm()
                        && (boreMm > r.overMm() || boreMm == r.overMm() && !r.ball() && boreMm == 10))
                .map(Row::band)
                .toList();
    }

    /** One class of a bore. */
    public static Optional<Band> of(BearingKind kind, double boreMm, String code) {
        return of(kind, boreMm).stream().filter(b -> b.code().equals(code)).findFirst();
    }

    private static List<Row> read() {
        List<Row> rows = new ArrayList<>();
        for (TableRow row : Table.read(Clearances.class, "clearances.csv")) {
            rows.add(new Row(
                    row.get("kind").equals("ball"),
                    row.number("over"),
                    row.number("to"),
                    new Band(row.get("class"), row.number("min"), row.number("max"))));
        }
        return List.copyOf(rows);
    }

    /**
     * Axial clearance of a deep groove ball bearing, µm. @param radialUm its radial clearance @param ballMm ball
     * diameter
     */
    public static double axialUm(double radialUm, double ballMm) {
        double a = GROOVES * ballMm * 1000;
        return 2 * Math.sqrt(Math.max(0, a * radialUm - radialUm * radialUm / 4));
    }
}
