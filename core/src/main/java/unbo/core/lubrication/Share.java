package unbo.core.lubrication;

import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.input.Field;

/**
 * Least and most share of a bearing's free room that is filled with grease, by what it does: a wheel 30 to 50 %
 * whatever its speed, a clean race wheel a quarter, a pulley 25 to 35 %, a pivot that only rocks 80 to 90 %, otherwise
 * by its speed figure n·dm. Tapers and loose rollers packed by hand 80 to 100 %: what is too much moves out beside
 * them.
 */
public record Share(double least, double most) {

    /** Greased for life: nothing is added. */
    public static final Share NONE = new Share(0, 0);

    public static final Share PACKED_BY_HAND = new Share(0.80, 1.00);
    private static final Share HALF = new Share(0.30, 0.50);
    private static final Share SLOW = new Share(0.50, 0.75);
    private static final Share FAST = new Share(0.25, 0.30);

    /** n·dm up to which a bearing counts as slow, and over which as fast, mm/min. */
    private static final double SLOW_NDM = 50_000;

    private static final double FAST_NDM = 300_000;

    /** What a bearing can do, for a form. */
    public static final List<Field.Choice> USES = List.of(
            new Field.Choice("wheel", "a wheel"),
            new Field.Choice("race", "a clean race wheel, opened often"),
            new Field.Choice("pulley", "a pulley"),
            new Field.Choice("pivot", "a pivot that rocks"),
            new Field.Choice("slow", "turns slowly"));

    /**
     * @param use wheel, race, pulley, pivot, slow; anything else goes by the speed figure
     * @param nDm mm/min; null without a speed
     */
    public static Share of(String use, @Nullable Double nDm) {
        return switch (use) {
            case "wheel" -> HALF;
            case "race" -> new Share(0.25, 0.25);
            case "pulley" -> new Share(0.25, 0.35);
            case "pivot" -> new Share(0.80, 0.90);
            case "slow" -> SLOW;
            default -> nDm == null || nDm > SLOW_NDM && nDm <= FAST_NDM ? HALF : nDm <= SLOW_NDM ? SLOW : FAST;
        };
    }

    /** Grams of so much room. @param cm3 free volume */
    public Range grams(double cm3) {
        double full = cm3 * FreeVolume.GREASE_G_PER_CM3;
        return new Range(full * least, full * most);
    }

    /** As printed, without the unit where it is one number. */
    public String percent() {
        long low = Math.round(least * 100);
        long high = Math.round(most * 100);
        return low == high ? low + " %" : low + " to " + high + " %";
    }

    /** The use of a code that a form offers. */
    public static Optional<Field.Choice> use(String code) {
        return USES.stream().filter(choice -> choice.code().equals(code)).findFirst();
    }

    /**
     * Least and most, grams.
     *
     * @param least in the unit of what is shared
     * @param most the same
     */
    public record Range(double least, double most) {}
}
