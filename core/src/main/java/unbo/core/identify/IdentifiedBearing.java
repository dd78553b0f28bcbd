package unbo.core.identify;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.designation.TaperMatch;

/**
 * A bearing of the hub with all its sizes.
 *
 * @param cone the cone of an inch taper; the whole bearing of every other kind
 * @param cup the cup of an inch taper; the same as {@code cone} otherwise
 * @param match whether cone and cup belong together; null where they carry one number
 * @param width assembled width T of a taper
 * @param halfAngleDeg half the included cup angle of a taper, estimated from the number; the contact angle of other
 *     kinds
 */
public record IdentifiedBearing(
        Bearing cone, Bearing cup, @Nullable TaperMatch match, Size bore, Size outside, Size width, Size halfAngleDeg) {

    /** As written on a parts list. */
    public String name() {
        return parted() ? cone.designation() + "/" + cup.designation() : cone.designation();
    }

    /** True for an inch taper, whose cone and cup carry numbers of their own. */
    public boolean parted() {
        return !cone.marking().equals(cup.marking());
    }

    public boolean taper() {
        return tapered(cone, parted());
    }

    /** True for a taper of any number. What is not recognised is one only where a cup was typed beside it. */
    public static boolean tapered(Bearing d, boolean cupTyped) {
        return d.metricTaper() || d.cone() || d.cup() || !d.recognised() && cupTyped;
    }
}
