package unbo.core.heat;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.Material;
import unbo.core.fit.PressFit;

/**
 * How hot a ring (or a housing) must be to slide over (or take) its counterpart, what chilling the other part saves,
 * and how many seconds there are until it grips. One would ask it before the oven is set. Method: free expansion of
 * both parts; the ring cools in still air by Newton's law, h = {@value #AIR_W_M2K} W/m²K over its surfaces. Once it
 * touches the cold part it grips in a second or two: the seconds are those in the hand.
 *
 * @param ringC temperature needed, not capped
 * @param gripC temperature at which it just grips
 * @param chillC to what the other part must be chilled so that the limit suffices; null where it suffices already
 * @param pressN force of pressing it instead; null where sizes are not known
 */
public record HeatPlan(
        HeatInput input,
        double slidingUm,
        double ringC,
        double gripC,
        Cooling cooling,
        @Nullable Double chillC,
        @Nullable Double pressN) {
    /**
     * How long it stays open.
     *
     * @param fromC temperature from which the seconds count: the one needed, or the limit
     * @param tauS time constant of the ring in air, s; null where mass or sizes are not known
     * @param secondsAvailable from {@code fromC} down to {@code gripC}; null where not known, 0 where the limit is
     *     under the grip
     */
    public record Cooling(
            double fromC, @Nullable Double tauS, @Nullable Double secondsAvailable) {}

    static final double AIR_W_M2K = 12;
    /** A workshop's freezer and dry ice, °C. */
    public static final double FREEZER_C = -18;

    public static final double DRY_ICE_C = -78;
    private static final double STEEL_KG_PER_MM3 = 7.8e-6;

    public static HeatPlan of(HeatInput in) {
        double sliding = in.slidingUm() != null ? in.slidingUm() : Math.max(20, Math.min(50, in.seatMm()));
        double ring = needed(in, in.interferenceUm() + sliding);
        double grip = needed(in, in.interferenceUm());
        double from = Math.min(in.limitC(), ring);
        Double tau = tau(in);
        Double chill = ring <= in.limitC()
                ? null
                : in.otherC()
                        - (ring - in.limitC()) * in.heated().perK() / in.other().perK();
        return new HeatPlan(
                in, sliding, ring, grip, new Cooling(from, tau, seconds(in, tau, from, grip)), chill, press(in));
    }

    /** Null where its cooling is not known, or where it never grips in the hand: the other part is chilled enough. */
    private static @Nullable Double seconds(HeatInput in, @Nullable Double tau, double from, double grip) {
        if (tau == null || from > grip && grip <= in.ambientC()) {
            return null;
        }
        return from <= grip ? 0 : tau * Math.log((from - in.ambientC()) / (grip - in.ambientC()));
    }

    private static double needed(HeatInput in, double um) {
        return in.ambientC()
                + um / 1000 / (in.heated().perK() * in.seatMm())
                - in.other().perK() / in.heated().perK() * (in.ambientC() - in.otherC());
    }

    private static @Nullable Double tau(HeatInput in) {
        if (in.outsideMm() == null || in.widthMm() == null || in.housing()) {
            return null;
        }
        double d = requireNonNull(in.boreMm());
        double outside = in.outsideMm();
        double area = Math.PI * (d + outside) * in.widthMm() + Math.PI / 2 * (outside * outside - d * d);
        double mass = in.massKg() != null
                ? in.massKg()
                : Math.PI / 4 * (outside * outside - d * d) * in.widthMm() * STEEL_KG_PER_MM3 * 0.7;
        return mass * in.heated().heatJPerKgK() / (AIR_W_M2K * area * 1e-6);
    }

    private static @Nullable Double press(HeatInput in) {
        if (in.outsideMm() == null || in.widthMm() == null || in.boreMm() == null || in.interferenceUm() <= 0) {
            return null;
        }
        double ring = (in.outsideMm() - in.boreMm()) * 0.25;
        PressFit fit = in.housing()
                ? new PressFit(
                        in.outsideMm(), in.outsideMm() - ring, Double.POSITIVE_INFINITY, Material.STEEL, in.heated())
                : new PressFit(in.boreMm(), 0, in.boreMm() + ring, in.other(), in.heated());
        return fit.forceN(in.interferenceUm(), in.widthMm(), PressFit.OILED);
    }

    public boolean withinLimit() {
        return ringC <= input.limitC() + 1e-9;
    }

    /**
     * How much wider than its counterpart the heated part is after some seconds in the hand, µm; negative when it
     * grips.
     */
    public double openingUm(double seconds) {
        double now = input.ambientC() + (fromC() - input.ambientC()) * Math.exp(-seconds / requireNonNull(tauS()));
        return (now - gripC) * input.heated().perK() * input.seatMm() * 1000;
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
