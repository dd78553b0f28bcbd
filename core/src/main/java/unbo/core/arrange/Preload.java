package unbo.core.arrange;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingKind;
import unbo.core.motion.Friction;

/**
 * Preload by turning torque: a spring scale on a string or an inch-pound wrench, seal drag set apart, judged by what is
 * usual for the place; and what axial preload that torque stands for, or the other way round. A pinion's figures are
 * never a wheel hub's. Torque of a preloaded pair of tapers: twice M0 + f1·2·Y·Fa·dm, Y = 0.4·cot α, for rolling alone;
 * at hand speed the ribs drag as well, so the preload is a quarter to a half of what that gives, taken as 0.4 of it.
 *
 * @param torqueNm measured, seals and their drag taken off; null where nothing was measured
 * @param preloadN that it stands for; null without torque, and where a torque tells none
 * @param expectedNm for the wanted preload; null where none is wanted
 */
public record Preload(
        Input input,
        @Nullable Double torqueNm,
        @Nullable Double preloadN,
        @Nullable Double expectedNm,
        @Nullable Double leastNm,
        @Nullable Double mostNm) {

    private static final double F1 = 0.0004;
    private static final double HAND_RPM = 30;
    private static final double NU = 200;
    private static final double PINION_NEW_LEAST = 1.7;
    private static final double PINION_NEW_MOST = 3.4;
    private static final double PINION_USED_LEAST = 0.9;
    private static final double PINION_USED_MOST = 1.7;
    private static final double HUB_MOST = 0.6;
    /** Of the rolling-only preload: at hand speed the ribs take the larger part of the torque. */
    private static final double RIB_SHARE = 0.4;

    private static final double LEAST_SHARE = 0.25;
    private static final double MOST_SHARE = 0.5;

    /** @param pitchMm mean of both pitch diameters */
    public record Input(
            String place,
            boolean used,
            @Nullable Double torqueNm,
            double sealNm,
            double pitchMm,
            double contactDeg,
            Wanted wanted,
            boolean crushSleeve) {
        /**
         * Preload wanted, and torques the maker names.
         *
         * @param makerLeast N·m
         * @param makerMost N·m
         */
        public record Wanted(
                @Nullable Double wantedN,
                @Nullable Double makerLeast,
                @Nullable Double makerMost) {}

        public @Nullable Double wantedN() {
            return wanted.wantedN();
        }

        public @Nullable Double makerLeast() {
            return wanted.makerLeast();
        }

        public @Nullable Double makerMost() {
            return wanted.makerMost();
        }
    }

    public static Preload of(Input in) {
        Double torque = in.torqueNm() == null ? null : Double.valueOf(Math.max(0, in.torqueNm() - in.sealNm()));
        boolean pinion = in.place().equals("pinion");
        Double least = in.makerLeast() != null
                ? in.makerLeast()
                : pinion ? Double.valueOf(in.used() ? PINION_USED_LEAST : PINION_NEW_LEAST) : null;
        Double most = in.makerMost() != null
                ? in.makerMost()
                : pinion
                        ? Double.valueOf(in.used() ? PINION_USED_MOST : PINION_NEW_MOST)
                        : in.place().equals("wheel-hub") ? Double.valueOf(HUB_MOST) : null;
        return new Preload(
                in,
                torque,
                torque == null || !tells(in) ? null : Double.valueOf(RIB_SHARE * rollingN(in, torque)),
                in.wantedN() == null ? null : Double.valueOf(torqueNm(in, in.wantedN() / RIB_SHARE)),
                least,
                most);
    }

    /** Torque of both bearings for a preload, N·m. */
    private static double torqueNm(Input in, double preloadN) {
        double y = 0.4 / Math.tan(Math.toRadians(in.contactDeg()));
        return 2
                * Friction.of(
                                new Friction.Turned(
                                        BearingKind.TAPERED_ROLLER,
                                        in.pitchMm(),
                                        in.pitchMm(),
                                        Friction.Seals.NONE,
                                        false),
                                new Friction.Oil(true, NU, HAND_RPM),
                                new Friction.Pressed(2 * y * preloadN, 0))
                        .totalNmm()
                / 1000;
    }

    /** Preload if all of the torque were rolling: an upper bound, N. */
    private static double rollingN(Input in, double torqueNm) {
        double y = 0.4 / Math.tan(Math.toRadians(in.contactDeg()));
        double idle = torqueNm(in, 0);
        return Math.max(0, (torqueNm - idle) * 1000 / (2 * F1 * 2 * y * in.pitchMm()));
    }

    /** True where a torque stands for a preload at all: not a pull at the handlebar, nor a hub that has none to set. */
    private static boolean tells(Input in) {
        return !in.place().equals("steering-head") && !in.place().equals("unit-hub");
    }

    /** Least preload that the torque may stand for, a quarter of what rolling alone would make of it, N. */
    public @Nullable Double leastN() {
        return preloadN == null ? null : Double.valueOf(preloadN / RIB_SHARE * LEAST_SHARE);
    }

    /** Most, half of it, N. */
    public @Nullable Double mostN() {
        return preloadN == null ? null : Double.valueOf(preloadN / RIB_SHARE * MOST_SHARE);
    }

    /**
     * True when the measured torque is inside what the place wants; null where nothing was measured or no band is
     * known.
     */
    public @Nullable Boolean inside() {
        if (torqueNm == null || most() == null) {
            return null;
        }
        return (leastNm == null || torqueNm >= leastNm - 1e-9) && torqueNm <= most() + 1e-9;
    }

    private @Nullable Double most() {
        return mostNm;
    }
}
