package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What being wrong costs, in minutes of a mechanic: the product's own judgement, in a data file anybody can read. Two
 * things are decided by a diagnosis: whether it is driven home or stands, and which part is ordered now. What a check
 * is worth is how much less the best of both would cost on average once its result is known (the value of information,
 * for instance Raiffa, Decision Analysis, ch. 7).
 */
final class Stakes {

    /**
     * One cause on some kinds of vehicle.
     *
     * @param driven that it was driven home with it: how bad that is, times how likely
     * @param ordered that its part was ordered and it was another
     * @param waited that no part is there when it turns out to be this
     */
    private record Stake(List<String> vehicles, Cause cause, double driven, double ordered, double waited) {

        boolean of(String vehicle, Cause another) {
            return cause.equals(another) && (vehicles.contains("*") || vehicles.contains(vehicle));
        }
    }

    private static final double MOST = 10_000;
    private static final List<Stake> ALL = read();
    /** What it costs that a vehicle stands until it is done, or is fetched, whatever it was, by its kind. */
    private static final Map<String, Double> STANDS = standing();

    private Stakes() {}

    private static Stake of(String vehicle, Cause cause) {
        return ALL.stream()
                .filter(stake -> stake.of(vehicle, cause))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("stakes.csv: nothing is said of " + cause.code()));
    }

    /** What the best that can be decided now costs on average, min, for shares that need not sum to 1. */
    static double loss(String vehicle, List<Hypothesis> hypotheses, double[] shares) {
        double all = 0;
        double driven = 0;
        double waited = 0;
        Map<Cause, Double> byCause = new HashMap<>();
        for (int h = 0; h < shares.length; h++) {
            Stake stake = of(vehicle, hypotheses.get(h).cause());
            all += shares[h];
            driven += shares[h] * stake.driven();
            waited += shares[h] * stake.waited();
            byCause.merge(hypotheses.get(h).cause(), shares[h], Double::sum);
        }
        double part = waited;
        for (Map.Entry<Cause, Double> one : byCause.entrySet()) {
            Stake stake = of(vehicle, one.getKey());
            double wrong = (all - one.getValue()) * stake.ordered();
            part = Math.min(part, waited - one.getValue() * stake.waited() + wrong);
        }
        return Math.min(driven, all * Objects.requireNonNull(STANDS.get(vehicle), vehicle)) + part;
    }

    /** Minutes that a check saves on average by what would be decided otherwise; 0 where it would change nothing. */
    static double saved(String vehicle, List<Hypothesis> hypotheses, double[] shares, double[][] chances) {
        double then = 0;
        double[] joint = new double[shares.length];
        for (int r = 0; r < chances[0].length; r++) {
            for (int h = 0; h < shares.length; h++) {
                joint[h] = shares[h] * chances[h][r];
            }
            then += loss(vehicle, hypotheses, joint);
        }
        return Math.max(0, loss(vehicle, hypotheses, shares) - then);
    }

    private static List<Stake> read() {
        List<Stake> all = new ArrayList<>();
        for (TableRow row : Table.read(Stakes.class, "stakes.csv")) {
            all.add(new Stake(
                    row.words("vehicles"),
                    row.one("cause", Cause::find),
                    row.number("driven", 0, MOST),
                    row.number("ordered", 0, MOST),
                    row.number("waited", 0, MOST)));
        }
        return List.copyOf(all);
    }

    private static Map<String, Double> standing() {
        Map<String, Double> minutes = new HashMap<>();
        for (TableRow row : Table.read(Stakes.class, "standing.csv")) {
            row.words("vehicles").forEach(vehicle -> minutes.put(vehicle, row.number("minutes", 0, MOST)));
        }
        return Map.copyOf(minutes);
    }
}
