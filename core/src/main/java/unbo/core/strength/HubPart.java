package unbo.core.strength;

import org.jspecify.annotations.Nullable;

/**
 * A spindle with its shoulder, and the flange it may end in.
 *
 * @param journalMm of the thinner part at the shoulder
 * @param boreMm through it; 0 for a solid one
 * @param shoulderMm of the thicker part
 * @param filletMm radius between them
 * @param reachMm from the wheel's plane inboard to the shoulder
 * @param flange null where it has none
 */
public record HubPart(
        String name,
        double journalMm,
        double boreMm,
        double shoulderMm,
        double filletMm,
        double reachMm,
        @Nullable Flange flange) {

    /** @param thickMm at its root @param boltsMm diameter of the bolts' circle, over that of the shoulder */
    public record Flange(double thickMm, double boltsMm) {}

    /** The fillet at its shoulder. */
    public ShoulderFillet fillet() {
        return new ShoulderFillet(journalMm, shoulderMm, filletMm);
    }

    /** Bending stress of the plain journal, N/mm²: 32·M·d/(π·(d⁴ − di⁴)). */
    public double nominalMPa(double momentNm) {
        return 32 * momentNm * 1000 * journalMm / (Math.PI * (Math.pow(journalMm, 4) - Math.pow(boreMm, 4)));
    }

    /** The same in the fillet, N/mm². */
    public double localMPa(double momentNm) {
        return nominalMPa(momentNm) * fillet().factor();
    }
}
