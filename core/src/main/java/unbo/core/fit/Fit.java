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

    /** What the interference does, at the mean of what interferes. */
    public record Pressed(double pressureMPa, PressFit.Force mount, PressFit.Force remove) {}

    private static final double COLD_K = 0;
    /** Clearance within this of zero is about zero, µm: everybody's normal pairing, no alarm. */
    private static final double ABOUT_ZERO_UM = 3;

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
        Band bearing = in.bearingBand().orElseThrow();
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
                new Pressed(
                        ring.pressureMPa(acts.grippingMeanUm()),
                        ring.mount(acts, in.widthMm()),
                        ring.remove(acts, in.widthMm())),
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

    /** True when the asked class is under preload on the mean while it runs. */
    public boolean preload() {
        return chosen != null && chosen.warm().meanUm() < -ABOUT_ZERO_UM;
    }

    /** True when what is left on the mean is about zero, a little on either side. */
    public boolean aboutZero() {
        return chosen != null && Math.abs(chosen.warm().meanUm()) <= ABOUT_ZERO_UM;
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

    /** To press it on. */
    public PressFit.Force mount() {
        return pressed.mount();
    }

    /** To take it off. */
    public PressFit.Force remove() {
        return pressed.remove();
    }

    /** Where there is no inner ring the shaft is the raceway: what rolls there is clearance, never a hold. */
    public boolean raceway() {
        return input.raceway();
    }
}
