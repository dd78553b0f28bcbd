package unbo.core.strength;

/**
 * A round bar with a shoulder, bent: how many times the nominal stress of the thinner part stands in the fillet.
 *
 * <p>Kt = C1 + C2·x + C3·x² + C4·x³ with x = 2h/D, h = (D − d)/2, and C by h/r in two ranges, 0.1 to 2 and 2 to 20
 * (Peterson's Stress Concentration Factors, stepped round bar in bending). A shoulder without height gives 1.
 *
 * @param journalMm d, the thinner part
 * @param shoulderMm D, the thicker part, d or more
 * @param filletMm r, over 0
 */
public record ShoulderFillet(double journalMm, double shoulderMm, double filletMm) {

    /** Height of the shoulder over the fillet's radius beyond which the curves end. */
    public static final double SHARPEST = 20;
    /** Under this share of the radius a shoulder is hardly one, and the curves have not begun. */
    public static final double FLATTEST = 0.1;

    private static final double RANGES_MEET = 2;

    /** h/r. */
    public double steepness() {
        return (shoulderMm - journalMm) / 2 / filletMm;
    }

    /** Whether the curves know this shoulder. */
    public boolean known() {
        return steepness() <= SHARPEST;
    }

    /** Kt, 1 or more. Beyond {@link #SHARPEST} that of the sharpest known: at least so much. */
    public double factor() {
        double s = Math.min(SHARPEST, steepness());
        if (s < FLATTEST) {
            return 1 + (s / FLATTEST) * (factor(FLATTEST) - 1);
        }
        return Math.max(1, factor(s));
    }

    private double factor(double s) {
        double root = Math.sqrt(s);
        double x = (shoulderMm - journalMm) / shoulderMm;
        double[] c = s <= RANGES_MEET
                ? new double[] {
                    0.947 + 1.206 * root - 0.131 * s,
                    0.022 - 3.405 * root + 0.915 * s,
                    0.869 + 1.777 * root - 0.555 * s,
                    -0.810 + 0.422 * root - 0.260 * s
                }
                : new double[] {
                    1.232 + 0.832 * root - 0.008 * s,
                    -3.813 + 0.968 * root - 0.260 * s,
                    7.423 - 4.868 * root + 0.869 * s,
                    -3.839 + 3.070 * root - 0.600 * s
                };
        return c[0] + x * (c[1] + x * (c[2] + x * c[3]));
    }
}
