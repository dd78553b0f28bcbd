package unbo.core.fit;

import static java.util.Objects.requireNonNull;

import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;

/**
 * One ring on its seat.
 *
 * @param inner true for an inner ring on a shaft, false for an outer ring in a housing
 * @param seat ISO symbol; null where the seat was measured
 * @param measured the seat's size as deviation from the bearing's nominal size; null where a symbol stands
 */
public record FitInput(
        Sizes bearing,
        boolean inner,
        @Nullable String seat,
        @Nullable Band measured,
        Part part,
        Run run,
        Classes classes,
        Seated seated) {
    /**
     * The bearing.
     *
     * @param plus true where its rings are made larger than their size, as inch tapers are
     * @param innerRing false where its elements roll on the shaft
     */
    public record Sizes(
            BearingKind kind, boolean plus, boolean innerRing, double boreMm, double outsideMm, double widthMm) {

        /** A bearing with these sizes, mm. */
        public static Sizes of(Bearing bearing, double boreMm, double outsideMm, double widthMm) {
            return new Sizes(bearing.kind(), bearing.plusTolerances(), bearing.innerRing(), boreMm, outsideMm, widthMm);
        }
    }

    /**
     * The part it sits in or on: bore of a hollow shaft, outside of a housing.
     *
     * @param hollowMm bore of the shaft, 0 when solid; outer ring: not used
     * @param housingMm outside of the housing; infinity for a heavy one; inner ring: not used
     */
    public record Part(double hollowMm, double housingMm, Material material) {}

    /**
     * What changes its clearance in service.
     *
     * @param otherRingUm mean interference of the other ring, µm; 0 when it is free
     * @param deltaK how much warmer the inner ring runs than the outer
     */
    public record Run(double otherRingUm, double deltaK) {}

    /**
     * Its classes.
     *
     * @param tolerance class of the bearing, P0 to P2
     * @param clearance class of the bearing, C2 to C5, CN
     */
    public record Classes(String tolerance, String clearance) {}

    /**
     * How the seat is made, and where.
     *
     * @param estimatedSizes true when outside and width were not told and a usual series stands in
     * @param ringWidth how the ring's own width was taken of a taper's assembled width; empty where it is the bearing's
     * @param place where it sits; null where it was not said
     */
    public record Seated(
            boolean rough,
            boolean estimatedSizes,
            String ringWidth,
            @Nullable FitPlace place) {}

    /** The seat's symbol, where it was not measured. @throws NullPointerException where it was, and none was typed */
    public String symbol() {
        return requireNonNull(seat, "a seat without a symbol");
    }

    /** True for a shaft on which elements roll: there is no inner ring. */
    public boolean raceway() {
        return inner && !bearing.innerRing();
    }

    /**
     * Deviations of the bearing's face at the seat; empty where none are listed. Of a bearing without an inner ring on
     * its shaft those of the size under its rollers; of a needle cage the housing's raceway G6, its rollers being
     * ground in grades; of a drawn cup's outside none: it is round only in its housing, and its size is taken as it is.
     */
    public Optional<Band> bearingBand() {
        if (kind() == BearingKind.NEEDLE_CAGE) {
            return inner ? SeatBands.hole("G6", outsideMm()) : Optional.empty();
        }
        if (raceway()) {
            return SeatBands.underRollers(kind(), boreMm());
        }
        if (kind() == BearingKind.DRAWN_CUP_NEEDLE_ROLLER) {
            return Optional.of(new Band(0, 0));
        }
        return SeatBands.bearing(kind(), bearing.plus(), inner ? "bore" : "outside", seatMm(), tolerance());
    }

    /** Diameter of the seat, mm. */
    public double seatMm() {
        return inner ? boreMm() : outsideMm();
    }

    /** Mean diameter of the inner raceway, mm. */
    public double innerRaceMm() {
        return boreMm() + 0.25 * (outsideMm() - boreMm());
    }

    /** Mean diameter of the outer raceway, mm. */
    public double outerRaceMm() {
        return outsideMm() - 0.25 * (outsideMm() - boreMm());
    }

    public BearingKind kind() {
        return bearing.kind();
    }

    public double boreMm() {
        return bearing.boreMm();
    }

    public double outsideMm() {
        return bearing.outsideMm();
    }

    public double widthMm() {
        return bearing.widthMm();
    }

    public double hollowMm() {
        return part.hollowMm();
    }

    public double housingMm() {
        return part.housingMm();
    }

    public Material material() {
        return part.material();
    }

    public double otherRingUm() {
        return run.otherRingUm();
    }

    public double deltaK() {
        return run.deltaK();
    }

    public String tolerance() {
        return classes.tolerance();
    }

    public String clearance() {
        return classes.clearance();
    }

    public boolean rough() {
        return seated.rough();
    }

    public boolean estimatedSizes() {
        return seated.estimatedSizes();
    }

    public @Nullable FitPlace place() {
        return seated.place();
    }
}
