package unbo.core.decide;

import java.util.function.DoubleUnaryOperator;

import org.hipparchus.special.Gamma;
import org.jspecify.annotations.Nullable;

import unbo.core.numeric.Search;

/**
 * The age at which renewing costs least in the long run (Barlow and Hunter 1960): renewed at T or at failure, whichever
 * comes first, g(T) = (cp·S(T) + cf·(1 − S(T)))/∫0..T S. Only where the chance to fail grows with age (β over 1) and a
 * failure costs more than a planned renewal is there such an age, and only where it saves a thousandth is it named.
 *
 * @param bestAge in the unit of η; null where it is run to condition
 * @param window ages round it that cost hardly more; null where there is none
 * @param rate cost a unit at the best age; run to failure where there is none
 * @param runRate cost a unit run to failure, cf over the mean life
 */
public record RenewalAge(
        Input input, @Nullable Double bestAge, @Nullable Window window, double rate, double runRate) {

    /** So much dearer at the ends of the window: no workshop tells it from the best. */
    public static final double WINDOW = 0.017;

    /** Saves less than this of what running to failure costs: no age worth naming. */
    private static final double HARDLY = 0.001;

    /** Beyond so many times η hardly any bearing is left to renew. */
    private static final double FAR = 12;

    /**
     * What is asked.
     *
     * @param beta slope of the lives, over 0
     * @param eta characteristic life, over 0
     * @param planned cost of a planned renewal
     * @param failure cost of a failure
     */
    public record Input(double beta, double eta, double planned, double failure) {}

    /**
     * @param high null where later renewals never cost so much more
     * @param low in the counter of the life
     */
    public record Window(double low, @Nullable Double high) {}

    public static RenewalAge of(Input in) {
        double mean = in.eta() * Math.exp(Gamma.logGamma(1 + 1 / in.beta()));
        double run = in.failure() / mean;
        if (!(in.beta() > 1) || !(in.failure() > in.planned())) {
            return new RenewalAge(in, null, null, run, run);
        }
        DoubleUnaryOperator cost = age -> costRate(in, age);
        double best = Math.exp(Search.summit(
                age -> -cost.applyAsDouble(Math.exp(age)), Math.log(in.eta() * 1e-4), Math.log(in.eta() * FAR)));
        double rate = cost.applyAsDouble(best);
        if (rate > run * (1 - HARDLY)) {
            return new RenewalAge(in, null, null, run, run);
        }
        double limit = rate * (1 + WINDOW);
        double low = Search.edge(age -> cost.applyAsDouble(age) <= limit, best, in.eta() * 1e-4);
        double far = in.eta() * FAR;
        Double high = cost.applyAsDouble(far) <= limit
                ? null
                : Double.valueOf(Search.edge(age -> cost.applyAsDouble(age) <= limit, best, far));
        return new RenewalAge(in, best, new Window(low, high), rate, run);
    }

    /** Cost a unit when it is renewed at an age. */
    public static double costRate(Input in, double age) {
        double left = Math.exp(-Math.pow(age / in.eta(), in.beta()));
        return (in.planned() * left + in.failure() * (1 - left)) / lasts(in, age);
    }

    /** Mean distance run until it fails or reaches an age: η·Γ(1 + 1/β)·P(1/β, (T/η)^β). */
    private static double lasts(Input in, double age) {
        return in.eta()
                * Math.exp(Gamma.logGamma(1 + 1 / in.beta()))
                * Gamma.regularizedGammaP(1 / in.beta(), Math.pow(age / in.eta(), in.beta()));
    }

    /** What renewing at the best age saves of what running to failure costs, 0 to 1. */
    public double saves() {
        return 1 - rate / runRate;
    }
}
