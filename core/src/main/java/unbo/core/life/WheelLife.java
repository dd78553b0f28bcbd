package unbo.core.life;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * Loads and life of a wheel's two bearings. Equilibrium in the vertical plane through the axle; x outboard from midway
 * between the pressure centres, outer bearing at +a/2: Fro = (W'·(a/2 + s) − Fy·R)/a, Fri = (W'·(a/2 − s) + Fy·R)/a,
 * the side force inboard on the outside wheel of a bend. Tapers and angular contact pairs induce thrust on each other;
 * the side force inboard goes into the inner one. Equivalent load and basic life by ISO 281, modified by a_ISO; the
 * pair by the product law with Weibull slopes 10/9 and 9/8. Limits: rigid hub, no preload; load transfer only with
 * track and height of the centre of gravity.
 *
 * @param systemLifeKm modified life of the pair, km
 * @param flangeMomentNm largest bending moment on the flange over the states
 */
public record WheelLife(WheelInput input, Side inner, Side outer, double systemLifeKm, double flangeMomentNm) {

    private static final double GRAVITY = 1;
    /** Between the 15° and the 25° design of an angular contact bearing. */
    private static final double MIDDLE_DEG = 20;

    private static final double[][] ANGULAR = {
        {25, 0.41, 0.87, 0.68}, {30, 0.39, 0.76, 0.80}, {35, 0.37, 0.66, 0.95}, {40, 0.35, 0.57, 1.14}
    };

    /** Loads of one bearing in one state, N. */
    public record Load(double radialN, double axialN, double equivalentN, double lifeMillions) {}

    /**
     * One bearing.
     *
     * @param radialN of the state with the largest radial, as is axialN
     * @param equivalentN mean over the states
     */
    public record Side(
            WheelInput.Bearing bearing,
            double radialN,
            double axialN,
            double equivalentN,
            double basicLifeKm,
            double lifeKm,
            double factor,
            List<Load> states) {}

    public static WheelLife of(WheelInput in) {
        int n = in.states().size();
        Load[] inner = new Load[n];
        Load[] outer = new Load[n];
        double moment = 0;
        double r = in.rollingRadiusM() * 1000;
        double a = in.spreadMm();
        Rated ratedInner = Rated.of(in.inner());
        Rated ratedOuter = Rated.of(in.outer());
        boolean straight = in.inner().straight() && in.outer().straight();
        for (int i = 0; i < n; i++) {
            double g = in.states().get(i).lateralG();
            double w = load(in, g);
            double side = in.leaning() ? 0 : w * g;
            double fri = Math.abs((w * (a / 2 - in.offsetMm()) + side * r) / a);
            double fro = Math.abs((w * (a / 2 + in.offsetMm()) - side * r) / a);
            Thrust thrust = straight
                    ? Thrust.of(side)
                    : Thrust.of(
                            induced(in.inner(), ratedInner.tan(), fri),
                            induced(in.outer(), ratedOuter.tan(), fro),
                            side);
            inner[i] = ratedInner.load(fri, thrust.inner());
            outer[i] = ratedOuter.load(fro, thrust.outer());
            double bending = (w * in.offsetMm() - side * r) / 1000;
            moment = Math.abs(bending) > Math.abs(moment) ? bending : moment;
        }
        Side innerSide = side(in, ratedInner, inner);
        Side outerSide = side(in, ratedOuter, outer);
        double m = in.inner().rollers() ? 9.0 / 8 : 10.0 / 9;
        double system = Math.pow(Math.pow(outerSide.lifeKm(), -m) + Math.pow(innerSide.lifeKm(), -m), -1 / m);
        return new WheelLife(in, innerSide, outerSide, system, moment);
    }

    /** Axial force on both bearings, N; the side force inboard is positive and goes into the inner one. */
    private record Thrust(double inner, double outer) {

        /** Of two whose radial loads make none. */
        static Thrust of(double side) {
            return new Thrust(Math.max(0, side), Math.max(0, -side));
        }

        /** Of two that induce it on each other, N. */
        static Thrust of(double byInner, double byOuter, double side) {
            double inner = Math.max(byInner, byOuter + side);
            return new Thrust(inner, inner - side);
        }
    }

    /**
     * What all states of one bearing share.
     *
     * @param tan of the contact angle; of rollers alone it counts
     * @param exponent of its life, 10/3 for rollers, 3 for balls (ISO 281)
     * @param rating C in N, to that exponent
     */
    private record Rated(WheelInput.Bearing bearing, double tan, double exponent, double rating) {

        static Rated of(WheelInput.Bearing b) {
            double exponent = b.rollers() ? 10.0 / 3 : 3;
            return new Rated(b, WheelLife.tan(b), exponent, Math.pow(b.cN(), exponent));
        }

        Load load(double radialN, double axialN) {
            double equivalent = Math.max(1e-9, equivalent(bearing, tan, radialN, axialN));
            return new Load(radialN, axialN, equivalent, rating / Math.pow(equivalent, exponent));
        }
    }

