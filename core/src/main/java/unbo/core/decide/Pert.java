package unbo.core.decide;

import java.util.Objects;

import org.jspecify.annotations.Nullable;

/**
 * A quantity of which the least, the likeliest and the most are told: the beta distribution of PERT, with 1 + 4·(m −
 * a)/(b − a) and 1 + 4·(b − m)/(b − a). Its quantiles are read off a table of its integral.
 */
public final class Pert {

    private static final int STEPS = 800;

    private final double low;
    private final double likely;
    private final double high;
    private final double[] upTo;

    /** @throws IllegalArgumentException unless low ≤ likely ≤ high */
    public Pert(double low, double likely, double high) {
        if (!(low <= likely) || !(likely <= high)) {
            throw new IllegalArgumentException(low + " to " + likely + " to " + high);
        }
        this.low = low;
        this.likely = likely;
        this.high = high;
        this.upTo = new double[STEPS + 1];
        if (high > low) {
            double a = 4 * (likely - low) / (high - low);
            double b = 4 * (high - likely) / (high - low);
            double before = density(0, a, b);
            for (int i = 1; i <= STEPS; i++) {
                double at = density((double) i / STEPS, a, b);
                upTo[i] = upTo[i - 1] + (before + at) / 2;
                before = at;
            }
            for (int i = 1; i <= STEPS; i++) {
                upTo[i] /= upTo[STEPS];
            }
        }
    }

    private static double density(double x, double a, double b) {
        return (a == 0 ? 1 : Math.pow(x, a)) * (b == 0 ? 1 : Math.pow(1 - x, b));
    }

    public double likely() {
        return likely;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Pert pert && low == pert.low && likely == pert.likely && high == pert.high;
    }

    @Override
    public int hashCode() {
        return Objects.hash(low, likely, high);
    }

    /** Mean: (a + 4·m + b)/6. */
    public double mean() {
        return (low + 4 * likely + high) / 6;
    }

    /** The value that a share of draws stays under. @param share 0 to 1 */
    public double quantile(double share) {
        if (high <= low) {
            return likely;
        }
        int from = 0;
        int to = STEPS;
        while (to - from > 1) {
            int middle = (from + to) >>> 1;
            if (upTo[middle] <= share) {
                from = middle;
            } else {
                to = middle;
            }
        }
        double wide = upTo[to] - upTo[from];
        double within = wide > 0 ? (share - upTo[from]) / wide : 0;
        return low + (high - low) * (from + within) / STEPS;
    }
}
