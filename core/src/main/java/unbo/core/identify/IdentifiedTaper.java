package unbo.core.identify;

import unbo.core.designation.Decoded;
import unbo.core.designation.TaperMatch;

/**
 * A taper of the hub with all its sizes.
 *
 * @param widthMm      assembled width T
 * @param halfAngleDeg half the included cup angle, estimated from the number
 */
public record IdentifiedTaper(Decoded cone, Decoded cup, TaperMatch match, Size bore, Size outside, Size width, Size halfAngleDeg) {

    /** As written on a parts list. */
    public String name() {
        return cone.metricTaper() ? cone.marking() : cone.marking() + "/" + cup.marking();
    }
}
