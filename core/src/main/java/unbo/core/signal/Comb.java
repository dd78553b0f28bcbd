package unbo.core.signal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;

/**
 * How well the harmonics of one fault stand in a line spectrum: the mean height of its harmonics over the floor, with
 * one factor common to them all, against the same comb laid at {@value #CHANCES} random base frequencies. Harmonics
 * that fall on an integer order of the shaft are left out, for the fault and for chance alike.
 */
final class Comb {

    static final int CHANCES = 200;
    private static final int EVERY = 1000;
    private static final double LEVEL = 0.995;
    /** A single line counts no more than this, dB: a comb is many. With two harmonics alone it may count more. */
    private static final double MOST_DB = 14;

    private static final double MOST_DB_ESTIMATED = 40;
    /** Mean height of a comb that no chance has, dB. */
    private static final double EVIDENT_DB = 8;

    private static final double EVIDENT_DB_ESTIMATED = 13;
    /** Share by which what lies beyond that still counts, so that the comb settles on its lines. */
    private static final double SETTLES = 1e-3;

    private static final double SLIP = 0.02;
    /** Bins from an integer order that are its own: the main lobe of the window. */
    private static final double LOBE = 2;

    private static final double GAMMA_UNSURE = 0.1;
    private static final int GAMMA_STEPS = 20;
    private static final int HARMONICS_ESTIMATED = 2;

    private final Lines lines;
    private final double shaftHz;
    private final BearingGeometry geometry;
    private final Turning turning;

    Comb(Lines lines, double shaftHz, BearingGeometry geometry, Turning turning) {
        this.lines = lines;
        this.shaftHz = shaftHz;
        this.geometry = geometry;
        this.turning = turning;
    }

    private int harmonics() {
        return geometry.estimated() ? HARMONICS_ESTIMATED : Family.HARMONICS;
    }

    /** Score of a family, the base frequency it was found at, and the chance level of the same comb. */
    Score score(Family family) {
        double base = family.order(geometry, turning) * shaftHz;
        double[] factors = factors(family, base);
        double[] best = best(lines, base, factors);
        return new Score(family, best[1], best[0], chance(family, base, factors, rest(family, best)));
    }

    private double[] best(Lines of, double base, double[] factors) {
        double[] best = {Double.NEGATIVE_INFINITY, base};
        for (double factor : factors) {
            double height = height(of, base * factor);
            if (height > best[0]) {
                best[0] = height;
                best[1] = base * factor;
            }
        }
        return best;
    }

    private double height(Lines of, double base) {
        double most = geometry.estimated() ? MOST_DB_ESTIMATED : MOST_DB;
        double sum = 0;
        int counted = 0;
        for (int k = 1; k <= harmonics(); k++) {
            double at = k * base;
            double order = at / shaftHz;
            if (Math.abs(order - Math.rint(order)) * shaftHz <= LOBE * lines.stepHz()) {
                continue;
            }
            double near = of.near(at);
            if (!Double.isNaN(near)) {
                sum += Math.min(most, near) + SETTLES * near;
                counted++;
            }
        }
        return counted < (harmonics() + 1) / 2 ? Double.NEGATIVE_INFINITY : sum / counted;
    }

    /**
     * Factors on the base frequency: slip of ±2 %, or, for an estimated bearing, one element more or less and γ ± 10 %.
     */
    private double[] factors(Family family, double base) {
        List<Double> factors = new ArrayList<>();
        if (geometry.estimated()) {
            for (int z = -1; z <= 1; z++) {
                for (int g = -GAMMA_STEPS; g <= GAMMA_STEPS; g++) {
                    double gamma = geometry.gamma() * (1 + GAMMA_UNSURE * g / GAMMA_STEPS);
                    if (geometry.elements() + z >= 3) {
                        factors.add(family.order(geometry.varied(geometry.elements() + z, gamma), turning)
                                * shaftHz
                                / base);
                    }
                }
            }
        } else {
            int steps = (int) Math.ceil(SLIP * base * harmonics() / lines.stepHz());
            for (int i = -steps; i <= steps; i++) {
                factors.add(1 + SLIP * i / Math.max(1, steps));
            }
        }
        return factors.stream().mapToDouble(f -> f).distinct().sorted().toArray();
    }

    /**
     * The spectrum against which chance is tried: without the comb's own lines when they stand so high that chance
     * would hit them.
     */
    private Lines rest(Family family, double[] best) {
        boolean evident = best[0] > (geometry.estimated() ? EVIDENT_DB_ESTIMATED : EVIDENT_DB);
        return evident ? lines.without(best[1], family == Family.CAGE ? 2 * Family.HARMONICS : EVERY) : lines;
    }

    /** What chance gives in 99.5 of 100 cases. */
    private double chance(Family family, double base, double[] factors, Lines rest) {
        Random random = new Random(family.ordinal() * 7919L + Math.round(base * 1000));
        double[] heights = new double[CHANCES];
        for (int i = 0; i < CHANCES; i++) {
            double height = Double.NEGATIVE_INFINITY;
            while (height == Double.NEGATIVE_INFINITY) {
                height = best(rest, strange(random, base, factors), factors)[0];
            }
            heights[i] = height;
        }
        Arrays.sort(heights);
        return heights[(int) Math.ceil(LEVEL * CHANCES) - 1];
    }

    /** A base frequency of the same size: from half to twice. */
    private static double strange(Random random, double base, double[] factors) {
        double half = Math.log(1.9 * Math.sqrt(factors[factors.length - 1] / factors[0]));
        return base * Math.exp((2 * random.nextDouble() - 1) * half);
    }

    /**
     * How a family stands.
     *
     * @param baseHz base frequency at which its comb stands highest
     * @param overDb mean height of its harmonics over the floor
     * @param chanceDb what chance gives in 99.5 of 100 cases
     */
    record Score(Family family, double baseHz, double overDb, double chanceDb) {

        double marginDb() {
            return overDb == Double.NEGATIVE_INFINITY ? -99 : overDb - chanceDb;
        }
    }
}
