package unbo.core.geometry;

/**
 * A ring photographed from its end, unrolled: every angle and every place across its race lies on a ray from the
 * centre, between the circles of its two edges. Seen straight on; a ring that is seen at a slant is unrolled as if it
 * were not, so that its edges wave.
 *
 * @param centreX , centreY of the ring, in the picture's own unit, y downwards
 * @param outboard radius of the edge that is painted at the top
 * @param inboard radius of the other; may be the larger
 * @param mirrored true where it was seen from inboard: angles run the other way round
 */
public record RingUnroll(double centreX, double centreY, double outboard, double inboard, boolean mirrored) {

    /** Edges nearer to each other than this share of the larger are one. */
    public static final double LEAST_WIDTH = 0.01;

    /** A place in the picture. */
    public record Spot(double x, double y) {}

    public static RingUnroll of(Spot centre, Spot outboard, Spot inboard, boolean mirrored) {
        return new RingUnroll(centre.x(), centre.y(), distance(centre, outboard), distance(centre, inboard), mirrored);
    }

    private static double distance(Spot one, Spot other) {
        return Math.hypot(one.x() - other.x(), one.y() - other.y());
    }

    /** Whether two edges were told, apart from each other. */
    public boolean sound() {
        double larger = Math.max(outboard, inboard);
        return larger > 0 && Math.min(outboard, inboard) > 0 && Math.abs(outboard - inboard) >= LEAST_WIDTH * larger;
    }

    /**
     * Where in the picture a place of the race lies.
     *
     * @param angleDeg clockwise from the top, seen from outboard
     * @param across 0 at the outboard edge, 1 at the other
     */
    public Spot at(double angleDeg, double across) {
        double r = outboard + (inboard - outboard) * across;
        double angle = Math.toRadians(mirrored ? -angleDeg : angleDeg);
        return new Spot(centreX + r * Math.sin(angle), centreY - r * Math.cos(angle));
    }

    /** Seen width of the race in mm, where the larger of its edges measures so much across. */
    public double widthMm(double largerEdgeMm) {
        return Math.abs(outboard - inboard) * mmPerUnit(largerEdgeMm);
    }

    /** Along the middle of the race, mm a degree. */
    public double mmPerDegree(double largerEdgeMm) {
        return (outboard + inboard) / 2 * Math.PI / 180 * mmPerUnit(largerEdgeMm);
    }

    private double mmPerUnit(double largerEdgeMm) {
        return largerEdgeMm / 2 / Math.max(outboard, inboard);
    }
}
