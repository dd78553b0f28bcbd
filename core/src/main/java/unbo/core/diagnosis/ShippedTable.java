package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The shipped priors and likelihoods of a kind of vehicle, each beside what own cases make of it. */
public record ShippedTable(List<Prior> priors, List<Rows> checks) {

    /**
     * How likely a hypothesis is before any check.
     *
     * @param shipped 0 to 1
     * @param moved the same after own cases
     */
    public record Prior(Hypothesis hypothesis, double shipped, double moved, int cases) {}

    /** The rows of one check. */
    public record Rows(Check check, List<Row> rows) {}

    /** Chances of the results under a cause, in the order of the check's results. */
    public record Row(String words, List<Double> shipped, List<Double> moved, int cases) {}

    /** @param vehicle a kind that can be diagnosed; a trailer with both axles */
    public static ShippedTable of(String vehicle, OwnCases own) {
        List<Hypothesis> hypotheses = Priors.hypotheses(vehicle, 2);
        int all = hypotheses.stream().mapToInt(h -> own.truths(vehicle, h)).sum();
        List<Prior> priors = hypotheses.stream()
                .map(h -> {
                    double shipped = Priors.shipped(vehicle, h, hypotheses);
                    int cases = own.truths(vehicle, h);
                    return new Prior(
                            h,
                            shipped,
                            (OwnCases.SHIPPED_WORTH * shipped + cases) / (OwnCases.SHIPPED_WORTH + all),
                            cases);
                })
                .toList();
        List<Rows> checks = new ArrayList<>();
        for (Check check : Checks.on(vehicle)) {
            checks.add(new Rows(
                    check,
                    Likelihoods.rows(vehicle, check).stream()
                            .filter(row -> row.rest()
                                    || hypotheses.stream()
                                            .anyMatch(h -> h.cause().code().equals(row.cause()) && h.stands(row.at())))
                            .map(row -> row(row, own))
                            .toList()));
        }
        return new ShippedTable(priors, List.copyOf(checks));
    }

    private static Row row(Likelihoods.Row row, OwnCases own) {
        int[] seen = own.seen(row);
        String cause = row.rest() ? "everything else" : Cause.of(row.cause()).label();
        String words = row.at().equals("*") ? cause : cause + ", " + row.at();
        double[] moved = seen == null ? row.chances() : OwnCases.over(row.chances(), seen);
        return new Row(
                words,
                boxed(row.chances()),
                boxed(moved),
                seen == null ? 0 : Arrays.stream(seen).sum());
    }

    private static List<Double> boxed(double[] shares) {
        return Arrays.stream(shares).boxed().toList();
    }
}
