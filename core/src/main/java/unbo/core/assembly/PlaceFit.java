package unbo.core.assembly;

import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.fit.Band;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.Material;

/** The fit of one ring at a place of an assembly. */
public final class PlaceFit {

    /** How much warmer the inner ring runs than the outer while nothing is said, K. */
    private static final double RUNS_WARMER_K = 10;

    private static final String CLASS = "CN";

    private PlaceFit() {}

    /**
     * What a seat is.
     *
     * @param symbol ISO symbol; empty where it was measured
     * @param measured deviation of the seat from the bearing's size; null where a symbol stands
     */
    public record Seat(String symbol, @Nullable Band measured) {}

    /** The seat that a ring has by its kind of assembly; empty where that side is no seat. */
    public static Optional<Seat> usual(KindPlace place, boolean inner) {
        KindPlace.Hold hold = inner ? place.inner() : place.outer();
        return hold.seat() ? Optional.of(new Seat(hold.fit(), null)) : Optional.empty();
    }

    /**
     * The fit of a ring.
     *
     * @param bearing null where none is known: the usual one of the place stands in
     * @param otherUm mean interference of the other ring, µm
     * @return empty where the bearing's bands are not listed, or the seat's are not at this size
     */
    public static Optional<Fit> of(
            KindPlace place, @Nullable Bearing bearing, boolean inner, Seat seat, double otherUm) {
        FitInput.Sizes sizes = sizes(place, bearing);
        FitInput in = new FitInput(
                sizes,
                inner,
                seat.symbol().isEmpty() ? null : seat.symbol(),
                seat.measured(),
                new FitInput.Part(0, Double.POSITIVE_INFINITY, inner ? Material.STEEL : Material.of(place.material())),
                new FitInput.Run(otherUm, RUNS_WARMER_K),
                new FitInput.Classes(tolerance(bearing), clearance(bearing)),
                new FitInput.Seated(false, bearing == null, "", null));
        boolean known = in.bearingBand().isPresent()
                && (seat.measured() != null
                        || (inner
                                        ? unbo.core.fit.SeatBands.shaft(seat.symbol(), in.boreMm())
                                        : unbo.core.fit.SeatBands.hole(seat.symbol(), in.outsideMm()))
                                .isPresent());
        return known ? Optional.of(Fit.of(in)) : Optional.empty();
    }

    /** Diameter of a seat by the bearing that sits there, mm. */
    public static double sizeMm(KindPlace place, @Nullable Bearing bearing, boolean inner) {
        FitInput.Sizes sizes = sizes(place, bearing);
        return inner ? sizes.boreMm() : sizes.outsideMm();
    }

    private static FitInput.Sizes sizes(KindPlace place, @Nullable Bearing bearing) {
        KindPlace.Usual usual = place.usual();
        if (bearing == null || bearing.boreMm() == null || bearing.outsideMm() == null) {
            return new FitInput.Sizes(usual.kind(), false, true, usual.boreMm(), usual.outsideMm(), usual.widthMm());
        }
        Double width = bearing.widthMm();
        return FitInput.Sizes.of(
                bearing, bearing.boreMm(), bearing.outsideMm(), width == null ? usual.widthMm() : width);
    }

    private static String tolerance(@Nullable Bearing bearing) {
        return bearing == null || bearing.suffixes().tolerance() == null
                ? "P0"
                : bearing.suffixes().tolerance();
    }

    private static String clearance(@Nullable Bearing bearing) {
        return bearing == null || bearing.suffixes().clearance() == null
                ? CLASS
                : bearing.suffixes().clearance();
    }
}
