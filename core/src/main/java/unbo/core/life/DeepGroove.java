package unbo.core.life;

/**
 * Equivalent load of a single-row deep groove ball bearing with normal clearance (ISO 281, table 3). Forces in newton.
 */
public final class DeepGroove {

    private static final double X = 0.56;
    private static final AxialFactors FACTORS = AxialFactors.read("deep-groove-factors.csv");

    private DeepGroove() {}

    /** P = Fr where Fa/Fr ≤ e, else 0.56·Fr + Y·Fa; e and Y by f0·Fa/C0, linear between the rows, the ends held. */
    public static double equivalentN(double radialN, double axialN, double f0, double c0N) {
        return FACTORS.equivalentN(X, radialN, axialN, f0 / c0N);
    }
}
