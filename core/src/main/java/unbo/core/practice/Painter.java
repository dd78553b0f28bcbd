package unbo.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.jspecify.annotations.Nullable;

import unbo.core.damage.Mark;
import unbo.core.damage.Mode;
import unbo.core.damage.Stroke;

/**
 * Paints the races of a bearing that ended in a known way, with the shake of a hand: spots off along and across,
 * strokes thinner and thicker, the ring turned anyhow. Numbers are drawn as integers, so that one seed gives one
 * painting on every machine.
 */
public final class Painter {

    /** Levels there are: clean, by hand, with marks that mean nothing, two faults at once. */
    public static final int LEVELS = 4;

    private static final int MEANINGLESS = 3;
    private static final int MIXED = 4;
    private static final int FINE = 10_000;
    private static final int MOST_ELEMENTS = 17;
    private static final int FEWEST_ELEMENTS = 9;

    private Painter() {}

    /**
     * A painted pair.
     *
     * @param second what else it went through; null where that is nothing
     */
    public record Painted(Mode mode, @Nullable Mode second, List<Stroke> inner, List<Stroke> outer, int elements) {}

    /** Of any mode. @param level from 1 to {@value #LEVELS} */
    public static Painted any(SplittableRandom random, int level) {
        return of(Mode.all().get(random.nextInt(Mode.all().size())), random, level);
    }

    /** Of one mode; at the last level with another beside it. */
    public static Painted of(Mode mode, SplittableRandom random, int level) {
        int elements = FEWEST_ELEMENTS + random.nextInt(MOST_ELEMENTS - FEWEST_ELEMENTS + 1);
        double shake = level == 1 ? 0.4 : 1;
        double turned = 360 * share(random);
        Mode second = level < MIXED || mode.id().equals("normal") ? null : another(mode, random);
        List<Stroke> inner = new ArrayList<>(shaken(mode.plate(true, elements), turned, shake, random));
        List<Stroke> outer = new ArrayList<>(shaken(mode.plate(false, elements), turned, shake, random));
        if (second != null) {
            inner.addAll(shaken(marks(second.plate(true, elements)), turned, shake, random));
            outer.addAll(shaken(marks(second.plate(false, elements)), turned, shake, random));
        }
        if (level >= MEANINGLESS) {
            inner.add(speck(random));
            outer.add(speck(random));
        }
        return new Painted(mode, second, List.copyOf(inner), List.copyOf(outer), elements);
    }

    private static Mode another(Mode mode, SplittableRandom random) {
        Mode other = mode;
        while (other.id().equals(mode.id()) || other.id().equals("normal")) {
            other = Mode.all().get(random.nextInt(Mode.all().size()));
        }
        return other;
    }

    /** All but the running track, which a race has once. */
    private static List<Stroke> marks(List<Stroke> strokes) {
        return strokes.stream().filter(s -> !s.mark().code().equals("track")).toList();
    }

    /** Spots off by up to 4° and 6 % of the width, strokes up to 15 % thinner or thicker, times the shake. */
    public static List<Stroke> shaken(List<Stroke> strokes, double turned, double shake, SplittableRandom random) {
        return strokes.stream()
                .map(s -> new Stroke(
                        s.mark(),
                        Math.max(0.02, Math.min(1, s.width() * (1 + shake * (0.3 * share(random) - 0.15)))),
                        s.spots().stream()
                                .map(p -> new Stroke.Spot(
                                        p.angleDeg() + turned + shake * (8 * share(random) - 4),
                                        p.across() + shake * (0.12 * share(random) - 0.06)))
                                .toList()))
                .toList();
    }

    /** A single dent of a tool or a hair: it means nothing. */
    private static Stroke speck(SplittableRandom random) {
        return new Stroke(
                Mark.of("dent").orElseThrow(),
                0.04,
                List.of(new Stroke.Spot(360 * share(random), 0.2 + 0.6 * share(random))));
    }

    /** From 0 to under 1, in ten thousandths. */
    static double share(SplittableRandom random) {
        return random.nextInt(FINE) / (double) FINE;
    }
}
