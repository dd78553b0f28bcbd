package unbo.core.diagnosis;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What being wrong costs, in minutes of a mechanic: the product's own judgement, in a data file anybody can read. Two
 * things are decided by a diagnosis: whether it is driven home or stands, and which part is ordered now. What a check
 * is worth is how much less the best of both would cost on average once its result is known (the value of information,
 * for instance Raiffa, Decision Analysis, ch. 7).
 */
final class Stakes {

    /** That a vehicle stands until it is done, or is fetched, whatever it was. */
    static final double STANDS = 90;

    /**
     * One cause.
     *
     * @param driven that it was driven home with it: how bad that is, times how likely
     * @param ordered that its part was ordered and it was another
     * @param waited that no part is there when it turns out to be this
     */
    private record Stake(double driven, double ordered, double waited) {}

    private static final Map<String, Stake> ALL = read();

    private Stakes() {}

    private static Stake of(Cause cause) {
        return Objects.requireNonNull(ALL.get(cause.code()), cause.code());
    }

    /** What the best that can be decided now costs on average, min, for shares that need not sum to 1. */
    static double loss(List<Hypothesis> hypotheses, double[] shares) {
        double all = 0;
        double driven = 0;
        double waited = 0;
        Map<Cause, Double> byCause = new HashMap<>();
        for (int h = 0; h < shares.length; h++) {
            Stake stake = of(hypotheses.get(h).cause());
            all += shares[h];
            driven += shares[h] * stake.driven();
            waited += shares[h] * stake.waited();
            byCause.merge(hypotheses.get(h).cause(), shares[h], Double::sum);
        }
        double part = waited;
        for (Map.Entry<Cause, Double> one : byCause.entrySet()) {
            Stake stake = of(one.getKey());
            double wrong = (all - one.getValue()) * stake.ordered();
            part = Math.min(part, waited - one.getValue() * stake.waited() + wrong);
        }
        return Math.min(driven, all * STANDS) + part;
    }

    /** Minutes that a check saves on average by what would be decided otherwise; 0 where it would change nothing. */
    static double saved(List<Hypothesis> hypotheses, double[] shares, double[][] chances) {
        double then = 0;
        double[] joint = new double[shares.length];
        for (int r = 0; r < chances[0].length; r++) {
            for (int h = 0; h < shares.length; h++) {
                joint[h] = shares[h] * chances[h][r];
            }
            then += loss(hypotheses, joint);
        }
        return Math.max(0, loss(hypotheses, shares) - then);
    }

    private static Map<String, Stake> read() {
        Map<String, Stake> all = new HashMap<>();
        for (TableRow row : Table.read(Stakes.class, "stakes.csv")) {
            Cause cause = row.one("cause", Cause::find);
            all.put(
                    cause.code(),
                    new Stake(
                            row.number("driven", 0, 10_000),
                            row.number("ordered", 0, 10_000),
                            row.number("waited", 0, 10_000)));
        }
        Set<String> missing =
                new HashSet<>(Cause.all().stream().map(Cause::code).toList());
        missing.removeAll(all.keySet());
        if (!missing.isEmpty()) {
            throw new IllegalStateException("stakes.csv: nothing is said of " + String.join(", ", missing));
        }
        return Map.copyOf(all);
    }
}
