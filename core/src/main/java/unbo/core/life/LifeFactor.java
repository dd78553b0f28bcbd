package unbo.core.life;

/**
 * Life modification factor a_ISO (ISO 281:2007, 9.3.3) by viscosity ratio κ, contamination ec, fatigue load limit and
 * load.
 */
public final class LifeFactor {

    private static final double MOST = 50;
    /** Under this viscosity ratio the method says nothing. */
    public static final double LEAST_KAPPA = 0.1;

    private static final double MOST_KAPPA = 4;
    private static final double EP_EC = 0.2;
    private static final double EP_MOST = 3;

    private LifeFactor() {}

    /** Cu, N: C0/22 for balls, C0/8.2 for rollers. */
    public static double fatigueLimitN(double c0N, boolean rollers) {
        return c0N / (rollers ? 8.2 : 22);
    }

    /** @param relative ec·Cu/P @return over 0, at most 50 */
    public static double of(boolean rollers, double kappa, double relative) {
        double k = Math.max(LEAST_KAPPA, Math.min(MOST_KAPPA, kappa));
        double a;
        if (rollers) {
            double c = k < 0.4
                    ? 1.3993 / Math.pow(k, 0.054381)
                    : k < 1 ? 1.2348 / Math.pow(k, 0.19087) : 1.2348 / Math.pow(k, 0.071739);
            a = power(1 - (1.5859 - c) * Math.pow(relative, 0.4), -9.185);
        } else {
            double c = k < 0.4
                    ? 2.2649 / Math.pow(k, 0.054381)
                    : k < 1 ? 1.9987 / Math.pow(k, 0.19087) : 1.9987 / Math.pow(k, 0.071739);
            a = power(1 - Math.pow(2.5671 - c, 0.83) * Math.cbrt(relative), -9.3);
        }
        return Math.min(MOST, 0.1 * a);
    }

    /**
     * The same with proven EP additives, which the standard lets count where κ is under 1 and the dirt no worse than ec
     * 0.2: κ is taken as 1, the factor at most 3, and never less than without them.
     */
    public static double withEp(boolean rollers, double kappa, double ec, double relative) {
        double plain = of(rollers, kappa, relative);
        return kappa >= 1 || ec < EP_EC ? plain : Math.max(plain, Math.min(EP_MOST, of(rollers, 1, relative)));
    }

    private static double power(double bracket, double exponent) {
        return bracket <= 0 ? Double.POSITIVE_INFINITY : Math.pow(bracket, exponent);
    }
}
