package unbo.core.lubrication;

import org.jspecify.annotations.Nullable;

/**
 * A hub with two bearings to be greased; lengths in mm.
 *
 * @param kind thickener code of the new grease
 * @param oldKind thickener code of what is in, or empty when unknown or all washed out
 * @param cavityShare share of the cavity to fill, a third to a half
 * @param immersed true where it goes under water
 * @param hubC heat of the hub, measured or expected
 * @param method hand, packer or gun
 * @param strokeG what one stroke of the gun gives; null when it is not weighed
 */
public record HubGreaseInput(
        Envelope outer,
        Envelope inner,
        double betweenCupsMm,
        double hubBoreMm,
        double spindleMm,
        String kind,
        String oldKind,
        double cavityShare,
        boolean immersed,
        double hubC,
        String method,
        @Nullable Double strokeG) {

    /** Boundary of one bearing, mm; of a taper the width is the assembled width T. {@code taper}: packed by hand. */
    public record Envelope(double boreMm, double outsideMm, double widthMm, boolean taper) {}

    /** A hub packed by hand at a usual heat. */
    static HubGreaseInput byHand(
            Envelope outer,
            Envelope inner,
            double betweenCupsMm,
            double hubBoreMm,
            double spindleMm,
            String kind,
            String oldKind,
            double cavityShare,
            boolean immersed) {
        return new HubGreaseInput(
                outer,
                inner,
                betweenCupsMm,
                hubBoreMm,
                spindleMm,
                kind,
                oldKind,
                cavityShare,
                immersed,
                70,
                "hand",
                null);
    }
}
