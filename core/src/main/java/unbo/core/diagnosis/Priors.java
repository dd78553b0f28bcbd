package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import org.jspecify.annotations.Nullable;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.vehicle.Place;

/**
 * How likely each hypothesis is before any check: by kind of vehicle, what it goes through, how far and how long the
 * bearing has run, and what has failed at the position before; moved by the workshop's own cases. The product's own
 * judgement, in data files anybody can read.
 */
public final class Priors {

    /** A bearing's weight doubles with so many kilometres since it was looked after. */
    private static final double DOUBLES_AT_KM = 100_000;
    /** The same by years. */
    private static final double DOUBLES_AT_YEARS = 10;
    /** Age and distance make a bearing at most so many times more likely. */
    private static final double MOST_BY_AGE = 3;
    /** Each earlier failure at a position adds so much. */
    private static final double EACH_FAILURE = 0.5;
    /** The position the complaint is about, when it is known before any check. */
    private static final double COMPLAINED_OF = 2;

    private static final int MOST_FAILURES = 4;
    private static final String WHEEL_BEARING = "wheel-bearing";
    /** Both sides at once, as a share of one side alone. */
    private static final double BOTH = 0.1;

    private static final Map<String, Map<Hypothesis, Double>> WEIGHTS = readWeights();
    private static final List<Circumstance> CIRCUMSTANCES = readCircumstances();

    private Priors() {}

    /** Something a vehicle goes through that makes a cause {@code factor} times as likely. */
    record Circumstance(String code, String label, String cause, double factor, String why) {}

    /** Why a hypothesis weighs more or less than the table says. */
    public record Reason(String words, double factor) {}

    /** The hypotheses of a kind of vehicle, "none of these" last. */
    public static List<Hypothesis> hypotheses(String vehicle, int axles) {
        return weights(vehicle).keySet().stream()
                .filter(h -> h.positions().stream().allMatch(at -> Place.axle(at) <= axles))
                .toList();
    }

    /** The hypothesis a closed job turned out to be; null when its cause is none of that vehicle's. */
    static @Nullable Hypothesis find(String vehicle, String cause, String position) {
        return WEIGHTS.getOrDefault(vehicle, Map.of()).keySet().stream()
                .filter(h -> h.cause().code().equals(cause)
                        && h.pair().isEmpty()
                        && (h.position() == null || h.position().equals(position)))
                .findFirst()
                .orElse(null);
    }

    private static Map<Hypothesis, Double> weights(String vehicle) {
        return Objects.requireNonNull(WEIGHTS.get(vehicle), vehicle);
    }

    /** The shipped share of a hypothesis among those given. */
    static double shipped(String vehicle, Hypothesis hypothesis, List<Hypothesis> among) {
        Map<Hypothesis, Double> weights = weights(vehicle);
        return Objects.requireNonNull(weights.get(hypothesis), hypothesis.key())
                / among.stream().mapToDouble(weights::get).sum();
    }

