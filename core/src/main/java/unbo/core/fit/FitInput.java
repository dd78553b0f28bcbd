package unbo.core.fit;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingKind;

/**
 * One ring on its seat.
 *
 * @param inner true for an inner ring on a shaft, false for an outer ring in a housing
 * @param seat ISO symbol; null where the seat was measured
 * @param measured the seat's size as deviation from the bearing's nominal size; null where a symbol stands
 * @param hollowMm bore of the shaft, 0 when solid; outer ring: not used
 * @param housingMm outside of the housing; infinity for a heavy one; inner ring: not used
 * @param otherRingUm mean interference of the other ring, µm; 0 when it is free
 * @param deltaK how much warmer the inner ring runs than the outer
 * @param tolerance class of the bearing, P0 to P2
 * @param clearance class of the bearing, C2 to C5, CN
 * @param place where it sits; null where it was not said
 * @param estimatedSizes true when outside and width were not told and a usual series stands in
 */
public record FitInput(
        BearingKind kind,
        double boreMm,
        double outsideMm,
        double widthMm,
        boolean inner,
        @Nullable String seat,
        @Nullable Band measured,
        double hollowMm,
        double housingMm,
        Material material,
        double otherRingUm,
        double deltaK,
        String tolerance,
        String clearance,
        boolean rough,
        boolean estimatedSizes,
        @Nullable FitPlace place) {

    /** The seat's symbol, where it was not measured. @throws NullPointerException where it was, and none was typed */
    public String symbol() {
        return requireNonNull(seat, "a seat without a symbol");
    }

    /** Diameter of the seat, mm. */
    public double seatMm() {
        return inner ? boreMm : outsideMm;
    }

    /** Mean diameter of the inner raceway, mm. */
    public double innerRaceMm() {
        return boreMm + 0.25 * (outsideMm - boreMm);
    }

    /** Mean diameter of the outer raceway, mm. */
    public double outerRaceMm() {
        return outsideMm - 0.25 * (outsideMm - boreMm);
    }
}
