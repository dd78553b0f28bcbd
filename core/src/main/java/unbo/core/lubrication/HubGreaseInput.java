package unbo.core.lubrication;

/**
 * A hub with two bearings to be greased; lengths in mm.
 *
 * @param kind        thickener code of the new grease
 * @param oldKind     thickener code of what is in, or empty when unknown or all washed out
 * @param cavityShare share of the cavity to fill, a third to a half
 */
public record HubGreaseInput(Envelope outer, Envelope inner, double betweenCupsMm, double hubBoreMm, double spindleMm,
                             String kind, String oldKind, double cavityShare, boolean immersed) {

    /** Boundary of one bearing, mm; of a taper the width is the assembled width T. {@code taper}: packed by hand. */
    public record Envelope(double boreMm, double outsideMm, double widthMm, boolean taper) {
    }
}
