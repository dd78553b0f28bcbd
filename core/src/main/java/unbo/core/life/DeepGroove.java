package unbo.core.life;

import java.util.List;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Equivalent load of a single-row deep groove ball bearing with normal clearance (ISO 281, table 3). Forces in newton.
 */
public final class DeepGroove {

    private static final double X = 0.56;
    private static final double[][] ROWS = rows();

    private DeepGroove() {}

    /** P = Fr where Fa/Fr ≤ e, else 0.56·Fr + Y·Fa; e and Y by f0·Fa/C0, linear between the rows, the ends held. */
    public static double equivalentN(double radialN, double axialN, double f0, double c0N) {
        double axial = Math.abs(axialN);
        double[] ey = factors(f0 * axial / c0N);
        return axial <= ey[0] * radialN ? radialN : Math.max(radialN, X * radialN + ey[1] * axial);
    }

    /** e and Y for a value of f0·Fa/C0. */
    static double[] factors(double relative) {
        if (relative <= ROWS[0][0]) {
            return new double[] {ROWS[0][1], ROWS[0][2]};
        }
        for (int i = 1; i < ROWS.length; i++) {
            if (relative <= ROWS[i][0]) {
                double t = (relative - ROWS[i - 1][0]) / (ROWS[i][0] - ROWS[i - 1][0]);
                return new double[] {
                    ROWS[i - 1][1] + t * (ROWS[i][1] - ROWS[i - 1][1]),
                    ROWS[i - 1][2] + t * (ROWS[i][2] - ROWS[i - 1][2])
                };
            }
        }
        return new double[] {ROWS[ROWS.length - 1][1], ROWS[ROWS.length - 1][2]};
    }

    private static double[][] rows() {
        List<TableRow> records = Table.read(DeepGroove.class, "deep-groove-factors.csv");
        return records.stream()
                .map(r -> new double[] {r.number("f0fa_c0"), r.number("e"), r.number("y")})
                .toArray(double[][]::new);
    }
}
