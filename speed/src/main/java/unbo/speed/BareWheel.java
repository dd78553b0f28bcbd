package unbo.speed;

import unbo.core.life.LifeFactor;
import unbo.core.life.WheelInput;

/** Life of a wheel's two tapers by the formulas alone: no records, no lists, nothing told besides. */
final class BareWheel {

    private static final double TAPER = 10.0 / 3;
    private static final double SLOPE = 9.0 / 8;

    private BareWheel() {}

    /** Modified life of the pair, km. */
    static double lifeKm(WheelInput in) {
        WheelInput.Bearing inner = in.inner();
        WheelInput.Bearing outer = in.outer();
        double ri = Math.tan(Math.toRadians(inner.contactDeg()));
        double ro = Math.tan(Math.toRadians(outer.contactDeg()));
        double r = in.rollingRadiusM() * 1000;
        double w = in.wheelLoadN();
        double sumInner = 0;
        double sumOuter = 0;
        double shares = 0;
        for (WheelInput.State state : in.states()) {
            double side = w * state.lateralG();
            double fro = Math.abs((w * (in.spreadMm() / 2 + in.offsetMm()) - side * r) / in.spreadMm());
            double fri = Math.abs((w * (in.spreadMm() / 2 - in.offsetMm()) + side * r) / in.spreadMm());
            double fai = Math.max(0.5 * fri / (0.4 / ri), 0.5 * fro / (0.4 / ro) + side);
            sumInner += state.share() * Math.pow(equivalent(fri, fai, ri), TAPER);
            sumOuter += state.share() * Math.pow(equivalent(fro, Math.max(0, fai - side), ro), TAPER);
            shares += state.share();
        }
        double li = life(in, inner, Math.pow(sumInner / shares, 1 / TAPER));
        double lo = life(in, outer, Math.pow(sumOuter / shares, 1 / TAPER));
        return Math.pow(Math.pow(lo, -SLOPE) + Math.pow(li, -SLOPE), -1 / SLOPE);
    }

    private static double equivalent(double radial, double axial, double tan) {
        return axial <= 1.5 * tan * radial ? radial : 0.4 * radial + 0.4 / tan * axial;
    }

    private static double life(WheelInput in, WheelInput.Bearing b, double mean) {
        double relative = in.contamination() * LifeFactor.fatigueLimitN(b.c0N(), true) / mean;
        double factor = in.oil().ep()
                ? LifeFactor.withEp(true, in.kappa(), in.contamination(), relative)
                : LifeFactor.of(true, in.kappa(), relative);
        return Math.pow(b.cN() / mean, TAPER) * 2 * Math.PI * in.rollingRadiusM() * 1000 * factor;
    }
}
