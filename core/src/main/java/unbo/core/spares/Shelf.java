package unbo.core.spares;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Which few numbers on the shelf serve most places of a fleet, and how many of each: the largest first, with the share
 * of all places that they and those before them serve, and the fewest pieces with which an order's time is got through
 * without running out in the share of times that is wished (renewals come by Poisson).
 *
 * @param lines the number with the most places first
 */
public record Shelf(double leadDays, double service, List<Line> lines) {

    private static final double DAYS_A_YEAR = 365.25;
    private static final int MOST = 200;

    /** A number. @param places that take it @param renewedAYear pieces fitted in a year, in the mean */
    public record Number(String name, int places, double renewedAYear) {}

    /**
     * A number on the shelf.
     *
     * @param served share of all places that it and those before it serve
     * @param keep pieces to be kept
     */
    public record Line(Number number, double served, int keep) {}

    public Shelf {
        lines = List.copyOf(lines);
    }

    /**
     * @param leadDays until an ordered one is here, 0 or more
     * @param service share of orders' times to be got through, over 0, under 1
     */
    public static Shelf of(List<Number> numbers, double leadDays, double service) {
        double all = numbers.stream().mapToInt(Number::places).sum();
        List<Line> lines = new ArrayList<>();
        double served = 0;
        for (Number number : numbers.stream()
                .sorted(Comparator.comparingInt(Number::places)
                        .reversed()
                        .thenComparing(
                                Comparator.comparingDouble(Number::renewedAYear).reversed())
                        .thenComparing(Number::name))
                .toList()) {
            served += number.places();
            lines.add(new Line(
                    number, all > 0 ? served / all : 0, keep(number.renewedAYear() * leadDays / DAYS_A_YEAR, service)));
        }
        return new Shelf(leadDays, service, lines);
    }

    private static int keep(double wanted, double service) {
        double term = Math.exp(-wanted);
        double upTo = term;
        int pieces = 0;
        while (upTo < service && pieces < MOST) {
            pieces++;
            term *= wanted / pieces;
            upTo += term;
        }
        return pieces;
    }
}
