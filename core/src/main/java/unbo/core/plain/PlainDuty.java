package unbo.core.plain;

/**
 * How hard a plain bearing works: pressure on its projected face p = F/(d·b), sliding speed v = π·d·n where it turns
 * and 2·β·d·f where it swings by β to either side (four times β each swing there and back), and their product.
 *
 * @param pressMPa N/mm²
 * @param speedMps m/s
 */
public record PlainDuty(double pressMPa, double speedMps) {

    private static final double PER_MINUTE = 60_000;

    /** Turns all round. @param slidingMm diameter it slides on @param widthMm of the sliding face */
    public static PlainDuty turning(double loadN, double slidingMm, double widthMm, double rpm) {
        return new PlainDuty(loadN / (slidingMm * widthMm), Math.PI * slidingMm * rpm / PER_MINUTE);
    }

    /** Swings. @param halfDeg to either side of its middle @param perMinute swings there and back a minute */
    public static PlainDuty swinging(double loadN, double slidingMm, double widthMm, double halfDeg, double perMinute) {
        return new PlainDuty(
                loadN / (slidingMm * widthMm), 2 * Math.toRadians(halfDeg) * slidingMm * perMinute / PER_MINUTE);
    }

    /** p·v, N/mm² · m/s. */
    public double pvMPaMps() {
        return pressMPa * speedMps;
    }

    /** The largest share of one of a material's three limits; over 1 it wears fast. */
    public double used(SlidingMaterial material) {
        return Math.max(
                pvMPaMps() / material.pvMPaMps(),
                Math.max(pressMPa / material.pressMPa(), speedMps / material.speedMps()));
    }
}
