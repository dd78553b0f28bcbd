package unbo.core.diagnosis;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.jspecify.annotations.Nullable;

/**
 * What results make of the hypotheses: Bayes' rule in logarithms, with results that are not independent of each other
 * tempered. Results of one group (at one position) are sorted by how much they say, and count with weights 1, ½, ¼ …; a
 * tempered likelihood is P(r|H)^w, brought back to sum 1 over r for each H.
 */
final class Belief {

    private static final double LN2 = Math.log(2);
    private static final Set<String> ROCKS = Set.of("rock-12-6", "rock-3-9");

    private final String vehicle;
    private final OwnCases own;
    private final List<Hypothesis> hypotheses;
    private final double[] prior;
    private final List<Counted> counted = new ArrayList<>();
    private final Map<String, Integer> inGroup = new HashMap<>();
    private final double[] posterior;

    /** A result as it was counted: its weight, and its tempered likelihood under each hypothesis. */
    record Counted(Observation seen, double weight, double[] likelihood, double[] plain) {}

    Belief(DiagnosisInput in, OwnCases own) {
        this.vehicle = in.vehicle();
        this.own = own;
        this.hypotheses = Priors.hypotheses(in.vehicle(), in.axles());
        this.prior = Priors.of(in, hypotheses, own);
        this.posterior = take(in.seen());
    }

    List<Hypothesis> hypotheses() {
        return hypotheses;
    }

    double[] prior() {
        return prior;
    }

    double[] posterior() {
        return posterior;
    }

    /** The results in the order they were noted. */
    List<Counted> counted() {
        return counted;
    }

    /**
     * Chances of each result under each hypothesis, as the next of its group would count; {@code already} more of the
     * group stand before it.
     */
    double[][] chances(Way way, @Nullable String position, int already) {
        int k = inGroup.getOrDefault(group(way.check(), position), 0) + already;
        return tempered(own.table(vehicle, way.check(), position, hypotheses), Math.pow(0.5, k));
    }

    static String group(Check check, @Nullable String position) {
        return check.group() + (check.positioned() ? "@" + position : "");
    }

    private double[] take(List<Observation> seen) {
        Map<String, List<Observation>> groups = new HashMap<>();
        seen.forEach(o -> groups.computeIfAbsent(group(o.check(), o.position()), g -> new ArrayList<>())
                .add(o));
        Map<Observation, Integer> rank = new HashMap<>();
        groups.forEach((name, members) -> {
            members.sort(Comparator.comparingDouble((Observation o) -> -strength(plain(table(o), o))));
            boolean contrast = contrast(members);
            int next = 0;
            for (Observation o : members) {
                boolean rock = contrast && ROCKS.contains(o.check().id());
                rank.put(o, rock ? 0 : next);
                next += rock && next > 0 ? 0 : 1;
            }
            inGroup.put(name, members.size());
        });
        double[] logs = new double[prior.length];
        for (int h = 0; h < logs.length; h++) {
            logs[h] = Math.log(prior[h]);
        }
        for (Observation o : seen) {
            double weight = Math.pow(0.5, requireNonNull(rank.get(o)));
            double[] likelihood = plain(tempered(table(o), weight), o);
            for (int h = 0; h < logs.length; h++) {
                logs[h] += Math.log(likelihood[h]);
            }
            counted.add(new Counted(o, weight, likelihood, plain(table(o), o)));
        }
        return normal(logs);
    }

    /**
     * True where the two rock tests of one wheel differ, one with play and one without: together they are one
     * observation, which tells a joint from a bearing, and both count whole. Where they agree the second repeats the
     * first.
     */
    private static boolean contrast(List<Observation> group) {
        List<Boolean> still = group.stream()
                .filter(o -> ROCKS.contains(o.check().id()))
                .map(o -> o.result().code().equals("none"))
                .distinct()
                .toList();
        return still.size() == 2;
    }

    /** How much a result says: the largest |ln(P(r|H) / mean)| of any hypothesis. */
    static double strength(double[] likelihood) {
        double mean = Arrays.stream(likelihood).average().orElseThrow();
        return Arrays.stream(likelihood)
                .map(p -> Math.abs(Math.log(p / mean)))
                .max()
                .orElseThrow();
    }

    private static double[] plain(double[][] table, Observation o) {
        int r = o.check().index(o.result().code());
        return Arrays.stream(table).mapToDouble(row -> row[r]).toArray();
    }

    private double[][] table(Observation o) {
        return own.table(vehicle, o.check(), o.position(), hypotheses);
    }

    private static double[][] tempered(double[][] table, double weight) {
        if (weight == 1) {
            return table;
        }
        double[][] tempered = new double[table.length][table[0].length];
        for (int h = 0; h < table.length; h++) {
            double sum = 0;
            for (int r = 0; r < table[h].length; r++) {
                tempered[h][r] = Math.pow(table[h][r], weight);
                sum += tempered[h][r];
            }
            for (int r = 0; r < table[h].length; r++) {
                tempered[h][r] /= sum;
            }
        }
        return tempered;
    }

    private static double[] normal(double[] logs) {
        double most = Arrays.stream(logs).max().orElseThrow();
        double[] shares = Arrays.stream(logs).map(l -> Math.exp(l - most)).toArray();
        double sum = Arrays.stream(shares).sum();
        for (int i = 0; i < shares.length; i++) {
            shares[i] /= sum;
        }
        return shares;
    }

    /** How open the question is, in bits: Σ −p·log2 p. */
    static double bits(double[] shares) {
        double bits = 0;
        for (double p : shares) {
            if (p > 0) {
                bits -= p * Math.log(p) / LN2;
            }
        }
        return bits;
    }

    /**
     * Bits that a check would tell on average (mutual information), for joint weights that sum to 1 and its chances
     * under each hypothesis.
     */
    static double gain(double[] shares, double[][] chances) {
        double left = 0;
        for (int r = 0; r < chances[0].length; r++) {
            double sum = 0;
            double logs = 0;
            for (int h = 0; h < shares.length; h++) {
                double joint = shares[h] * chances[h][r];
                if (joint > 0) {
                    sum += joint;
                    logs += joint * Math.log(joint);
                }
            }
            left -= (logs - sum * Math.log(sum)) / LN2;
        }
        double before = 0;
        double all = 0;
        for (double p : shares) {
            all += p;
            before -= p > 0 ? p * Math.log(p) / LN2 : 0;
        }
        return Math.max(0, before + all * Math.log(all) / LN2 - left);
    }
}
