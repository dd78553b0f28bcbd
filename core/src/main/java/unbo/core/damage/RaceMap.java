package unbo.core.damage;

import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * What the races of a removed bearing say: its painting measured, and the modes of damage ranked by the features that
 * speak for and against each. Modes do not exclude each other: a bearing that stood in water and then ran in dirt shows
 * both. Patterns after ISO 15243 and textbooks of failure analysis; the weights are this bench's own, and confidences a
 * guide.
 *
 * @param ranked best first, those of any weight
 */
public record RaceMap(RaceMapInput input, RingPainting inner, RingPainting outer, List<Reading> ranked) {

    /** Under this a mode is a guess. */
    public static final double LIKELY = 0.5;

    private static final double CLEAR = 0.75;
    private static final double WORTH_NAMING = 0.12;

    /**
     * One mode.
     *
     * @param confidence 0 to 1
     * @param because what spoke for it
     * @param against what spoke against it
     * @param remedy what to change, fitted to what was seen
     */
    public record Reading(Mode mode, double confidence, List<String> because, List<String> against, String remedy) {

        /** The confidence in a word. */
        public String word() {
            return confidence >= CLEAR ? "clear" : confidence >= LIKELY ? "likely" : "a guess";
        }
    }

    public static RaceMap of(RaceMapInput in) {
        RingPainting inner = RingPainting.of(true, in.inner(), in.elements());
        RingPainting outer = RingPainting.of(false, in.outer(), in.elements());
        List<Reading> ranked = new Patterns(in, inner, outer)
                .readings().stream()
                        .filter(r -> r.confidence() >= WORTH_NAMING)
                        .sorted(Comparator.comparingDouble(Reading::confidence).reversed())
                        .toList();
        return new RaceMap(in, inner, outer, ranked);
    }

    /** The first reading, when it is likely; null while no pattern stands out. */
    public @Nullable Reading verdict() {
        return ranked.isEmpty() || ranked.get(0).confidence() < LIKELY ? null : ranked.get(0);
    }

    /** Those that are likely. */
    public List<Reading> likely() {
        return ranked.stream().filter(r -> r.confidence() >= LIKELY).toList();
    }

    public boolean empty() {
        return inner.empty() && outer.empty() && input.seen().isEmpty();
    }

    /**
     * True for what may not go back: any spall, crack, temper colour but straw, line or dent, a hurt rolling element or
     * cage, a scored seat.
     */
    public boolean scrap() {
        return input.seen().stream().anyMatch(Seen::scrap)
                || List.of(inner, outer).stream()
                        .anyMatch(
                                r -> List.of("spall", "crack", "blue", "brown", "dark-line", "dent", "ripple").stream()
                                        .anyMatch(r::has));
    }
}
