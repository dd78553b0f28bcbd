package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import unbo.core.finding.Level;
import unbo.core.vehicle.Place;

/**
 * Which cause at which position explains the results, how sure that is, how urgent it is, and which check tells most
 * next. Used from the first complaint to the verdict. Bayes' rule over exclusive hypotheses (one cause at one position,
 * and "none of these"), results of a group tempered; the next check is the one whose result is expected to take most
 * bits of doubt a minute. Source: Bayes' rule and mutual information as in any textbook of probability (for instance
 * MacKay, Information Theory, Inference, and Learning Algorithms, ch. 2, 3, 8); the numbers are the product's own
 * judgement. One cause is assumed, or wheel bearings on both sides of an axle: two other faults at once show as a
 * contradiction.
 */
public final class Diagnosis {

    /** Fair evidence: a likelihood ratio of so much or more. */
    public static final double FAIR = 3;

    private static final double DIGITS_OF_A_TIE = 100;

    private final DiagnosisInput input;
    private final OwnCases own;
    private final Belief belief;
    private final Urgency urgency;
    private final SafetyFirst safety;
    private final List<Ranked> ranked;

    /**
     * A hypothesis with its probability, before and after the results.
     *
     * @param prior 0 to 1
     * @param probability 0 to 1
     */
    public record Ranked(Hypothesis hypothesis, double prior, double probability, List<Evidence> evidence) {}

    /**
     * What one result says for or against a hypothesis.
     *
     * @param likelihoodRatio likelihood of the result under it, over that under the prior-weighted rest; over 1 is for
     * @param weight 1 for an independent result, ½, ¼ … for one that repeats what another said
     */
    public record Evidence(Observation seen, double likelihoodRatio, double weight) {}

    private Diagnosis(DiagnosisInput input, OwnCases own) {
        this.input = input;
        this.own = own;
        this.belief = new Belief(input, own);
        this.urgency = Urgency.of(input);
        this.safety = SafetyFirst.of(input, urgency.level());
        this.ranked = rank();
    }

    /** By the shipped table alone. */
    public static Diagnosis of(DiagnosisInput input) {
        return new Diagnosis(input, OwnCases.NONE);
    }

    /** By the shipped table moved by the workshop's own cases. */
    public static Diagnosis of(DiagnosisInput input, OwnCases own) {
        return new Diagnosis(input, own);
    }

    public DiagnosisInput input() {
        return input;
    }

    /** The most likely first; ties in the data file's order. */
    public List<Ranked> ranked() {
        return ranked;
    }

    public Ranked leader() {
        return ranked.get(0);
    }

    /** The probability of a hypothesis. */
    public double probability(String cause, String position) {
        return ranked.stream()
                .filter(r -> r.hypothesis().cause().code().equals(cause)
                        && (position == null || position.equals(r.hypothesis().position())))
                .mapToDouble(Ranked::probability)
                .sum();
    }

    /** How open the question still is, bits. */
    public double openBits() {
        return Belief.bits(belief.posterior());
    }

    /** How open it was before any check, bits. */
    public double openAtFirstBits() {
        return Belief.bits(belief.prior());
    }

    /** RIGHT when no result asks for anything. */
    public Level urgency() {
        return urgency.level();
    }

    public List<Urgency.Reason> urgencyReasons() {
        return urgency.reasons();
    }

    public SafetyFirst safety() {
        return safety;
    }

    /** True while nobody should drive it to listen. */
    public boolean holdsRoad() {
        return safety.holdsRoad();
    }

    public OwnCases own() {
        return own;
    }

    Belief belief() {
        return belief;
    }

    private List<Ranked> rank() {
        double[] posterior = belief.posterior();
        List<Ranked> all = new ArrayList<>();
        for (int h = 0; h < posterior.length; h++) {
            all.add(new Ranked(belief.hypotheses().get(h), belief.prior()[h], posterior[h], evidence(h)));
        }
        all.sort(Comparator.comparingDouble((Ranked r) -> -r.probability()));
        return List.copyOf(all);
    }

    private List<Evidence> evidence(int of) {
        double[] prior = belief.prior();
        List<Evidence> evidence = new ArrayList<>();
        for (Belief.Counted counted : belief.counted()) {
            double rest = 0;
            double weight = 0;
            for (int h = 0; h < prior.length; h++) {
                if (h != of) {
                    rest += prior[h] * counted.likelihood()[h];
                    weight += prior[h];
                }
            }
            evidence.add(new Evidence(counted.seen(), counted.likelihood()[of] * weight / rest, counted.weight()));
        }
        return List.copyOf(evidence);
    }

