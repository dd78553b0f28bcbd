package unbo.core.spares;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import org.jspecify.annotations.Nullable;

/**
 * Which spares to carry so that the chance to come through without a stop is greatest, under a limit of mass or money.
 * Places fail independently with so many failures to be looked for on the way; those of one part add up (a sum of
 * Poisson's is Poisson's), and n pieces answer up to n of them: P = Π Σ_{k ≤ n} e^(−Λ)·Λ^k/k!. The best kit is exact:
 * the sums of all kits that are not outdone by a lighter one are kept, part by part. What cannot be fitted on the road
 * answers nothing.
 *
 * @param kit pieces by part, those of which none is carried left out
 * @param chanceWithout to come through with nothing carried
 * @param chanceWith to come through with the kit
 * @param next what the next piece would add; null where no further piece helps
 */
public record SpareKit(
        Input input,
        Map<Part, Integer> kit,
        double chanceWithout,
        double chanceWith,
        @Nullable Next next) {

    /** A further piece that adds less than this to the chance is not looked at. */
    private static final double NOTHING = 1e-7;

    private static final int MOST_PIECES = 30;
    /** Sums that differ by less are the same. */
    private static final double GRAIN = 1e-6;

    /**
     * What is asked.
     *
     * @param byMass true where the limit is grams, false where it is money
     */
    public record Input(List<Place> places, List<Part> parts, boolean byMass, double limit) {

        public Input {
            places = List.copyOf(places);
            parts = List.copyOf(parts);
        }

        double weighs(Part part) {
            return byMass ? part.grams() : part.price();
        }
    }

    /** @param lambda failures to be looked for on the way, 0 or more */
    public record Place(String name, String part, double lambda) {}

    /**
     * A spare, or a kit of what is fitted together.
     *
     * @param grams mass, 0 or more
     * @param price in the money of the workshop, 0 or more
     * @param fitOnRoad true where it can be fitted with the tools that are carried
     * @param contents what it is made up of; empty where it is one piece
     */
    public record Part(String name, double grams, double price, boolean fitOnRoad, String contents) {}

    /** @param chance to come through with that piece as well */
    public record Next(Part part, double chance) {}

    public static SpareKit of(Input in) {
        double without = -in.places().stream().mapToDouble(Place::lambda).sum();
        List<Part> useful = in.parts().stream()
                .filter(Part::fitOnRoad)
                .filter(part -> lambda(in, part) > 0)
                .toList();
        Map<Part, Integer> kit = best(in, useful);
        double with = without + gain(in, kit);
        return new SpareKit(in, kit, Math.exp(without), Math.exp(with), next(in, useful, kit, without));
    }

    /** Failures to be looked for at the places that take a part. */
    public static double lambda(Input in, Part part) {
        return in.places().stream()
                .filter(place -> place.part().equals(part.name()))
                .mapToDouble(Place::lambda)
                .sum();
    }

    /** Chance that a part stops the trip with so many pieces carried; those that cannot be fitted count as none. */
    public static double stops(Input in, Part part, int pieces) {
        double lambda = lambda(in, part);
        return -Math.expm1(gain(lambda, part.fitOnRoad() ? pieces : 0) - lambda);
    }

    /** ln of what n pieces of a part multiply the chance by. */
    private static double gain(double lambda, int pieces) {
        double term = 1;
        double sum = 1;
        for (int k = 1; k <= pieces; k++) {
            term *= lambda / k;
            sum += term;
        }
        return Math.log(sum);
    }

    private static double gain(Input in, Map<Part, Integer> kit) {
        return kit.entrySet().stream()
                .mapToDouble(carried -> gain(lambda(in, carried.getKey()), carried.getValue()))
                .sum();
    }

    /**
     * A kit so far.
     *
     * @param before the kit without the last part
     * @param gain what it saves, in the money of the trip
     * @param weight in the unit of the limit
     */
    private record State(
            double weight,
            double gain,
            int pieces,
            @Nullable State before) {}

    private static Map<Part, Integer> best(Input in, List<Part> useful) {
        List<State> states = List.of(new State(0, 0, 0, null));
        for (Part part : useful) {
            states = undone(with(in, part, states));
        }
        State best = states.get(states.size() - 1);
        int[] pieces = new int[useful.size()];
        State at = best;
        for (int i = useful.size() - 1; i >= 0; i--) {
            pieces[i] = at.pieces();
            at = java.util.Objects.requireNonNull(at.before());
        }
        Map<Part, Integer> kit = new LinkedHashMap<>();
        for (int i = 0; i < pieces.length; i++) {
            if (pieces[i] > 0) {
                kit.put(useful.get(i), pieces[i]);
            }
        }
        return kit;
    }

    private static List<State> with(Input in, Part part, List<State> states) {
        double lambda = lambda(in, part);
        double weighs = in.weighs(part);
        List<State> all = new ArrayList<>();
        double before = -1;
        for (int n = 0; n <= MOST_PIECES; n++) {
            double gain = gain(lambda, n);
            if (gain - before < NOTHING) {
                break;
            }
            before = gain;
            for (State state : states) {
                double weight = state.weight() + n * weighs;
                if (weight <= in.limit() + GRAIN) {
                    all.add(new State(weight, state.gain() + gain, n, state));
                }
            }
        }
        return all;
    }

    /** Those that no lighter one equals, the lightest first. */
    private static List<State> undone(List<State> states) {
        Map<Long, State> best = new HashMap<>();
        states.forEach(
                state -> best.merge(Math.round(state.weight() / GRAIN), state, (a, b) -> b.gain() > a.gain() ? b : a));
        List<State> left = new ArrayList<>();
        double most = Double.NEGATIVE_INFINITY;
        for (State state : new TreeMap<>(best).values()) {
            if (state.gain() > most + 1e-12) {
                left.add(state);
                most = state.gain();
            }
        }
        return left;
    }

    private static @Nullable Next next(Input in, List<Part> useful, Map<Part, Integer> kit, double without) {
        return useful.stream()
                .map(part -> {
                    Map<Part, Integer> more = new HashMap<>(kit);
                    more.merge(part, 1, Integer::sum);
                    return new Next(part, Math.exp(without + gain(in, more)));
                })
                .filter(next -> next.chance() - Math.exp(without + gain(in, kit)) > NOTHING)
                .max(Comparator.comparingDouble(Next::chance))
                .orElse(null);
    }

    /** What the kit weighs, grams. */
    public double grams() {
        return kit.entrySet().stream()
                .mapToDouble(carried -> carried.getKey().grams() * carried.getValue())
                .sum();
    }

    /** What the kit costs. */
    public double price() {
        return kit.entrySet().stream()
                .mapToDouble(carried -> carried.getKey().price() * carried.getValue())
                .sum();
    }

    /** Places that no spare of the list answers: none is listed, or it cannot be fitted on the road. */
    public List<Place> helpless() {
        return input.places().stream()
                .filter(place -> place.lambda() > 0
                        && input.parts().stream()
                                .noneMatch(
                                        part -> part.fitOnRoad() && part.name().equals(place.part())))
                .toList();
    }
}
