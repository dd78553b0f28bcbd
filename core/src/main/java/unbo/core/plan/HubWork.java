package unbo.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;

import org.jspecify.annotations.Nullable;

import unbo.core.apart.Apart;
import unbo.core.apart.ApartStep;
import unbo.core.apart.MountStep;
import unbo.core.apart.Together;
import unbo.core.bearing.Bearing;

/**
 * The steps of a plan as pieces of a day: what needs the press apart from what does not, and what goes in hot apart
 * from what can be done while the oven is warming.
 */
public final class HubWork {

    /** Resource of what is pressed. */
    public static final String PRESS = "press";
    /** Methods that are done under a press begin so. */
    private static final String PRESSED = "press-";
    /** Method by which the ring is warmed; all others that warm something warm what it goes into. */
    private static final String RING = "heat-ring";

    private HubWork() {}

    /** The method that a step's code ends with, where it is one of taking apart; empty where it is not. */
    public static Optional<String> method(String step) {
        return Apart.methods().stream()
                .filter(code -> step.endsWith("-" + code))
                .max(Comparator.comparingInt(String::length));
    }

    /**
     * A piece, done in one go.
     *
     * @param what in a word; empty where it is all of its stage
     * @param minutes hands-on
     * @param uses resources beside a person
     * @param load what is warmed for it; null where nothing is
     */
    public record Piece(
            String what,
            double minutes,
            List<String> uses,
            @Nullable Load load) {

        public Piece {
            uses = List.copyOf(uses);
        }
    }

    /**
     * What is in the oven together.
     *
     * @param rings how many
     * @param housing true where the part is warmed that they go into
     * @param shares of the oven that it takes, of {@value Oven#SHARES}
     * @param limitC nothing of it takes more, °C: the oven is set to it
     * @param minutes in the oven until all is warm
     */
    public record Load(int rings, boolean housing, int shares, int limitC, double minutes) {

        /** In words, as ring, 2 rings, or housing. */
        String what() {
            String all = rings > 1 ? rings + " rings" : "ring";
            return rings == 0 ? "housing" : housing ? "housing and " + all : all;
        }

        /** True where something stays in the oven while the first is fitted. */
        boolean several() {
            return rings + (housing ? 1 : 0) > 1;
        }
    }

    /**
     * Taking apart: before the press, under it from its first step to its last, after it.
     *
     * @param done codes of the steps that are ticked, part and method
     * @param pace what the minutes of a method are to be multiplied by, by its code
     */
    public static List<Piece> apart(Apart plan, Set<String> done, ToDoubleFunction<String> pace) {
        List<ApartStep> left = plan.steps().stream()
                .filter(step -> !done.contains(step.code()))
                .toList();
        int first = left.size();
        int last = -1;
        for (int i = 0; i < left.size(); i++) {
            if (left.get(i).how().method().startsWith(PRESSED)) {
                first = Math.min(first, i);
                last = i;
            }
        }
        List<Piece> pieces = new ArrayList<>();
        if (last < 0) {
            add(pieces, "", minutes(left, pace), List.of());
            return pieces;
        }
        add(pieces, "to the press", minutes(left.subList(0, first), pace), List.of());
        add(pieces, "press", minutes(left.subList(first, last + 1), pace), List.of(PRESS));
        add(pieces, "the rest", minutes(left.subList(last + 1, left.size()), pace), List.of());
        return pieces;
    }

    private static double minutes(List<ApartStep> steps, ToDoubleFunction<String> pace) {
        return steps.stream()
                .mapToDouble(
                        step -> step.minutes() * pace.applyAsDouble(step.how().method()))
                .sum();
    }

    private static void add(List<Piece> pieces, String what, double minutes, List<String> uses) {
        if (minutes > 0) {
            pieces.add(new Piece(what, minutes, uses, null));
        }
    }

    /**
     * Putting together: cold pieces, and hot ones from the first ring of a load to its last. Rings whose limits differ
     * are warmed one load after the other.
     */
    public static List<Piece> together(Together plan, Oven oven, ToDoubleFunction<String> pace) {
        List<Piece> pieces = new ArrayList<>();
        List<MountStep> steps = plan.steps();
        int from = 0;
        while (from < steps.size()) {
            MountStep.Warm warm = steps.get(from).warm();
            int to = warm == null ? cold(steps, from) : hot(steps, from, warm.limitC());
            List<MountStep> piece = steps.subList(from, to);
            double minutes = piece.stream()
                    .mapToDouble(step -> step.minutes() * pace.applyAsDouble(step.method()))
                    .sum();
            boolean pressed = piece.stream().anyMatch(step -> step.method().startsWith(PRESSED));
            String what = warm != null ? "hot" : from > 0 ? "the rest" : to < steps.size() ? "what goes in cold" : "";
            pieces.add(new Piece(
                    what,
                    minutes,
                    pressed ? List.of(PRESS) : List.of(),
                    warm == null ? null : load(plan, piece, warm.limitC(), oven)));
            from = to;
        }
        return pieces;
    }

    private static int cold(List<MountStep> steps, int from) {
        int to = from;
        while (to < steps.size() && steps.get(to).warm() == null) {
            to++;
        }
        return to;
    }

    /** After the last step that is warmed to the same limit, before one that is to another. */
    private static int hot(List<MountStep> steps, int from, double limitC) {
        int last = from;
        for (int i = from; i < steps.size(); i++) {
            MountStep.Warm warm = steps.get(i).warm();
            if (warm != null && warm.limitC() != limitC) {
                break;
            }
            last = warm == null ? last : i;
        }
        return last + 1;
    }

    private static Load load(Together plan, List<MountStep> piece, double limitC, Oven oven) {
        int rings = 0;
        boolean housing = false;
        int shares = 0;
        double longest = 0;
        for (MountStep step : piece) {
            if (step.warm() != null) {
                boolean ring = step.method().equals(RING);
                rings += ring ? 1 : 0;
                housing |= !ring;
                Bearing of = ring ? bearing(plan, step) : null;
                shares += oven.shares(of);
                longest = Math.max(longest, oven.minutes(of, step.warm().celsius(), limitC));
            }
        }
        return new Load(rings, housing, Math.min(Oven.SHARES, shares), (int) Math.floor(limitC), longest);
    }

    /** The ring that is warmed; null where nothing is known of it. */
    private static @Nullable Bearing bearing(Together plan, MountStep step) {
        String place = step.part().place();
        return place == null ? null : plan.apart().input().assembly().bearings().get(place);
    }
}
