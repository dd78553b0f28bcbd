package unbo.core.geometry;

/**
 * How far a wheel tilts on its two bearings. Each bearing gives way across the axle by its whole radial looseness, the
 * two in opposite directions: θ = 2·g/a. A pair of tapers with end play e shares it, and e/2 along the axle is e/2·tan
 * α to either side: g = e·tan α. Geometry of an opposed pair; the bearings' own spring, rim and tyre come on top.
 *
 * @param looseMm radial looseness of each bearing, end to end
 * @param tiltDeg of the wheel, end to end: so much camber and so much toe
 */
public record PlayTilt(double looseMm, double spreadMm, double tiltDeg) {

    /**
     * @param endPlayMm of the pair, 0 or more
     * @param halfCupDeg over 0, under 90
     * @param spreadMm between the pressure centres, over 0
     */
    public static PlayTilt ofEndPlay(double endPlayMm, double halfCupDeg, double spreadMm) {
        return ofLooseness(endPlayMm * Math.tan(Math.toRadians(halfCupDeg)), spreadMm);
    }

    /** @param looseMm radial clearance of each bearing as it is mounted, 0 or more */
    public static PlayTilt ofLooseness(double looseMm, double spreadMm) {
        if (!(looseMm >= 0) || !(spreadMm > 0)) {
            throw new IllegalArgumentException("looseness " + looseMm + " mm over " + spreadMm + " mm");
        }
        return new PlayTilt(looseMm, spreadMm, Math.toDegrees(2 * looseMm / spreadMm));
    }

    /** How far a point so far from the axle moves along it, end to end, mm. */
    public double alongMm(double radiusMm) {
        return Math.toRadians(tiltDeg) * radiusMm;
    }

    /** Radial looseness of each bearing that tilts a wheel so far, mm: g = θ·a/2. */
    public static double loosenessMm(double tiltDeg, double spreadMm) {
        return Math.toRadians(tiltDeg) * spreadMm / 2;
    }

    /** End play of tapers that tilts a wheel so far, mm: e = θ·a/(2·tan α). */
    public static double endPlayMm(double tiltDeg, double halfCupDeg, double spreadMm) {
        return loosenessMm(tiltDeg, spreadMm) / Math.tan(Math.toRadians(halfCupDeg));
    }
}
