package unbo.core.diagnosis;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

/**
 * What the workshop's own closed jobs turned out to be, counted: how often each cause at each position, and how often
 * each result under the truth. Counts move the shipped table as Dirichlet counts, the shipped row being worth
 * {@value #SHIPPED_WORTH} cases: (20 · shipped + own) / (20 + all own of that row).
 */
public final class OwnCases {

    /** A row of the shipped table counts like so many cases. */
    public static final int SHIPPED_WORTH = 20;

    /** Nothing counted: the shipped table as it is. */
    public static final OwnCases NONE = new OwnCases(0);

    private int cases;
    private final Map<String, Map<String, Integer>> truths = new HashMap<>();
    private final Map<String, int[]> results = new HashMap<>();
    private final Map<String, double[][]> tables = new ConcurrentHashMap<>();

    /** One closed job. @param position the job's; null when it had none */
    public record Case(String vehicle, String cause, String position, List<Observation> seen) {}

    private OwnCases(int cases) {
        this.cases = cases;
    }

    /**
     * Counts closed jobs, one after the other. Those whose cause is no hypothesis of their vehicle (a service with
     * nothing wrong) are left out.
     */
    public static OwnCases of(Stream<Case> closed) {
        OwnCases own = new OwnCases(0);
        closed.forEach(one -> own.count(one, 1));
        return own;
    }

    public static OwnCases of(List<Case> closed) {
        return of(closed.stream());
    }

    /** These with one job more, or one that is counted less. @param by 1 or −1 */
    public OwnCases moved(Case one, int by) {
        OwnCases moved = new OwnCases(cases);
        truths.forEach((vehicle, counts) -> moved.truths.put(vehicle, new HashMap<>(counts)));
        results.forEach((row, counts) -> moved.results.put(row, counts.clone()));
        moved.count(one, by);
        return moved;
    }

    private void count(Case closed, int by) {
        Hypothesis truth = Priors.find(closed.vehicle(), closed.cause(), closed.position());
        if (truth == null) {
            return;
        }
        cases += by;
        truths.computeIfAbsent(closed.vehicle(), v -> new HashMap<>()).merge(truth.key(), by, Integer::sum);
        for (Observation seen : closed.seen()) {
            if (!truth.none()) {
                Likelihoods.Row row = Likelihoods.row(closed.vehicle(), seen.check(), seen.position(), truth);
                results.computeIfAbsent(
                                row.key(), k -> new int[seen.check().results().size()])[
                        seen.check().index(seen.result().code())] += by;
            }
        }
    }

    /** How many closed jobs were counted. */
    public int cases() {
        return cases;
    }

    /** Closed jobs of a kind of vehicle that turned out to be this. */
    public int truths(String vehicle, Hypothesis hypothesis) {
        return truths.getOrDefault(vehicle, Map.of()).getOrDefault(hypothesis.key(), 0);
    }

    /** Closed jobs of a kind of vehicle that were counted. */
    public int truths(String vehicle) {
        return truths.getOrDefault(vehicle, Map.of()).values().stream()
                .mapToInt(Integer::intValue)
                .sum();
    }

    /** How often each result of a row was seen; null when never. */
    int @Nullable [] seen(Likelihoods.Row row) {
        return results.get(row.key());
    }

    /** Chances of a check's results (columns) under each hypothesis (rows); made once, never to be written to. */
    double[][] table(String vehicle, Check check, @Nullable String position, List<Hypothesis> hypotheses) {
        return tables.computeIfAbsent(
                vehicle + " " + hypotheses.size() + " " + check.id() + " " + position,
                key -> hypotheses.stream()
                        .map(h -> Likelihoods.chances(vehicle, check, position, h, this))
                        .toArray(double[][]::new));
    }

    /** Own counts laid over a shipped row of chances that sum to 1. */
    static double[] over(double[] shipped, int[] own) {
        int all = 0;
        for (int n : own) {
            all += n;
        }
        double[] moved = new double[shipped.length];
        for (int i = 0; i < shipped.length; i++) {
            moved[i] = (SHIPPED_WORTH * shipped[i] + own[i]) / (SHIPPED_WORTH + all);
        }
        return moved;
    }
}
