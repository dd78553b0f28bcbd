package unbo.core.logbook;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Left against right over all pairs: a pair is odd by its distance from the middle of all differences, in their own
 * spread (1.4826 times the median distance from the middle, which odd ones do not widen). No limit of any maker is
 * asked.
 *
 * @param middle of the differences left less right
 * @param spread of them, as a standard deviation
 * @param judged the farthest first
 */
public record Pairs(double middle, double spread, List<Judged> judged) {

    /** Fewer pairs have no spread of their own. */
    public static final int FEWEST = 5;
    /** Farther than so many spreads from the middle a pair is odd. */
    public static final double ODD = 3.5;

    private static final double NORMAL = 1.4826;

    /** A pair, both sides in one unit. @param name what it is of */
    public record Pair(String name, double left, double right) {

        double apart() {
            return left - right;
        }
    }

    /**
     * A pair with its distance.
     *
     * @param distance from the middle, in spreads
     * @param leftIsOdd true where it is the left side that is farther from the middle of all sides
     */
    public record Judged(Pair pair, double distance, boolean leftIsOdd) {}

    public Pairs {
        judged = List.copyOf(judged);
    }

    /** @param least spread that the instrument tells apart, over 0: none is called smaller */
    public static Pairs of(List<Pair> pairs, double least) {
        double middle = median(pairs.stream().mapToDouble(Pair::apart).toArray());
        double spread = Math.max(
                least,
                NORMAL
                        * median(pairs.stream()
                                .mapToDouble(pair -> Math.abs(pair.apart() - middle))
                                .toArray()));
        double all = median(pairs.stream()
                .flatMapToDouble(pair -> java.util.stream.DoubleStream.of(pair.left(), pair.right()))
                .toArray());
        return new Pairs(
                middle,
                spread,
                pairs.stream()
                        .map(pair -> new Judged(
                                pair,
                                Math.abs(pair.apart() - middle) / spread,
                                Math.abs(pair.left() - all) >= Math.abs(pair.right() - all)))
                        .sorted(Comparator.comparingDouble(Judged::distance).reversed())
                        .toList());
    }

    /** True where there are enough pairs to call one odd. */
    public boolean enough() {
        return judged.size() >= FEWEST;
    }

    /** Pairs that are odd; none while there are too few. */
    public List<Judged> odd() {
        return enough() ? judged.stream().filter(pair -> pair.distance() > ODD).toList() : List.of();
    }

    private static double median(double[] values) {
        if (values.length == 0) {
            return 0;
        }
        Arrays.sort(values);
        int half = values.length / 2;
        return values.length % 2 == 1 ? values[half] : (values[half - 1] + values[half]) / 2;
    }
}
