package unbo.core.fit;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Clearances;

/**
 * What a fit does to a bearing: interference from both tolerance bands, pressure, force, and the radial clearance that
 * is left. One would ask it before a ring is pressed on, and when a class of clearance is chosen. Method: bands by ISO
 * 286 and ISO 492, thick rings by Lamé, clearances by ISO 5753-1. Judged on the mean; the worst case is a band beside
 * it. Limits: the ring counts as thick as its mean, the raceway of the other ring as round and free.
 *
 * @param ring the ring and its counterpart as thick rings
 * @param lossUm loss of clearance at least, mean and most interference
 * @param thermalUm α·dm·ΔT
 * @param left what each class leaves, cold and warm; empty for kinds whose classes are not listed
 * @param chosen that of the class that was asked; null when it is not listed
 */
public record Fit(
        FitInput input,
        Bands bands,
        PressFit ring,
        Pressed pressed,
        Interference lossUm,
        double thermalUm,
        List<Left> left,
        @Nullable Left chosen) {
    /** Deviations of both, and what they come to. */
    public record Bands(Band seatBand, Band bearingBand, Interference interference) {}

    /** What the interference does. */
    public record Pressed(double pressureMPa, double pressN) {}

    /** Steel's expansion, which bearing rings share. */
    private static final double COLD_K = 0;
    /** Removal takes this many times the force of mounting, least and most; more when rusted. */
    public static final double REMOVE_LEAST = 1.5;

    public static final double REMOVE_MOST = 2;

    /**
     * Clearance that is left of a class.
     *
     * @param cold min, mean, max on the bench, µm
     * @param warm the same while it runs
     */
    public record Left(String clearanceClass, Clearances.Band made, Interference cold, Interference warm) {}

    public static Fit of(FitInput in) {
        Band seat = in.measured() != null
                ? in.measured()
                : (in.inner() ? SeatBands.shaft(in.symbol(), in.boreMm()) : SeatBands.hole(in.symbol(), in.outsideMm()))
                        .orElseThrow();
        Band bearing = SeatBands.bearing(in.kind(), in.inner() ? "bore" : "outside", in.seatMm(), in.tolerance())
                .orElseThrow();
        Interference made = in.inner() ? Interference.of(seat, bearing) : Interference.of(bearing, seat);
        Interference acts = in.rough() ? made.rough(in.seatMm()) : made;
        PressFit ring = in.inner()
                ? new PressFit(in.boreMm(), in.hollowMm(), in.innerRaceMm(), in.material(), Material.STEEL)
                : new PressFit(in.outsideMm(), in.outerRaceMm(), in.housingMm(), Material.STEEL, in.material());
        Interference loss = new Interference(
                loss(in, ring, acts.minUm()), loss(in, ring, acts.meanUm()), loss(in, ring, acts.maxUm()));
        double thermal = thermalUm(in, in.deltaK());
        List<Left> left = new ArrayList<>();
        double other = otherLoss(in);
        for (Clearances.Band made1 : Clearances.of(in.kind(), in.boreMm())) {
            left.add(new Left(
                    made1.code(),
                    made1,
                    left(made1, loss, other + thermalUm(in, COLD_K)),
                    left(made1, loss, other + thermal)));
        }
        return new Fit(
                in,
                new Bands(seat, bearing, acts),
                ring,
                new Pressed(ring.pressureMPa(acts.meanUm()), ring.forceN(acts.meanUm(), in.widthMm(), PressFit.OILED)),
                loss,
                thermal,
                List.copyOf(left),
                left.stream()
                        .filter(l -> l.clearanceClass().equals(in.clearance()))
                        .findFirst()
                        .orElse(null));
    }

    private static double loss(FitInput in, PressFit ring, double um) {
        return in.inner() ? ring.outerGrowthUm(um) : ring.innerShrinkUm(um);
    }

    /** What the other ring's interference takes, with a solid steel shaft or a heavy steel housing. */
    private static double otherLoss(FitInput in) {
        if (in.otherRingUm() <= 0) {
            return 0;
        }
        return in.inner()
                ? in.otherRingUm() * in.outerRaceMm() / in.outsideMm()
                : in.otherRingUm() * in.boreMm() / in.innerRaceMm();
    }

    private static double thermalUm(FitInput in, double kelvin) {
        return Material.STEEL.perK() * (in.boreMm() + in.outsideMm()) / 2 * kelvin * 1000;
    }

    private static Interference left(Clearances.Band made, Interference loss, double besides) {
        return new Interference(
                made.minUm() - loss.maxUm() - besides,
                made.meanUm() - loss.meanUm() - besides,
                made.maxUm() - loss.minUm() - besides);
    }

    /** True when the asked class is side by side under preload on the mean while it runs. */
    public boolean preload() {
        return chosen != null && chosen.warm().meanUm() < 0;
    }

    /** The tightest class that leaves a clearance on the mean while it runs; null when none does or none is listed. */
    public @Nullable String classThatLeaves() {
        return left.stream()
                .filter(l -> !l.clearanceClass().equals("C2") && l.warm().meanUm() >= 0)
                .map(Left::clearanceClass)
                .findFirst()
                .orElse(null);
    }

    /**
     * Interference that is left when part and bearing are both {@code kelvin} warmer, µm: alloy housings lose their
     * hold.
     */
    public Interference warmed(double kelvin) {
        double grows = (input.material().perK() - Material.STEEL.perK()) * input.seatMm() * kelvin * 1000;
        double change = input.inner() ? grows : -grows;
        return new Interference(
                interference().minUm() + change,
                interference().meanUm() + change,
                interference().maxUm() + change);
    }

    public Band seatBand() {
        return bands.seatBand();
    }

    public Band bearingBand() {
        return bands.bearingBand();
    }

    public Interference interference() {
        return bands.interference();
    }

    public double pressureMPa() {
        return pressed.pressureMPa();
    }

    public double pressN() {
        return pressed.pressN();
    }
}
