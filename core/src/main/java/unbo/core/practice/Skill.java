package unbo.core.practice;

import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * How well something is mastered, from what was right and wrong: a Beta posterior on an even prior (Gelman, Bayesian
 * Data Analysis), its mean and the band that holds nine in ten.
 *
 * @param right answers that were right
 * @param asked all of them
 * @param mean share, 0 to 1
 * @param low share under which it lies once in twenty
 * @param high share over which it lies once in twenty
 */
public record Skill(int right, int asked, double mean, double low, double high) {

    private static final double TAIL = 0.05;

    public static Skill of(int right, int asked) {
        BetaDistribution beta = new BetaDistribution(1.0 + right, 1.0 + asked - right);
        return new Skill(
                right,
                asked,
                beta.getNumericalMean(),
                beta.inverseCumulativeProbability(TAIL),
                beta.inverseCumulativeProbability(1 - TAIL));
    }
}
