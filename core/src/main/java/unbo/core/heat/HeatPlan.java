package unbo.core.heat;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.Interference;
import unbo.core.fit.Material;
import unbo.core.fit.PressFit;

/**
 * How hot a ring (or a housing) must be to slide over (or take) its counterpart, what chilling the other part saves,
 * and how many seconds there are until it grips. One would ask it before the oven is set. Method: free expansion of
 * both parts; the ring cools in still air by Newton's law, h = 12 W/m²K over its surfaces. Once it touches the cold
 * part it grips in a second or two: the seconds are those in the hand.
 *
 * @param ringC temperature needed, not capped
 * @param gripC temperature at which it just grips
 * @param chillC to what the other part must be chilled so that the limit suffices; null where it suffices already
 * @param press force of pressing it instead; null where sizes are not known
 */
public record HeatPlan(
        HeatInput input,
        double slidingUm,
        double ringC,
        double gripC,
        Cooling cooling,
        @Nullable Double chillC,
        PressFit.@Nullable Force press) {
    /**
     * How long it stays open.
     *
     * @param fromC temperature from which the seconds count: the one needed, or the limit
     * @param tauS time constant of the ring in air, s; null where mass or sizes are not known
     * @param secondsAvailable from {@code fromC} until it grips; null where not known, 0 where it does not open
     * @param secondsAtLimit the same from the limit
     */
    public record Cooling(
            double fromC,
            @Nullable Double tauS,
            @Nullable Double secondsAvailable,
            @Nullable Double secondsAtLimit) {}

    static final double AIR_W_M2K = OvenSoak.STILL_W_M2K;
    /** A workshop's freezer and dry ice, °C. */
    public static final double FREEZER_C = -18;

    public static final double DRY_ICE_C = -78;
    /** Thickness of a bearing's ring, share of outside less bore. */
    private static final double RING_SHARE = 0.25;
    /** A housing round its bearing taken as a boss, times the bearing's outside: an estimate. */
    private static final double BOSS = 1.5;
    /** Open by less it binds before it is home, µm. */
    private static final double SLIDES_UM = 5;

    public static HeatPlan of(HeatInput in) {
        double sliding = in.slidingUm() != null ? in.slidingUm() : Math.max(20, Math.min(50, in.seatMm()));
        double ring = needed(in, in.interferenceUm() + sliding);
        double grip = needed(in, in.interferenceUm());
        double from = Math.max(in.ambientC(), Math.min(in.limitC(), ring));
        Taus tau = Taus.of(in);
        Double chill = ring <= in.limitC()
                ? null
                : in.otherC()
                        - (ring - in.limitC()) * in.heated().perK() / in.other().perK();
        return new HeatPlan(
                in,
                sliding,
                ring,
                grip,
                new Cooling(from, tau.heatedS(), seconds(in, tau, from), seconds(in, tau, in.limitC())),
                chill,
                press(in));
    }

    /**
     * Time constants in air, s, null where not known.
     *
     * @param otherS of the part that may be chilled; a shaft is so heavy against its ring that it stays as it is
     */
    private record Taus(@Nullable Double heatedS, @Nullable Double otherS) {

        static Taus of(HeatInput in) {
            if (in.outsideMm() == null || in.widthMm() == null || in.boreMm() == null) {
                return new Taus(null, null);
            }
            double bore = in.boreMm();
            double outside = in.outsideMm();
            double width = in.widthMm();
            double outer = outside - RING_SHARE * (outside - bore);
            if (in.housing()) {
                Double boss = new Ring(outside, outside * BOSS, width, in.massKg(), in.heated(), 1).tauS(AIR_W_M2K);
                return new Taus(boss, new Ring(outer, outside, width, null, in.other(), 1).tauS(AIR_W_M2K));
            }
            double inner = in.ring().alone() ? bore + RING_SHARE * (outside - bore) : outside;
            return new Taus(
                    new Ring(
                                    bore,
                                    inner,
                                    width,
                                    in.massKg(),
                                    in.heated(),
                                    in.ring().alone() ? 1 : Ring.BEARING_FILLED)
                            .tauS(AIR_W_M2K),
                    Double.POSITIVE_INFINITY);
        }
    }

    /** Opening of the seat over the interference after some seconds in the hand, µm; negative when it grips. */
    private static double opening(HeatInput in, Taus tau, double fromC, double seconds) {
        double warm = (fromC - in.ambientC()) * Math.exp(-seconds / requireNonNull(tau.heatedS()));
        double cold = (in.ambientC() - in.otherC()) * Math.exp(-seconds / requireNonNull(tau.otherS()));
        return (in.heated().perK() * warm + in.other().perK() * cold) * in.seatMm() * 1000 - in.interferenceUm();
    }

    /** Null where its cooling is not known or the chill alone keeps it open; 0 where it does not open at all. */
    private static @Nullable Double seconds(HeatInput in, Taus tau, double fromC) {
        if (tau.heatedS() == null || tau.otherS() == null || in.interferenceUm() <= 0) {
            return null;
        }
        if (opening(in, tau, fromC, 0) <= 0) {
            return 0.0;
        }
        boolean stays = Double.isInfinite(tau.otherS());
        if (stays && opening(in, tau, in.ambientC(), 0) >= 0) {
            return null;
        }
        double open = 0;
        double shut = 1;
        while (opening(in, tau, fromC, shut) > 0) {
            open = shut;
            shut *= 2;
        }
        for (int i = 0; i < 60; i++) {
            double middle = (open + shut) / 2;
            if (opening(in, tau, fromC, middle) > 0) {
                open = middle;
            } else {
                shut = middle;
            }
        }
        return open;
    }

    private static double needed(HeatInput in, double um) {
        return in.ambientC()
                + um / 1000 / (in.heated().perK() * in.seatMm())
                - in.other().perK() / in.heated().perK() * (in.ambientC() - in.otherC());
    }

    private static PressFit.@Nullable Force press(HeatInput in) {
        if (in.outsideMm() == null || in.widthMm() == null || in.boreMm() == null || in.interferenceUm() <= 0) {
            return null;
        }
        double ring = (in.outsideMm() - in.boreMm()) * 0.25;
        PressFit fit = in.housing()
                ? new PressFit(
                        in.outsideMm(), in.outsideMm() - ring, Double.POSITIVE_INFINITY, Material.STEEL, in.heated())
                : new PressFit(in.boreMm(), 0, in.boreMm() + ring, in.other(), in.heated());
        double least =
                in.hold().leastUm() == null ? in.interferenceUm() : in.hold().leastUm();
        return fit.mount(new Interference(least, in.hold().meanUm(), in.interferenceUm()), in.widthMm());
    }

    public boolean withinLimit() {
        return ringC <= input.limitC() + 1e-9;
    }

    /** True where the other part is chilled so far that nothing has to be heated. */
    public boolean chillAlone() {
        return ringC <= input.ambientC();
    }

    /** True where it slides at its limit though a comfortable clearance would take more: open, and for a while. */
    public boolean slidesAtLimit() {
        Double seconds = cooling.secondsAtLimit();
        return atLimitUm(input.interferenceUm()) >= SLIDES_UM && (seconds == null || seconds > 0);
    }

    /** How far the seat opens at the limit over an interference, µm; negative where that still grips. */
    public double atLimitUm(double interferenceUm) {
        return opensUm() - interferenceUm;
    }

    /** How far the seat opens at the limit, µm. */
    public double opensUm() {
        return (input.heated().perK() * (input.limitC() - input.ambientC())
                        + input.other().perK() * (input.ambientC() - input.otherC()))
                * input.seatMm()
                * 1000;
    }

    /**
     * How much wider than its counterpart the heated part is after some seconds in the hand, µm; negative when it
     * grips.
     */
    public double openingUm(double seconds) {
        return opening(input, Taus.of(input), fromC(), seconds);
    }

    public @Nullable Double secondsAtLimit() {
        return cooling.secondsAtLimit();
    }

    public double fromC() {
        return cooling.fromC();
    }

    public @Nullable Double tauS() {
        return cooling.tauS();
    }

    public @Nullable Double secondsAvailable() {
        return cooling.secondsAvailable();
    }
}
