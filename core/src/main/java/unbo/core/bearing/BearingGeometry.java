package unbo.core.bearing;

/**
 * Inside of a rolling bearing, as far as its motion goes. γ = Dw·cos α / dm. Rates in turns of the shaft ("orders"),
 * from rolling without slip; source: kinematics of rolling bearings, for instance Harris and Kotzalas, Essential
 * Concepts of Bearing Technology, ch. 10.
 *
 * @param elements number of rolling elements, 3 to 60
 * @param elementMm their (mean) diameter Dw, mm
 * @param pitchMm pitch diameter dm, mm; greater than Dw
 * @param contactDeg contact angle α, 0 to 90°
 * @param estimated true when worked out from the boundary dimensions
 */
public record BearingGeometry(int elements, double elementMm, double pitchMm, double contactDeg, boolean estimated) {

    public BearingGeometry {
        if (elements < 3 || !(elementMm > 0) || !(pitchMm > elementMm) || contactDeg < 0 || contactDeg > 90) {
            throw new IllegalArgumentException(
                    elements + " elements of " + elementMm + " mm on " + pitchMm + " mm at " + contactDeg + "°");
        }
    }

    /** Counted or measured. */
    public static BearingGeometry of(int elements, double elementMm, double pitchMm, double contactDeg) {
        return new BearingGeometry(elements, elementMm, pitchMm, contactDeg, false);
    }

    /**
     * Single-row deep groove, from its boundary: Dw ≈ 0.295·(D − d), dm = (d + D)/2, Z = round(0.25 +
     * 209°/(2·asin(Dw/dm))): as many balls as the Conrad way of filling lets in. Real ones differ by a ball either way.
     */
    public static BearingGeometry estimated(double boreMm, double outsideMm) {
        double ball = 0.295 * (outsideMm - boreMm);
        double pitch = (boreMm + outsideMm) / 2;
        int balls = (int) Math.round(0.25 + 209 / (2 * Math.toDegrees(Math.asin(ball / pitch))));
        return new BearingGeometry(Math.max(3, balls), ball, pitch, 0, true);
    }

    public double gamma() {
        return elementMm * Math.cos(Math.toRadians(contactDeg)) / pitchMm;
    }

    /** The same bearing with another γ and number of elements. */
    public BearingGeometry varied(int otherElements, double otherGamma) {
        return new BearingGeometry(
                otherElements,
                otherGamma * pitchMm / Math.cos(Math.toRadians(contactDeg)),
                pitchMm,
                contactDeg,
                estimated);
    }

    /** Turns of the cage a turn of the shaft; with the outer ring turning it is the other side's share. */
    public double cageOrder(Turning turning) {
        return 0.5 * (turning == Turning.INNER ? 1 - gamma() : 1 + gamma());
    }

    /** Elements passing a place on the outer race, a turn. */
    public double outerOrder() {
        return elements / 2.0 * (1 - gamma());
    }

    /** Elements passing a place on the inner race, a turn. */
    public double innerOrder() {
        return elements / 2.0 * (1 + gamma());
    }

    /** Turns of an element about itself, a turn of the shaft; a damaged one strikes twice in each. */
    public double elementOrder() {
        return pitchMm / (2 * elementMm) * (1 - gamma() * gamma());
    }
}
