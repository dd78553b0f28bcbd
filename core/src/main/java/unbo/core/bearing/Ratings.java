package unbo.core.bearing;

import static java.util.Objects.requireNonNull;

/**
 * What a bearing can carry: basic dynamic rating C and basic static rating C0, newton. Worked out from its inside by
 * ISO 281 and ISO 76 (one row), or typed from a catalogue, which comes first: for common sizes the two differ by up to
 * 12 %.
 *
 * @param estimated true when worked out
 * @param rollers true for roller bearings
 */
public record Ratings(double cN, double c0N, boolean estimated, boolean rollers) {

    private static final double BM_BALL = 1.3;
    private static final double BM_TAPER = 1.1;
    private static final double TABLE_END = 0.4;
    private static final double LARGE_BALL_MM = 25.4;

    public Ratings {
        if (!(cN > 0) || !(c0N > 0)) {
            throw new IllegalArgumentException("ratings of " + cN + " and " + c0N + " N");
        }
    }

    /** Of one row. */
    public static Ratings of(Inside inside) {
        return inside.rollers()
                ? rollers(inside.geometry(), requireNonNull(inside.rollerMm()))
                : balls(inside.geometry());
    }

    private static Ratings balls(BearingGeometry g) {
        double cos = Math.cos(Math.toRadians(g.contactDeg()));
        double size =
                g.elementMm() <= LARGE_BALL_MM ? Math.pow(g.elementMm(), 1.8) : 3.647 * Math.pow(g.elementMm(), 1.4);
        double c = BM_BALL * ballFactor(g.gamma()) * Math.pow(cos, 0.7) * Math.pow(g.elements(), 2.0 / 3) * size;
        return new Ratings(
                c, staticBallFactor(g.gamma()) * g.elements() * g.elementMm() * g.elementMm() * cos, true, false);
    }

    /** fc of ISO 281 for both groove radii 0.52 of the ball's diameter. */
    static double ballFactor(double gamma) {
        return 0.95
                * 40.2
                * Math.pow(1 + Math.pow(1.04 * Math.pow((1 - gamma) / (1 + gamma), 1.72), 10.0 / 3), -0.3)
                * Math.pow(gamma, 0.3)
                * Math.pow(1 - gamma, 1.39)
                / Math.cbrt(1 + gamma)
                * Math.pow(26, 0.41);
    }

    /** f0 of ISO 76, as two straight lines, held from γ 0.4 on, where its table ends. */
    public static double staticBallFactor(double gamma) {
        return gamma <= 0.09 ? 14.7 + 20 * gamma : 16.4 - 24 * (Math.min(TABLE_END, gamma) - 0.10);
    }

    private static Ratings rollers(BearingGeometry g, double length) {
        double cos = Math.cos(Math.toRadians(g.contactDeg()));
        double c = BM_TAPER
                * rollerFactor(g.gamma())
                * Math.pow(length * cos, 7.0 / 9)
                * Math.pow(g.elements(), 0.75)
                * Math.pow(g.elementMm(), 29.0 / 27);
        return new Ratings(c, 44 * (1 - g.gamma()) * g.elements() * length * g.elementMm() * cos, true, true);
    }

    /** fc of ISO 281 for line contact. */
    static double rollerFactor(double gamma) {
        return 172.6
                * Math.pow(1 + Math.pow(1.04 * Math.pow((1 - gamma) / (1 + gamma), 143.0 / 108), 4.5), -2.0 / 9)
                * Math.pow(gamma, 2.0 / 9)
                * Math.pow(1 - gamma, 29.0 / 27)
                / Math.pow(1 + gamma, 0.25);
    }
}
