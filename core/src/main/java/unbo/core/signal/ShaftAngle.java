package unbo.core.signal;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

/**
 * How far the shaft has turned at each moment of a recording, turns: at one speed, along a typed ramp, or by a tacho's
 * pulses.
 */
final class ShaftAngle {

    /** Beyond this change of speed over the recording everything is taken to shaft angle first. */
    private static final double STEADY = 0.002;

    private final double[] seconds;
    private final double[] turns;

    private ShaftAngle(double[] seconds, double[] turns) {
        this.seconds = seconds;
        this.turns = turns;
    }

    /** Speed changing evenly from one to the other over the recording. */
    static ShaftAngle ramp(double fromHz, double toHz, double overSeconds) {
        int n = 400;
        double[] t = new double[n + 1];
        double[] turned = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            t[i] = overSeconds * i / n;
            turned[i] = fromHz * t[i] + (toHz - fromHz) * t[i] * t[i] / (2 * overSeconds);
        }
        return new ShaftAngle(t, turned);
    }

    /** One pulse a turn: where the channel rises through half of its range. Null when there are too few to tell. */
    static @Nullable ShaftAngle tacho(float[] pulses, double rateHz) {
        float high = Float.NEGATIVE_INFINITY;
        float low = Float.POSITIVE_INFINITY;
        for (float p : pulses) {
            high = Math.max(high, p);
            low = Math.min(low, p);
        }
        double half = (high + low) / 2;
        double armed = low + 0.3 * (high - low);
        List<Double> rises = new ArrayList<>();
        boolean ready = false;
        for (int i = 1; i < pulses.length; i++) {
            ready |= pulses[i] < armed;
            if (ready && pulses[i - 1] < half && pulses[i] >= half) {
                rises.add((i - 1 + (half - pulses[i - 1]) / (pulses[i] - pulses[i - 1])) / rateHz);
                ready = false;
            }
        }
        double lasts = pulses.length / rateHz;
        return rises.size() < lasts || high - low < 0.01
                ? null
                : new ShaftAngle(
                        rises.stream().mapToDouble(d -> d).toArray(),
                        IntStream.range(0, rises.size()).mapToDouble(i -> i).toArray());
    }

    double meanHz() {
        int last = turns.length - 1;
        return (turns[last] - turns[0]) / (seconds[last] - seconds[0]);
    }

    /** True when the speed hardly changes. */
    boolean steady() {
        double mean = meanHz();
        int parts = Math.min(20, turns.length - 1);
        for (int p = 0; p < parts; p++) {
            int a = p * (turns.length - 1) / parts;
            int b = (p + 1) * (turns.length - 1) / parts;
            if (Math.abs((turns[b] - turns[a]) / (seconds[b] - seconds[a]) - mean) > STEADY * mean) {
                return false;
            }
        }
        return true;
    }

    /**
     * A row taken to equal steps of shaft angle; its rate is that of the mean speed, so that lines stand at their mean
     * frequencies.
     */
    Series resampled(Series of) {
        double from = turns[0];
        double to = turns[turns.length - 1];
        double perTurn = of.rateHz() / meanHz();
        float[] values = new float[(int) ((to - from) * perTurn)];
        int at = 0;
        for (int i = 0; i < values.length; i++) {
            double turn = from + i / perTurn;
            while (at < turns.length - 2 && turns[at + 1] <= turn) {
                at++;
            }
            double t = seconds[at] + (turn - turns[at]) / (turns[at + 1] - turns[at]) * (seconds[at + 1] - seconds[at]);
            double x = t * of.rateHz();
            int k = (int) x;
            values[i] = k >= of.values().length - 1
                    ? of.values()[of.values().length - 1]
                    : (float) (of.values()[k] + (x - k) * (of.values()[k + 1] - of.values()[k]));
        }
        return new Series(of.rateHz(), values);
    }
}
