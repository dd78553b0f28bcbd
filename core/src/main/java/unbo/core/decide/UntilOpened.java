package unbo.core.decide;

import java.util.Comparator;
import java.util.List;

/**
 * What is one of several things until it is opened: each with its chance, its plan and its price; what the work costs
 * in the mean and at most, and which parts are had before it is opened. A part is ordered before where waiting for it,
 * as often as it is wanted, costs more than taking it back, as often as it is not: p·w over (1 − p)·r·price.
 *
 * @param expected price in the mean
 * @param branches the likeliest first
 * @param spread standard deviation of what it comes to, money
 */
public record UntilOpened(Input input, double expected, double spread, List<Priced> branches) {

    /**
     * What is asked.
     *
     * @param branches their chances sum to 1
     * @param hourRate price of an hour's work
     * @param standingStill what waiting for a part costs: the place, the vehicle, the way
     * @param lost share of a part's price that is lost where it is taken back, 0 to 1
     */
    public record Input(List<Branch> branches, double hourRate, double standingStill, double lost) {

        public Input {
            branches = List.copyOf(branches);
        }
    }

    /**
     * One of the things that may be found.
     *
     * @param chance 0 to 1
     * @param plan what is done then
     * @param parts their price
     */
    public record Branch(String found, double chance, String plan, double parts, double hours) {}

    /** @param price of parts and work @param before true where its parts are ordered before it is opened */
    public record Priced(Branch branch, double price, boolean before) {}

    public UntilOpened {
        branches = List.copyOf(branches);
    }

    public static UntilOpened of(Input in) {
        List<Priced> priced = in.branches().stream()
                .map(branch -> new Priced(branch, price(in, branch), before(in, branch)))
                .sorted(Comparator.comparingDouble((Priced p) -> p.branch().chance())
                        .reversed())
                .toList();
        double mean = priced.stream()
                .mapToDouble(p -> p.branch().chance() * p.price())
                .sum();
        double square = priced.stream()
                .mapToDouble(p -> p.branch().chance() * (p.price() - mean) * (p.price() - mean))
                .sum();
        return new UntilOpened(in, mean, Math.sqrt(square), priced);
    }

    private static double price(Input in, Branch branch) {
        return branch.parts() + branch.hours() * in.hourRate();
    }

    private static boolean before(Input in, Branch branch) {
        return branch.parts() > 0
                && branch.chance() * in.standingStill() > (1 - branch.chance()) * in.lost() * branch.parts();
    }

    /** The dearest that may be. */
    public double most() {
        return branches.stream().mapToDouble(Priced::price).max().orElse(0);
    }

    /** The cheapest that may be. */
    public double least() {
        return branches.stream().mapToDouble(Priced::price).min().orElse(0);
    }
}
