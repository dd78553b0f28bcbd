package unbo.core.life;

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
        double[][] inner = new double[n][2];
        double[][] outer = new double[n][2];
        double moment = 0;
        for (int i = 0; i < n; i++) {
            double g = in.states().get(i).lateralG();
            double w = load(in, g);
            double side = in.leaning() ? 0 : w * g;
            double r = in.rollingRadiusM() * 1000;
            double fro = (w * (in.spreadMm() / 2 + in.offsetMm()) - side * r) / in.spreadMm();
            double fri = (w * (in.spreadMm() / 2 - in.offsetMm()) + side * r) / in.spreadMm();
            axial(in, Math.abs(fri), Math.abs(fro), side, inner[i], outer[i]);
            inner[i][0] = Math.abs(fri);
            outer[i][0] = Math.abs(fro);
            double bending = (w * in.offsetMm() - side * r) / 1000;
            moment = Math.abs(bending) > Math.abs(moment) ? bending : moment;
        }
        Side in1 = side(in, in.inner(), inner);
        Side out1 = side(in, in.outer(), outer);
        double m = in.inner().rollers() ? 9.0 / 8 : 10.0 / 9;
        double system = Math.pow(Math.pow(out1.lifeKm(), -m) + Math.pow(in1.lifeKm(), -m), -1 / m);
        return new WheelLife(in, in1, out1, system, moment);
    }

    /**
     * Static safety C0/P0 of the worse bearing when the wheel strikes a kerb: so many times the load from below, and
     * once the load from the side at the rim, either way, which the radius turns into F·R/a on both.
     */
    public double kerbSafety(double times) {
        double a = input.spreadMm();
        double w = input.wheelLoadN() * times;
        double r = input.rollingRadiusM() * 1000;
        double least = Double.POSITIVE_INFINITY;
        for (double side : new double[] {input.wheelLoadN(), -input.wheelLoadN()}) {
            double fro = Math.abs((w * (a / 2 + input.offsetMm()) - side * r) / a);
            double fri = Math.abs((w * (a / 2 - input.offsetMm()) + side * r) / a);
            double[] innerLoad = new double[2];
            double[] outerLoad = new double[2];
            axial(input, fri, fro, side, innerLoad, outerLoad);
            least = Math.min(least, input.inner().c0N() / staticN(input.inner(), fri, innerLoad[1]));
            least = Math.min(least, input.outer().c0N() / staticN(input.outer(), fro, outerLoad[1]));
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

    /**
     * Thrust on both bearings, with what each induces on the other; side force inboard positive, into the inner one.
     */
    private static void axial(WheelInput in, double fri, double fro, double side, double[] inner, double[] outer) {
        double si = induced(in.inner(), fri);
        double so = induced(in.outer(), fro);
        if (in.inner().straight() && in.outer().straight()) {
            inner[1] = Math.max(0, side);
            outer[1] = Math.max(0, -side);
            return;
        }
        inner[1] = Math.max(si, so + side);
        outer[1] = inner[1] - side;
    }

    /** Thrust that a bearing's radial load makes of itself, N. */
    static double induced(WheelInput.Bearing b, double radialN) {
        if (b.thrustless()) {
            return 0;
        }
        if (b.rollers()) {
            return 0.5 * radialN / (0.4 / tan(b));
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

    private static Side side(WheelInput in, WheelInput.Bearing b, double[][] loads) {
        double p = b.rollers() ? 10.0 / 3 : 3;
        double sum = 0;
        double shares = 0;
        int worst = 0;
        Load[] states = new Load[loads.length];
        double rating = Math.pow(b.cN(), p);
        double tan = b.rollers() ? tan(b) : 0;
        for (int i = 0; i < loads.length; i++) {
            double equivalent = Math.max(1e-9, equivalent(b, tan, loads[i][0], loads[i][1]));
            double share = in.states().get(i).share();
            double powered = Math.pow(equivalent, p);
            sum += share * powered;
            shares += share;
            worst = loads[i][0] > loads[worst][0] ? i : worst;
            states[i] = new Load(loads[i][0], loads[i][1], equivalent, rating / powered);
        }
        double mean = Math.pow(sum / shares, 1 / p);
        double basic = Math.pow(b.cN() / mean, p) * 2 * Math.PI * in.rollingRadiusM() * 1000;
        double relative = in.contamination() * LifeFactor.fatigueLimitN(b.c0N(), b.rollers()) / mean;
        double factor = in.oil().ep()
                ? LifeFactor.withEp(b.rollers(), in.kappa(), in.contamination(), relative)
                : LifeFactor.of(b.rollers(), in.kappa(), relative);
        return new Side(b, loads[worst][0], loads[worst][1], mean, basic, basic * factor, factor, List.of(states));
    }
}
