package unbo.core.decide;

import java.util.function.DoubleUnaryOperator;

import unbo.core.numeric.Search;

/**
 * How often to look at what gives warning before it fails. Warnings last exponentially, h in the mean, and begin at any
 * time between two looks; a look sees a warning with a chance p, each look by itself. Fails unseen between looks at
 * every I: b = 1 − p·q/(1 − (1 − p)·e^(−I/h)) with q = (h/I)·(1 − e^(−I/h)), the chance that there is a look at all;
 * with p = 1 that is 1 − q.
 *
 * @param warning mean distance or time from the first warning to the failure, h
 * @param sees chance that a look sees a warning that is there, over 0 to 1
 * @param interval between looks, I
 * @param share of faults that fail between looks, b
 */
public record InspectionInterval(double warning, double sees, double interval, double share) {

    /** How many slip through at an interval. */
    public static InspectionInterval every(double interval, double warning, double sees) {
        return new InspectionInterval(warning, sees, interval, missed(interval / warning, sees));
    }

    /**
     * The interval at which a share slips through.
     *
     * @param share over 0, under 1
     * @throws IllegalArgumentException where looks that see so little miss more however often they are made
     */
    public static InspectionInterval missing(double share, double warning, double sees) {
        DoubleUnaryOperator missed = ratio -> missed(ratio, sees);
        double low = 1e-9;
        double high = 1;
        while (missed.applyAsDouble(high) < share) {
            high *= 2;
        }
        if (missed.applyAsDouble(low) > share) {
            throw new IllegalArgumentException("looks that see " + sees + " miss more than " + share);
        }
        double ratio = Search.edge(at -> missed.applyAsDouble(at) < share, low, high);
        return new InspectionInterval(warning, sees, ratio * warning, share);
    }

    /** @param ratio interval over mean warning */
    private static double missed(double ratio, double sees) {
        double survives = Math.exp(-ratio);
        double looked = -Math.expm1(-ratio) / ratio;
        return 1 - sees * looked / (1 - (1 - sees) * survives);
    }
}
