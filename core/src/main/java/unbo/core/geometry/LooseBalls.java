package unbo.core.geometry;

/**
 * Loose balls side by side on a circle: each takes the angle 2·asin(d/D) of it. A race is never filled up: with one
 * ball less than fits they roll apart instead of rubbing on each other, and the gap is about one ball.
 *
 * @param fit how many stand side by side at most
 * @param putIn one less, so that a gap of about a ball is left
 * @param gapMm along the circle with that many
 * @param angleDeg that each ball takes
 */
public record LooseBalls(double ballMm, double circleMm, int fit, int putIn, double gapMm, double angleDeg) {

    /** Fewer balls than these are no bearing. */
    public static final int LEAST = 3;
    /** Rounded down where a ball more would have to be squeezed in by less than this share of one. */
    private static final double SHY = 1e-9;

    /**
     * @param ballMm diameter of a ball
     * @param circleMm diameter of the circle through their middles, over twice that of a ball
     */
    public static LooseBalls of(double ballMm, double circleMm) {
        double angle = 2 * Math.asin(ballMm / circleMm);
        int fit = (int) Math.floor(2 * Math.PI / angle + SHY);
        int putIn = Math.max(LEAST, fit - 1);
        return new LooseBalls(ballMm, circleMm, fit, putIn, gap(putIn, angle, circleMm), Math.toDegrees(angle));
    }

    /** Along the circle with so many in it, mm; under zero where they do not fit. */
    public double gapMm(int count) {
        return gap(count, Math.toRadians(angleDeg), circleMm);
    }

    private static double gap(int count, double angle, double circleMm) {
        return (2 * Math.PI - count * angle) * circleMm / 2;
    }
}
