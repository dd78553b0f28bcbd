package unbo.core.life;

/**
 * Equivalent load of a single-row angular contact ball bearing of 15° (ISO 281, table 3): its e and Y follow the load
 * as those of a deep groove bearing do. Forces in newton.
 */
final class FifteenDegrees {

    private static final double X = 0.44;
    private static final int ROUNDS = 40;
    private static final AxialFactors FACTORS = AxialFactors.read("fifteen-degree-factors.csv");

    private FifteenDegrees() {}

    /** P = Fr where Fa/Fr ≤ e, else 0.44·Fr + Y·Fa. */
    static double equivalentN(double radialN, double axialN, double f0, double c0N) {
        return FACTORS.equivalentN(X, radialN, axialN, f0 / c0N);
    }

    /** Thrust that its radial load makes of itself, e·Fr, with e at that thrust. */
    static double inducedN(double radialN, double f0, double c0N) {
        double thrust = 0.4 * radialN;
        for (int i = 0; i < ROUNDS; i++) {
            thrust = FACTORS.at(f0 * thrust / c0N).e() * radialN;
        }
        return thrust;
    }
}
