package unbo.core.motion;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.numeric.LeastSquares;

/**
 * A wheel that was spun and left to stop, taken apart into what rubs, what shears and what blows: dω/dt = −(a + b·ω +
 * c·ω²). Rubbing seals and rings drag alike at any speed, grease and oil in step with it, air with its square. Fitted
 * in its integral form, ω = ω0 − a·t − b·θ − c·∫ω dθ, by least squares with no part under zero, so that nothing is
 * differentiated.
 *
 * @param startRadS by the fit
 * @param rubbing rad/s²
 * @param shear rad/s² by rad/s, 1/s
 * @param air rad/s² by (rad/s)², a plain number by radian
 * @param errors one standard error of each, in the same order and units; of a part that was held at nought what it
 *     would have with it
 * @param spreadRadS how far the readings lie about the fit, as a standard deviation
 */
public record SpinDown(
        List<Speed> speeds,
        double startRadS,
        double rubbing,
        double shear,
        double air,
        Errors errors,
        double spreadRadS) {

    /** Fewer readings than these part nothing. */
    public static final int LEAST = 6;
    /** Clicks are put together to so many speeds at most. */
    private static final int WINDOWS = 40;

    private static final int STEPS = 400;
    private static final double TURN = 2 * Math.PI;

    /**
     * How fast it turned.
     *
     * @param seconds since it was let go
     * @param radS rad/s
     */
    public record Speed(double seconds, double radS) {

        /** @param rpm turns a minute */
        public static Speed rpm(double seconds, double rpm) {
            return new Speed(seconds, rpm * TURN / 60);
        }
    }

    /** In the units of what they belong to. @param rubbing rad/s² @param shear 1/s @param air a plain number */
    public record Errors(double rubbing, double shear, double air) {}

    public SpinDown {
        speeds = List.copyOf(speeds);
    }

    /**
     * Speeds by the moments at which something passed: a magnet, a valve, a spoke that clicks.
     *
     * @param seconds rising
     * @param perTurn passages in a turn
     */
    public static List<Speed> clicks(List<Double> seconds, int perTurn) {
        int gaps = seconds.size() - 1;
        int each = Math.max(1, (int) Math.ceil((double) gaps / WINDOWS));
        List<Speed> speeds = new ArrayList<>();
        for (int i = 0; i + each <= gaps; i += each) {
            double from = seconds.get(i);
            double to = seconds.get(i + each);
            speeds.add(new Speed((from + to) / 2, each * TURN / perTurn / (to - from)));
        }
        return speeds;
    }

    /** Null where it does not slow down. @param speeds {@link #LEAST} or more, in the order of time */
    public static @Nullable SpinDown of(List<Speed> speeds) {
        int count = speeds.size();
        double[] turned = new double[count];
        double[] squares = new double[count];
        for (int i = 1; i < count; i++) {
            double dt = speeds.get(i).seconds() - speeds.get(i - 1).seconds();
            double mean = (speeds.get(i).radS() + speeds.get(i - 1).radS()) / 2;
            turned[i] = turned[i - 1] + mean * dt;
            squares[i] = squares[i - 1] + mean * mean * dt;
        }
        double[][] columns = new double[4][count];
        double[] y = new double[count];
        double begun = speeds.get(0).seconds();
        for (int i = 0; i < count; i++) {
            columns[0][i] = 1;
            columns[1][i] = -(speeds.get(i).seconds() - begun);
            columns[2][i] = -turned[i];
            columns[3][i] = -squares[i];
            y[i] = speeds.get(i).radS();
        }
        LeastSquares fit = LeastSquares.notUnderZero(columns, y);
        double rubbing = fit.values().get(1);
        double shear = fit.values().get(2);
        double air = fit.values().get(3);
        if (rubbing + shear + air <= 0) {
            return null;
        }
        return new SpinDown(
                speeds,
                fit.values().get(0),
                rubbing,
                shear,
                air,
                new Errors(
                        fit.errors().get(1), fit.errors().get(2), fit.errors().get(3)),
                fit.spread());
    }

    /** How fast it slows at a speed, rad/s². */
    public double slows(double radS) {
        return rubbing + shear * radS + air * radS * radS;
    }

    /** Seconds from one speed down to another, both over nought. */
    public double seconds(double fromRadS, double toRadS) {
        double step = (fromRadS - toRadS) / STEPS;
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            sum += step / slows(toRadS + (i + 0.5) * step);
        }
        return sum;
    }

    /** Its speed so many seconds after the first reading, by the fit; nought once it stands. */
    public double at(double seconds) {
        double speed = startRadS;
        double dt = seconds / STEPS;
        for (int i = 0; i < STEPS && speed > 0; i++) {
            double half = Math.max(0, speed - slows(speed) * dt / 2);
            speed -= slows(half) * dt;
        }
        return Math.max(0, speed);
    }
}
