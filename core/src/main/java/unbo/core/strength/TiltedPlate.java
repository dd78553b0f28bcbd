package unbo.core.strength;

/**
 * A round plate held at its edge and tilted by a stiff hub in its middle: σ = β·M/(a·t²), β by the hub's share of the
 * edge's diameter, from 0.1 to 0.8 (Roark's Formulas for Stress and Strain, trunnion-loaded plate, edge supported).
 * Between the tabled shares by a straight line of the logarithms.
 */
public final class TiltedPlate {

    private static final double[] SHARE = {0.10, 0.15, 0.20, 0.25, 0.30, 0.40, 0.50, 0.60, 0.70, 0.80};
    private static final double[] BETA = {9.478, 6.252, 4.621, 3.625, 2.947, 2.062, 1.489, 1.067, 0.731, 0.449};

    private TiltedPlate() {}

    /** Whether the table knows a hub of so much of the edge. */
    public static boolean known(double share) {
        return share >= SHARE[0] && share <= SHARE[SHARE.length - 1];
    }

    /**
     * Greatest stress at the hub, N/mm².
     *
     * @param hubMm diameter of the stiff middle
     * @param edgeMm diameter at which it is held
     * @param thickMm of the plate
     * @throws IllegalArgumentException where the table does not know the share
     */
    public static double stressMPa(double momentNm, double hubMm, double edgeMm, double thickMm) {
        return beta(hubMm / edgeMm) * momentNm * 1000 / (edgeMm / 2 * thickMm * thickMm);
    }

    static double beta(double share) {
        if (!known(share)) {
            throw new IllegalArgumentException("a hub of " + share + " of its edge");
        }
        int i = 1;
        while (share > SHARE[i]) {
            i++;
        }
        double part = Math.log(share / SHARE[i - 1]) / Math.log(SHARE[i] / SHARE[i - 1]);
        return BETA[i - 1] * Math.pow(BETA[i] / BETA[i - 1], part);
    }
}