    /**
     * Static safety C0/P0 of the worse bearing when the wheel strikes a kerb: so many times the load from below, and
     * once the load from the side at the rim, either way, which the radius turns into F·R/a on both.
     */
    public double kerbSafety(double times) {
        double a = input.spreadMm();
        double w = input.wheelLoadN() * times;
        double r = input.rollingRadiusM() * 1000;
        boolean straight = input.inner().straight() && input.outer().straight();
        double least = Double.POSITIVE_INFINITY;
        for (double side : new double[] {input.wheelLoadN(), -input.wheelLoadN()}) {
            double fro = Math.abs((w * (a / 2 + input.offsetMm()) - side * r) / a);
            double fri = Math.abs((w * (a / 2 - input.offsetMm()) + side * r) / a);
            Thrust thrust = straight
                    ? Thrust.of(side)
                    : Thrust.of(induced(input.inner(), fri), induced(input.outer(), fro), side);
            least = Math.min(least, input.inner().c0N() / staticN(input.inner(), fri, thrust.inner()));
            least = Math.min(least, input.outer().c0N() / staticN(input.outer(), fro, thrust.outer()));
        }
        return least;
    }

    /** P0 of ISO 76, N. */
    static double staticN(WheelInput.Bearing b, double radialN, double axialN) {
        double axial = Math.max(0, axialN);
        if (b.thrustless()) {
            return Math.max(1, radialN);
        }
        if (b.rollers()) {
            return Math.max(
                    1, Math.max(radialN, 0.5 * radialN + 0.22 / Math.tan(Math.toRadians(b.contactDeg())) * axial));
        }
        return b.deepGroove()
                ? Math.max(1, Math.max(radialN, 0.6 * radialN + 0.5 * axial))
                : Math.max(1, Math.max(radialN, 0.5 * radialN + staticY0(b.contactDeg()) * axial));
    }

    /** Y0 of ISO 76 for angular contact: 0.46 at 15°, 0.38 at 25°, 0.33 at 30°, 0.29 at 35°, 0.26 at 40°. */
    private static double staticY0(double degrees) {
        return degrees < 20 ? 0.46 : degrees < 27.5 ? 0.38 : degrees < 32.5 ? 0.33 : degrees < 37.5 ? 0.29 : 0.26;
    }

    /** Load on this wheel in a state, N. */
    private static double load(WheelInput in, double g) {
        if (in.leaning()) {
            return in.wheelLoadN() * Math.sqrt(GRAVITY + g * g);
        }
        if (in.trackMm() == null || in.cgHeightMm() == null) {
            return in.wheelLoadN();
        }
        return Math.max(0, in.wheelLoadN() + 2 * in.wheelLoadN() * g * in.cgHeightMm() / in.trackMm());
    }

    /** Thrust that a bearing's radial load makes of itself, N. */
    static double induced(WheelInput.Bearing b, double radialN) {
        return induced(b, tan(b), radialN);
    }

    /** @param tan of the contact angle; of rollers alone it counts */
    private static double induced(WheelInput.Bearing b, double tan, double radialN) {
        if (b.thrustless()) {
            return 0;
        }
        if (b.rollers()) {
            return 0.5 * radialN / (0.4 / tan);
        }
        return b.deepGroove()
                ? 0
                : b.contactDeg() < MIDDLE_DEG
                        ? FifteenDegrees.inducedN(radialN, b.f0(), b.c0N())
                        : angular(b.contactDeg())[3] * radialN;
    }

    private static double[] angular(double degrees) {
        double[] best = ANGULAR[0];
        for (double[] row : ANGULAR) {
            best = Math.abs(row[0] - degrees) < Math.abs(best[0] - degrees) ? row : best;
        }
        return best;
    }

    private static double tan(WheelInput.Bearing b) {
        return Math.tan(Math.toRadians(b.contactDeg()));
    }

    /** Equivalent load, N. */
    static double equivalent(WheelInput.Bearing b, double radialN, double axialN) {
        return equivalent(b, tan(b), radialN, axialN);
    }

    /** @param tan of the contact angle; of rollers alone it counts */
    private static double equivalent(WheelInput.Bearing b, double tan, double radialN, double axialN) {
        double axial = Math.max(0, axialN);
        if (b.thrustless()) {
            return radialN;
        }
        if (b.rollers()) {
            return axial <= 1.5 * tan * radialN ? radialN : 0.4 * radialN + 0.4 / tan * axial;
        }
        if (b.deepGroove()) {
            return DeepGroove.equivalentN(radialN, axial, b.f0(), b.c0N());
        }
        if (b.contactDeg() < MIDDLE_DEG) {
            return FifteenDegrees.equivalentN(radialN, axial, b.f0(), b.c0N());
        }
        double[] row = angular(b.contactDeg());
        return axial <= row[3] * radialN ? radialN : row[1] * radialN + row[2] * axial;
    }

    private static Side side(WheelInput in, Rated rated, Load[] loads) {
        WheelInput.Bearing b = rated.bearing();
        double sum = 0;
        double shares = 0;
        Load worst = loads[0];
        for (int i = 0; i < loads.length; i++) {
            double share = in.states().get(i).share();
            sum += share / loads[i].lifeMillions();
            shares += share;
            worst = loads[i].radialN() > worst.radialN() ? loads[i] : worst;
        }
        double millions = shares / sum;
        double mean = b.cN() / Math.pow(millions, 1 / rated.exponent());
        double basic = millions * 2 * Math.PI * in.rollingRadiusM() * 1000;
        double relative = in.contamination() * LifeFactor.fatigueLimitN(b.c0N(), b.rollers()) / mean;
        double factor = in.oil().ep()
                ? LifeFactor.withEp(b.rollers(), in.kappa(), in.contamination(), relative)
                : LifeFactor.of(b.rollers(), in.kappa(), relative);
        List<Load> states = Collections.unmodifiableList(Arrays.asList(loads));
        return new Side(b, worst.radialN(), worst.axialN(), mean, basic, basic * factor, factor, states);
    }
}
