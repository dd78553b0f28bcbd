package unbo.core.running;

import unbo.core.bearing.BearingKind;
import unbo.core.motion.Friction;

/**
 * What a bearing drags at a speed, under a load, with its seals: torque, watts, and as a guide how warm that makes its
 * hub. In an oil bath the level counts: at the middle of the lowest element the lubricant's part is the least; from
 * there it grows, as a guide in a straight line, to twice as much where the oil stands at the shaft.
 *
 * @param warmK power over the hub's conductance
 */
public record BearingDrag(Input input, Friction friction, double powerW, double warmK) {

    public static final double GUIDE_W_K = 0.5;
    public static final double GUIDE_BORE_MM = 25;

    /** @param nu at the running temperature, mm²/s */
    public record Input(Candidate bearing, boolean grease, Load load, double rpm, double nu, Made made, Set set) {
        /** Loads. */
        public record Load(double radialN, double axialN) {}

        /** Seals and balls. */
        public record Made(Friction.Seals seals, boolean hybrid) {}

        /**
         * Its static rating, how its housing cools, and the oil it stands in.
         *
         * @param staticN C0, estimated from the inside
         * @param oilMm level of the oil over the middle of the lowest element, mm; 0 in grease
         */
        public record Set(double staticN, double conductance, double oilMm) {}

        public Input level(double mm) {
            return new Input(
                    bearing,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    rpm,
                    nu,
                    new Input.Made(seals(), hybrid()),
                    new Input.Set(staticN(), conductance(), mm));
        }

        public Input thick(double mm2s) {
            return new Input(
                    bearing,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    rpm,
                    mm2s,
                    new Input.Made(seals(), hybrid()),
                    new Input.Set(staticN(), conductance(), oilMm()));
        }

        public Input running(double turns) {
            return new Input(
                    bearing,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    turns,
                    nu,
                    new Input.Made(seals(), hybrid()),
                    new Input.Set(staticN(), conductance(), oilMm()));
        }

        /** A bearing of the same proportions, so many times as large, in a hub that sheds with its bore. */
        public Input sized(double times) {
            Candidate b = bearing.sized(times);
            return new Input(
                    b,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    rpm,
                    nu,
                    new Input.Made(seals(), hybrid()),
                    new Input.Set(b.ratings().c0N(), conductance() * times, oilMm() * times));
        }

        public Input with(Friction.Seals others, boolean ceramic) {
            return new Input(
                    bearing,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    rpm,
                    nu,
                    new Input.Made(others, ceramic),
                    new Input.Set(staticN(), conductance(), oilMm()));
        }

        public double radialN() {
            return load.radialN();
        }

        public double axialN() {
            return load.axialN();
        }

        public Friction.Seals seals() {
            return made.seals();
        }

        public boolean hybrid() {
            return made.hybrid();
        }

        public double staticN() {
            return set.staticN();
        }

        public double conductance() {
            return set.conductance();
        }

        public double oilMm() {
            return set.oilMm();
        }
    }

    public static BearingDrag of(Input in) {
        BearingKind kind = in.bearing().kind();
        boolean angular = kind.angular() || kind == BearingKind.FOUR_POINT_BALL;
        double p0 = kind.ball() ? Math.max(in.radialN(), 0.6 * in.radialN() + 0.5 * in.axialN()) : in.radialN();
        double p1 = kind.taper()
                ? Math.max(
                        in.radialN(),
                        2
                                * 0.4
                                / Math.tan(Math.toRadians(
                                        Math.max(8, in.bearing().geometry().contactDeg())))
                                * in.axialN())
                : angular
                        ? Math.max(in.radialN(), in.axialN() - 0.1 * in.radialN())
                        : kind.ball() ? Math.max(in.radialN(), 3 * in.axialN() - 0.1 * in.radialN()) : in.radialN();
        if (kind.axial()) {
            p0 = in.axialN();
            p1 = in.axialN();
        }
        Friction still = Friction.of(
                new Friction.Turned(
                        kind, in.bearing().geometry().pitchMm(), in.bearing().boreMm(), in.seals(), in.hybrid()),
                new Friction.Oil(in.grease(), in.nu(), in.rpm()),
                new Friction.Pressed(p1, p0 / in.staticN()));
        Friction f = new Friction(still.lubricantNmm() * (1 + churned(in)), still.loadNmm(), still.sealsNmm());
        return new BearingDrag(in, f, f.powerW(in.rpm()), f.powerW(in.rpm()) / in.conductance());
    }

    /** How far from the right level to the shaft's middle the oil stands, 0 to 1. */
    public static double churned(Input in) {
        return in.grease()
                ? 0
                : Math.max(0, Math.min(1, in.oilMm() / (in.bearing().geometry().pitchMm() / 2)));
    }
}
