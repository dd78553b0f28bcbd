package unbo.core.bearing;

import static java.util.Objects.requireNonNull;

/**
 * What a bearing can carry: basic dynamic rating C and basic static rating C0, newton; axial ones of thrust bearings.
 * Worked out from its inside by ISO 281 and ISO 76, all its rows, or typed from a catalogue, which comes first. How far
 * the two differ is the band of its kind, {@link Inside#bandPercent()}.
 *
 * @param estimated true when worked out
 * @param rollers true for roller bearings
 */
public record Ratings(double cN, double c0N, boolean estimated, boolean rollers) {

    private static final double BM_BALL = 1.3;
    private static final double BM_ROLLER = 1.1;
    private static final double BM_CYLINDER = 1.2;
    private static final double BM_BARREL = 1.15;
    private static final double BM_NEEDLE = 1.0;
    private static final double TABLE_END = 0.4;
    private static final double LARGE_BALL_MM = 25.4;
    private static final double THRUST_F0 = 61.6;
    private static final Factors THRUST_BALLS = Factors.read("thrust-ball-factors.csv");
    private static final Factors THRUST_ROLLERS = Factors.read("thrust-roller-factors.csv");
    private static final Factors SELF_ALIGNING = Factors.read("self-aligning-factors.csv");

    public Ratings {
        if (!(cN > 0) || !(c0N > 0)) {
            throw new IllegalArgumentException("ratings of " + cN + " and " + c0N + " N");
        }
    }

    /** Of all its rows. */
    public static Ratings of(Inside inside) {
        return of(inside, inside.rows());
    }

    /** Of one row alone, as a pair of them is judged row by row. */
    public static Ratings ofRow(Inside inside) {
        return of(inside, 1);
    }

    private static Ratings of(Inside inside, int rows) {
        BearingGeometry g = inside.geometry();
        return switch (inside.kind()) {
            case THRUST_BALL -> thrustBalls(g);
            case THRUST_NEEDLE_ROLLER, THRUST_CYLINDRICAL_ROLLER -> thrustRollers(g, requireNonNull(inside.rollerMm()));
            case SELF_ALIGNING_BALL -> balls(g, rows, SELF_ALIGNING.at(g.gamma()), 1.9 + 4.6 * g.gamma());
            default ->
                inside.rollers()
                        ? rollers(inside.kind(), g, rows, requireNonNull(inside.rollerMm()))
                        : balls(g, rows, ballFactor(g.gamma()), staticBallFactor(g.gamma()));
        };
    }

    private static double size(double ballMm) {
        return ballMm <= LARGE_BALL_MM ? Math.pow(ballMm, 1.8) : 3.647 * Math.pow(ballMm, 1.4);
    }

    private static Ratings balls(BearingGeometry g, int rows, double fc, double f0) {
        double cos = Math.cos(Math.toRadians(g.contactDeg()));
        double c = BM_BALL * fc * Math.pow(rows * cos, 0.7) * Math.pow(g.elements(), 2.0 / 3) * size(g.elementMm());
        return new Ratings(c, f0 * rows * g.elements() * g.elementMm() * g.elementMm() * cos, true, false);
    }

    private static Ratings thrustBalls(BearingGeometry g) {
        double c = BM_BALL
                * THRUST_BALLS.at(g.elementMm() / g.pitchMm())
                * Math.pow(g.elements(), 2.0 / 3)
                * size(g.elementMm());
        return new Ratings(c, THRUST_F0 * g.elements() * g.elementMm() * g.elementMm(), true, false);
    }

    private static Ratings thrustRollers(BearingGeometry g, double length) {
        double c = BM_NEEDLE
                * THRUST_ROLLERS.at(g.elementMm() / g.pitchMm())
                * Math.pow(length, 7.0 / 9)
                * Math.pow(g.elements(), 0.75)
                * Math.pow(g.elementMm(), 29.0 / 27);
        return new Ratings(c, 220 * g.elements() * length * g.elementMm(), true, true);
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

    private static double bm(BearingKind kind) {
        return switch (kind.element()) {
            case CYLINDER -> BM_CYLINDER;
            case BARREL -> BM_BARREL;
            case NEEDLE -> BM_NEEDLE;
            default -> BM_ROLLER;
        };
    }

    private static Ratings rollers(BearingKind kind, BearingGeometry g, int rows, double length) {
        double cos = Math.cos(Math.toRadians(g.contactDeg()));
        double c = bm(kind)
                * rollerFactor(g.gamma())
                * Math.pow(rows * length * cos, 7.0 / 9)
                * Math.pow(g.elements(), 0.75)
                * Math.pow(g.elementMm(), 29.0 / 27);
        return new Ratings(c, 44 * (1 - g.gamma()) * rows * g.elements() * length * g.elementMm() * cos, true, true);
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
