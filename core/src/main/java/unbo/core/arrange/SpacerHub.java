package unbo.core.arrange;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Clearances;
import unbo.core.bearing.Ratings;
import unbo.core.life.DeepGroove;

/**
 * A wheel hub of two ball bearings on a spacer tube, both outer rings on shoulders: what a spacer that is too long or
 * too short does once the axle is clamped. While its error stays within the axial clearance that the mounted bearings
 * have, it does nothing; beyond it both are side-loaded, by the force of balls pressed into their grooves (Hertz
 * contact, both races in series; ellipse by Brewe and Hamrock's fit, Journal of Lubrication Technology 99, 1977), rings
 * and hub taken as rigid: an upper bound. What it costs in life is told by the equivalent load of ISO 281.
 *
 * @param axialMm clearance that each bearing has along the axle, Ga
 * @param squeezeMm what is left over for each, u; 0 or less where nothing is pressed
 * @param sideN force on each bearing, an upper bound
 * @param lifeShare life with it, as a share of life without; 1 where nothing is pressed
 */
public record SpacerHub(
        Input input, double axialMm, double squeezeMm, double stiffness, double sideN, double lifeShare) {

    static final double GROOVES = 0.05;
    private static final double INNER_GROOVE = 0.52;
    private static final double OUTER_GROOVE = 0.53;
    private static final double E_PRIME = 206_000 / (1 - 0.3 * 0.3);

    /**
     * @param errorMm spacer less shoulder distance @param clearanceUm radial clearance as mounted @param radialN load
     *     on one bearing
     */
    public record Input(
            String designation,
            @Nullable Double spacerMm,
            BearingGeometry geometry,
            double c0N,
            double errorMm,
            double clearanceUm,
            double radialN,
            boolean shoulders) {}

    public static SpacerHub of(Input in) {
        double axial = Clearances.axialUm(in.clearanceUm(), in.geometry().elementMm()) / 1000;
        double squeeze = in.shoulders() ? (Math.abs(in.errorMm()) - axial) / 2 : 0;
        double kn = stiffness(in.geometry());
        double side = sideN(in.geometry(), in.clearanceUm() / 1000, squeeze, kn);
        double without = in.radialN();
        double with = DeepGroove.equivalentN(
                in.radialN(), side, Ratings.staticBallFactor(in.geometry().gamma()), in.c0N());
        return new SpacerHub(in, axial, squeeze, kn, side, Math.pow(without / with, 3));
    }

    /** Force along the axle when each bearing is squeezed by u beyond its clearance, N; 0 for u ≤ 0. Lengths in mm. */
    public static double sideN(BearingGeometry g, double radialClearanceMm, double squeezeMm, double kn) {
        if (squeezeMm <= 0) {
            return 0;
        }
        double a = GROOVES * g.elementMm();
        double cos = 1 - radialClearanceMm / (2 * a);
        double x = a * Math.sqrt(1 - cos * cos) + squeezeMm;
        double stretched = Math.hypot(a * cos, x);
        double q = kn * Math.pow(stretched - a, 1.5);
        return g.elements() * q * x / stretched;
    }

    /** Stiffness of a ball between both races, N/mm^1.5. */
    public static double stiffness(BearingGeometry g) {
        double gamma = g.elementMm() / g.pitchMm();
        double inner = contact(
                1 / (2 / g.elementMm() + 2 / (g.elementMm() * (1 - gamma) / gamma)),
                1 / (2 / g.elementMm() - 1 / (INNER_GROOVE * g.elementMm())));
        double outer = contact(
                1 / (2 / g.elementMm() - 2 / (g.elementMm() * (1 + gamma) / gamma)),
                1 / (2 / g.elementMm() - 1 / (OUTER_GROOVE * g.elementMm())));
        return Math.pow(Math.pow(inner, -2.0 / 3) + Math.pow(outer, -2.0 / 3), -1.5);
    }

    /** Hertz point contact with radii along and across the rolling direction, mm: Q = K·δ^1.5. */
    private static double contact(double along, double across) {
        double ratio = across / along;
        double ellipse = 1.0339 * Math.pow(ratio, 0.636);
        double second = 1.0003 + 0.5968 / ratio;
        double first = 1.5277 + 0.6023 * Math.log(ratio);
        double together = 1 / (1 / along + 1 / across);
        return Math.PI * ellipse * E_PRIME * Math.sqrt(together * second / (4.5 * first * first * first));
    }

    public boolean sideLoaded() {
        return squeezeMm > 0;
    }
}
