package unbo.core.seal;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * What a seal's lip, spring and track tell, and what to do about them. A lip that no longer clings to its spacer is
 * worn out; a track under {@value #RUN_ON_MM} mm may run on; a deeper one is left by moving the seal where its seat
 * leaves room, by a seal with a thinned back where moving it that way is enough, else by a sleeve.
 *
 * @param verdict what to do
 * @param because why, worst first, as codes: {@code lip spring track}
 * @param shiftMm how far to move it; null where it is not moved
 * @param thinMm to be taken off its back for that; 0 where the seat has the room; null where it is not moved
 */
public record SealState(
        Seal seal,
        Verdict verdict,
        List<String> because,
        @Nullable Double shiftMm,
        @Nullable Double thinMm) {

    /** A groove as deep as this is no longer run on. */
    public static final double RUN_ON_MM = 0.1;
    /** From here on a sleeve is sure: a moved lip would ride on the edge of a worn band. */
    public static final double SLEEVE_MM = 0.5;
    /** How far a lip is moved off its track. */
    public static final double SHIFT_MM = 1.5;
    /** Of its back a seal may lose so much before it no longer holds its seat. */
    public static final double MOST_THINNED = 0.2;
    /** Never against the bearing. */
    private static final double FREE_MM = 0.5;

    /** What to do, in the order of its work. */
    public enum Verdict {
        RUN,
        UNSEEN,
        RENEW,
        MOVE,
        SLEEVE
    }

    /** How a spacer or shaft sits in the lip. */
    public enum Lip {
        CLINGS,
        LOOSE,
        UNSEEN
    }

    /**
     * A seal at its place.
     *
     * @param widthMm of it; null where nobody measured
     * @param seatMm depth of its seat to the bearing; null where nobody measured
     * @param trackMm depth of its track on the shaft; null where nobody measured
     * @param springGone whether its spring is off, broken or rusted through
     */
    public record Seal(
            @Nullable Double widthMm,
            @Nullable Double seatMm,
            Lip lip,
            boolean springGone,
            @Nullable Double trackMm) {}

    public static SealState of(Seal seal) {
        List<String> because = new ArrayList<>();
        if (seal.lip() == Lip.LOOSE) {
            because.add("lip");
        }
        if (seal.springGone()) {
            because.add("spring");
        }
        Double track = seal.trackMm();
        if (track != null && track >= RUN_ON_MM) {
            because.add("track");
            Double room = roomMm(seal);
            if (track < SLEEVE_MM && room != null) {
                double thin = Math.max(0, SHIFT_MM - room);
                Double width = seal.widthMm();
                if (width != null && thin <= MOST_THINNED * width) {
                    return new SealState(seal, Verdict.MOVE, because, SHIFT_MM, thin);
                }
            }
            return new SealState(seal, Verdict.SLEEVE, because, null, null);
        }
        Verdict verdict = !because.isEmpty()
                ? Verdict.RENEW
                : seal.lip() == Lip.UNSEEN && track == null ? Verdict.UNSEEN : Verdict.RUN;
        return new SealState(seal, verdict, because, null, null);
    }

    /** How far it may be moved inwards as it is, mm, not under zero; null where seat or width are not known. */
    public static @Nullable Double roomMm(Seal seal) {
        return seal.seatMm() == null || seal.widthMm() == null
                ? null
                : Double.valueOf(Math.max(0, seal.seatMm() - seal.widthMm() - FREE_MM));
    }
}
