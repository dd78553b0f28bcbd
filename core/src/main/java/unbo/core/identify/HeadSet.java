package unbo.core.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;

/**
 * What may go into a steering head in place of loose balls: tapered rollers or angular contact bearings by the stem's
 * seat and the bore of the head, as they are or with a ring turned for them; and what their height does to the stem.
 *
 * @param found as they are first, then by how little must be turned, then by how near in height
 */
public record HeadSet(Seat seat, List<Found> found) {

    /** Nearer than this two sizes are one: what a caliper tells. */
    public static final double SAME_MM = 0.06;
    /** A ring thinner than this cannot be turned and pressed: half of it on each side. */
    public static final double THINNEST_RING_MM = 3;
    /** A ring thicker than this is no longer a ring. */
    public static final double MOST_RING_MM = 12;

    /**
     * @param stemMm seat on the stem
     * @param cupMm bore of the head, its cup driven out
     * @param heightMm of the old cup, balls and cone together
     */
    public record Seat(double stemMm, double cupMm, double heightMm) {}

    /**
     * @param ringMm of a ring outside it, in diameter; 0 where it goes in as it is
     * @param sleeveMm of a sleeve inside it, in diameter; 0 where it goes on as it is
     * @param higherMm than what was there; under zero lower
     */
    public record Found(Boundary bearing, double ringMm, double sleeveMm, double higherMm) {

        /** Whether nothing must be turned. */
        public boolean asItIs() {
            return ringMm == 0 && sleeveMm == 0;
        }
    }

    /** @param among every bearing that there is */
    public static HeadSet of(Seat seat, List<Boundary> among, int most) {
        List<Found> found = new ArrayList<>();
        for (Boundary b : among) {
            if (!opposed(b.kind())) {
                continue;
            }
            double ring = seat.cupMm() - b.outsideMm();
            double sleeve = b.boreMm() - seat.stemMm();
            if (turned(ring) && turned(sleeve)) {
                found.add(new Found(
                        b,
                        Math.abs(ring) <= SAME_MM ? 0 : ring,
                        Math.abs(sleeve) <= SAME_MM ? 0 : sleeve,
                        b.widthMm() - seat.heightMm()));
            }
        }
        found.sort(Comparator.comparingDouble((Found f) -> f.ringMm() + f.sleeveMm())
                .thenComparingDouble(f -> Math.abs(f.higherMm())));
        return new HeadSet(seat, found.stream().limit(most).toList());
    }

    private static boolean opposed(BearingKind kind) {
        return kind == BearingKind.TAPERED_ROLLER
                || kind == BearingKind.ANGULAR_CONTACT_BALL
                || kind == BearingKind.HEADSET_ANGULAR_CONTACT;
    }

    private static boolean turned(double mm) {
        return Math.abs(mm) <= SAME_MM || mm >= THINNEST_RING_MM && mm <= MOST_RING_MM;
    }
}