    /** Probabilities before any check; sum 1. */
    static double[] of(DiagnosisInput in, List<Hypothesis> hypotheses, OwnCases own) {
        double[] weights = new double[hypotheses.size()];
        int cases =
                hypotheses.stream().mapToInt(h -> own.truths(in.vehicle(), h)).sum();
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            Hypothesis h = hypotheses.get(i);
            double shipped = shipped(in.vehicle(), h, hypotheses);
            weights[i] =
                    (OwnCases.SHIPPED_WORTH * shipped + own.truths(in.vehicle(), h)) / (OwnCases.SHIPPED_WORTH + cases);
            for (Reason reason : reasons(in, h)) {
                weights[i] *= reason.factor();
            }
            sum += weights[i];
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= sum;
        }
        return weights;
    }

    /** What this vehicle's life makes of a hypothesis, factor by factor. */
    public static List<Reason> reasons(DiagnosisInput in, Hypothesis h) {
        List<Reason> reasons = new ArrayList<>();
        CIRCUMSTANCES.stream()
                .filter(c ->
                        c.cause().equals(h.cause().code()) && in.circumstances().contains(c.code()))
                .forEach(c -> reasons.add(new Reason(c.label() + ": " + c.why(), c.factor())));
        boolean here = in.position() != null && h.positions().contains(in.position());
        if (here) {
            reasons.add(new Reason("the complaint is about this position", COMPLAINED_OF));
        }
        if (h.cause().bearing() && (here || in.position() == null)) {
            double worn = 1
                    + (in.distanceKm() == null ? 0 : in.distanceKm() / DOUBLES_AT_KM)
                    + (in.years() == null ? 0 : in.years() / DOUBLES_AT_YEARS);
            if (worn > 1) {
                reasons.add(new Reason("distance and age since it was last looked after", Math.min(MOST_BY_AGE, worn)));
            }
        }
        int failed = h.cause().code().equals(WHEEL_BEARING)
                ? h.positions().stream()
                        .mapToInt(at -> in.failures().getOrDefault(at, 0))
                        .max()
                        .orElse(0)
                : 0;
        if (failed > 0) {
            reasons.add(new Reason(
                    "bearing failures here before: " + failed, 1 + EACH_FAILURE * Math.min(MOST_FAILURES, failed)));
        }
        return reasons;
    }

    /** What a vehicle can go through, as choices. */
    public static List<Field.Choice> circumstances() {
        return CIRCUMSTANCES.stream()
                .map(c -> new Field.Choice(c.code(), c.label()))
                .distinct()
                .toList();
    }

    private static Map<String, Map<Hypothesis, Double>> readWeights() {
        Map<String, Map<Hypothesis, Double>> weights = new HashMap<>();
        for (TableRow row : Table.read(Priors.class, "priors.csv")) {
            Cause cause = Cause.of(row.get("cause"));
            double weight = row.number("weight");
            for (String vehicle : Checks.words(row.get("vehicles"))) {
                Map<Hypothesis, Double> mine = weights.computeIfAbsent(vehicle, v -> new LinkedHashMap<>());
                if (row.get("at").equals("-")) {
                    mine.put(new Hypothesis(cause, null), weight);
                } else {
                    Checks.words(row.get("at")).forEach(position -> mine.put(new Hypothesis(cause, position), weight));
                }
            }
        }
        weights.forEach(Priors::addPairs);
        return weights;
    }

    /** Wheel bearings on both sides of an axle: set by the same hand, in the same grease. */
    private static void addPairs(String vehicle, Map<Hypothesis, Double> weights) {
        Hypothesis none = new Hypothesis(Cause.of(Cause.NONE), null);
        Double last = weights.remove(none);
        Map<Hypothesis, Double> pairs = new LinkedHashMap<>();
        weights.forEach((h, weight) -> {
            if (h.cause().code().equals(WHEEL_BEARING) && h.position() != null) {
                String twin = Place.of(vehicle, h.position()).map(Place::twin).orElse("");
                boolean there = weights.containsKey(new Hypothesis(h.cause(), twin));
                if (there
                        && pairs.keySet().stream().noneMatch(pair -> pair.pair().contains(h.position()))) {
                    pairs.put(Hypothesis.both(h.cause(), h.position(), twin), weight * BOTH);
                }
            }
        });
        weights.putAll(pairs);
        if (last != null) {
            weights.put(none, last);
        }
    }

    private static List<Circumstance> readCircumstances() {
        List<Circumstance> all = new ArrayList<>();
        for (TableRow row : Table.read(Priors.class, "circumstances.csv")) {
            all.add(new Circumstance(
                    row.get("code"),
                    row.get("label"),
                    Cause.of(row.get("cause")).code(),
                    row.number("factor"),
                    row.get("why")));
        }
        return List.copyOf(all);
    }
}
