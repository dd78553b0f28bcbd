package unbo.core.runout;

/**
 * One wave round the turn.
 *
 * @param order waves a turn: 1 eccentric or wobbling, 2 oval or clamped distorted
 * @param amplitudeMm half of its share of the TIR
 * @param highSpotDeg where it is highest, 0 to under 360; for order 2 the other high spot stands opposite
 */
public record Harmonic(int order, double amplitudeMm, double highSpotDeg) {

    static Harmonic of(int order, double cosine, double sine) {
        double phase = Math.toDegrees(Math.atan2(sine, cosine)) / order;
        return new Harmonic(order, Math.hypot(cosine, sine), turn(phase, 360.0 / order));
    }

    /** An angle brought into 0 to under {@code period}. */
    public static double turn(double degrees, double period) {
        double rest = degrees % period;
        return rest < 0 ? rest + period : rest;
    }

    /** Its part of the reading at an angle. */
    double at(double degrees) {
        return amplitudeMm * Math.cos(Math.toRadians(order * (degrees - highSpotDeg)));
    }
}