    /**
     * Checks not done yet, the best first: by bits a minute or by what they would change, a tie (two digits) by hazard,
     * then by whether it must be lifted. What comes first for safety stands before the rest; road tests are left out
     * while they are held.
     */
    public List<NextCheck> nextChecks() {
        List<NextCheck> next = new ArrayList<>();
        for (Way way : Checks.ways(input.vehicle())) {
            if (way.road() && safety.holdsRoad()) {
                continue;
            }
            for (String position :
                    way.check().positioned() ? way.positions() : java.util.Collections.<String>singletonList(null)) {
                if (open(way.check(), position)) {
                    next.add(next(way, position));
                }
            }
        }
        next.sort(Comparator.comparing(NextCheck::first)
                .reversed()
                .thenComparing(Comparator.comparingDouble((NextCheck n) -> rounded(n.rate(input.order())))
                        .reversed())
                .thenComparing(Comparator.comparingDouble((NextCheck n) -> rounded(n.rate()))
                        .reversed())
                .thenComparingInt(n -> n.way().hazard())
                .thenComparing(n -> n.way().lifted()));
        return next;
    }

    private boolean open(Check check, String position) {
        boolean there = position == null || Place.axle(position) <= input.axles();
        return there
                && input.seen().stream()
                        .noneMatch(o -> o.check().equals(check) && java.util.Objects.equals(o.position(), position));
    }

    /** A check as it would stand if it were done next. */
    NextCheck next(Way way, String position) {
        double[][] chances = belief.chances(way, position, 0);
        double gain = Belief.gain(belief.posterior(), chances);
        double saved = Stakes.saved(input.vehicle(), belief.hypotheses(), belief.posterior(), chances);
        boolean first = safety.left().stream()
                .anyMatch(l -> l.way().equals(way) && l.position().equals(position));
        return new NextCheck(way, position, gain, saved, first);
    }

    private static double rounded(double rate) {
        if (rate <= 0) {
            return 0;
        }
        double scale = Math.pow(10, Math.floor(Math.log10(rate))) * 10 / DIGITS_OF_A_TIE;
        return Math.round(rate / scale) * scale;
    }

    /** What each result of a check would do. */
    public NextCheck.Peeked peek(NextCheck next) {
        double[][] chances = belief.chances(next.way(), next.position(), 0);
        double[] posterior = belief.posterior();
        List<NextCheck.Peek> peeks = new ArrayList<>();
        for (Check.Result result : next.check().results()) {
            if (!result.offered(input.vehicle())) {
                continue;
            }
            int r = next.check().index(result.code());
            double chance = 0;
            for (int h = 0; h < posterior.length; h++) {
                chance += posterior[h] * chances[h][r];
            }
            Diagnosis then = new Diagnosis(input.with(new Observation(next.check(), next.position(), result)), own);
            peeks.add(new NextCheck.Peek(
                    result, chance, then.leader().hypothesis(), then.leader().probability(), then.urgency()));
        }
        return new NextCheck.Peeked(next, List.copyOf(peeks));
    }

    /**
     * Results that pull apart: no single named cause explains both to within a fair ratio; and results that fit
     * nothing.
     */
    public List<Contradiction> contradictions() {
        List<Contradiction> found = new ArrayList<>();
        List<Belief.Counted> counted = belief.counted();
        for (int i = 0; i < counted.size(); i++) {
            for (int j = i + 1; j < counted.size(); j++) {
                if (counted.get(i).seen().done().equals(counted.get(j).seen().done())
                        || pullApart(counted.get(i).plain(), counted.get(j).plain())) {
                    found.add(new Contradiction(
                            counted.get(i).seen(), counted.get(j).seen()));
                }
            }
        }
        if (counted.size() > 1 && nothingFits(counted)) {
            found.add(Contradiction.NOTHING_FITS);
        }
        return found;
    }

    private boolean pullApart(double[] one, double[] other) {
        double mostOne = most(one);
        double mostOther = most(other);
        for (int h = 0; h < one.length; h++) {
            if (!belief.hypotheses().get(h).none() && one[h] * FAIR > mostOne && other[h] * FAIR > mostOther) {
                return false;
            }
        }
        return true;
    }

    private double most(double[] likelihood) {
        double most = 0;
        for (int h = 0; h < likelihood.length; h++) {
            if (!belief.hypotheses().get(h).none()) {
                most = Math.max(most, likelihood[h]);
            }
        }
        return most;
    }

    private boolean nothingFits(List<Belief.Counted> counted) {
        double best = Double.NEGATIVE_INFINITY;
        double none = Double.NEGATIVE_INFINITY;
        for (int h = 0; h < belief.hypotheses().size(); h++) {
            int at = h;
            double sum = counted.stream()
                    .mapToDouble(c -> Math.log(c.likelihood()[at]))
                    .sum();
            if (belief.hypotheses().get(h).none()) {
                none = sum;
            } else {
                best = Math.max(best, sum);
            }
        }
        return none > best;
    }

    /** The road test that would tell most; empty of manoeuvres while it is held. */
    public RoadCard roadCard() {
        return RoadCard.of(this);
    }
}
