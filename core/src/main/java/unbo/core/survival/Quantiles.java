package unbo.core.survival;

import org.hipparchus.special.Erf;

import unbo.core.numeric.Search;

/** Quantiles of the distributions that the limits are taken from. */
final class Quantiles {

    private Quantiles() {}

    /** The standard normal's. @param share over 0, under 1 */
    static double normal(double share) {
        return Math.sqrt(2) * Erf.erfInv(2 * share - 1);
    }

    /** Half the width of a two-sided band in standard errors: 1.645 for 0.90. */
    static double twoSided(double confidence) {
        return normal((1 + confidence) / 2);
    }

    /** Chance that a chi-square of one degree is over {@code value}. */
    static double overChiSquareOfOne(double value) {
        return Erf.erfc(Math.sqrt(Math.max(0, value) / 2));
    }

    /**
     * Chi-square's for an even number of degrees, by the sum of Poisson: P(χ² of 2m over x) = Σ e^(−x/2)·(x/2)^i/i! for
     * i under m.
     */
    static double chiSquareEven(double share, int degrees) {
        double high = 1;
        while (upTo(high, degrees) < share) {
            high *= 2;
        }
        return Search.edge(x -> upTo(x, degrees) < share, 0, high);
    }

    private static double upTo(double x, int degrees) {
        double term = Math.exp(-x / 2);
        double over = term;
        for (int i = 1; i < degrees / 2; i++) {
            term *= x / 2 / i;
            over += term;
        }
        return 1 - over;
    }
}
