package unbo.core.heat;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * How a hot part cools, or a chilled one warms, from a few readings: Newton's law, T = Ta + (T0 − Ta)·e^(−t/τ), fitted
 * by least squares of the logarithms, each weighed by the square of how far it lies from the room.
 *
 * @param startC by the fit, when the seconds begin
 * @param tau seconds in which it loses all but 37 % of what it has over the room
 * @param spreadK how far the readings lie about the curve, as a standard deviation; 0 for two
 */
public record CoolDown(double ambientC, double startC, double tau, double spreadK) {

    /** Nearer to the room than this a reading tells nothing of the curve. */
    public static final double LEAST_FROM_K = 3;

    /** @param seconds since the first one, or since it left the heat */
    public record Reading(double seconds, double celsius) {}

    /**
     * Null where the readings do not come nearer to the room.
     *
     * @param readings two or more, all on one side of the room, farther from it than {@value #LEAST_FROM_K} K
     */
    public static @Nullable CoolDown of(List<Reading> readings, double ambientC) {
        double weights = 0;
        double time = 0;
        double log = 0;
        for (Reading r : readings) {
            double over = r.celsius() - ambientC;
            weights += over * over;
            time += over * over * r.seconds();
            log += over * over * Math.log(Math.abs(over));
        }
        time /= weights;
        log /= weights;
        double both = 0;
        double square = 0;
        for (Reading r : readings) {
            double over = r.celsius() - ambientC;
            both += over * over * (r.seconds() - time) * (Math.log(Math.abs(over)) - log);
            square += over * over * (r.seconds() - time) * (r.seconds() - time);
        }
        if (!(both < 0)) {
            return null;
        }
        double tau = -square / both;
        double side = Math.signum(readings.get(0).celsius() - ambientC);
        double start = ambientC + side * Math.exp(log + time / tau);
        double sum = 0;
        for (Reading r : readings) {
            double off = r.celsius() - ambientC - (start - ambientC) * Math.exp(-r.seconds() / tau);
            sum += off * off;
        }
        return new CoolDown(ambientC, start, tau, readings.size() > 2 ? Math.sqrt(sum / (readings.size() - 2)) : 0);
    }

    /** Its temperature after so many seconds. */
    public double at(double seconds) {
        return ambientC + (startC - ambientC) * Math.exp(-seconds / tau);
    }

    /** Seconds until it has come to a temperature; infinite for the room's and beyond. */
    public double until(double celsius) {
        double ratio = (startC - ambientC) / (celsius - ambientC);
        return ratio > 0 && Double.isFinite(ratio) ? tau * Math.log(ratio) : Double.POSITIVE_INFINITY;
    }
}
