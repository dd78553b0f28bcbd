package unbo.core.damage;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * How marks of one kind are spread on a race: how many, where across, and whether they stand at the pitch of the
 * rolling elements. Whether they do is told by circular statistics: the mean resultant R of the angles times the number
 * of elements, against chance (Rayleigh's test, for instance Mardia and Jupp, Directional Statistics, 6.3: n·R² over
 * 4.5 comes about by chance once in ninety).
 *
 * @param count single marks; spots of a stroke that stand at one angle are one
 * @param coverage share of the race that is painted
 * @param arcDeg how far round it goes, gaps up to 20° counted in
 * @param atPitch true where they stand at the element pitch
 * @param order marks a turn that fit best among whole multiples of the element number; 0 where none does
 */
public record Spread(
        int count, Across across, double coverage, double arcDeg, boolean atPitch, int order, double regularity) {
    /**
     * Where across the race.
     *
     * @param acrossLow lowest edge, share of the race
     */
    public record Across(double acrossLow, double acrossHigh, double acrossMean) {}

    static final Spread NONE = new Spread(0, new Across(1, 0, 0.5), 0, 0, false, 0, 0);

    private static final double SAME_DEG = 2.5;
    private static final double BEYOND_CHANCE = 4.5;
    private static final double CLEAR = 0.45;
    private static final int FINEST = 8;
    private static final int BRIDGE_DEG = 20;

    static Spread of(List<Stroke> strokes, String mark, @Nullable Integer elements) {
        List<Stroke> own =
                strokes.stream().filter(s -> s.mark().code().equals(mark)).toList();
        if (own.isEmpty()) {
            return NONE;
        }
        List<Double> angles = new ArrayList<>();
        double low = 1;
        double high = 0;
        double sum = 0;
        int n = 0;
        for (Stroke s : own) {
            List<Double> here = new ArrayList<>();
            for (Stroke.Spot spot : s.spots()) {
                low = Math.min(low, Math.max(0, spot.across() - s.width() / 2));
                high = Math.max(high, Math.min(1, spot.across() + s.width() / 2));
                sum += spot.across();
                n++;
                if (here.stream().noneMatch(a -> Math.abs(Painting.turn(a, spot.angleDeg())) < SAME_DEG)) {
                    here.add(spot.angleDeg());
                }
            }
            angles.addAll(here);
        }
        angles.sort(Comparator.naturalOrder());
        Painting p = Painting.of(strokes, mark, true);
        double arc = Painting.of(strokes, mark, false).arcs(BRIDGE_DEG).stream()
                .mapToDouble(a -> a[1])
                .sum();
        int order = 0;
        double best = 0;
        for (int k = 1; elements != null && k <= FINEST; k++) {
            double r = resultant(angles, elements * k);
            boolean beyond = angles.size() >= 4 && angles.size() * r * r > BEYOND_CHANCE && r > CLEAR;
            if (beyond && r > best + 0.05) {
                best = r;
                order = elements * k;
            }
        }
        boolean enough = elements != null && angles.size() >= 0.4 * elements && angles.size() <= 1.4 * elements;
        return new Spread(
                angles.size(),
                new Across(low, high, sum / n),
                p.coverage(),
                arc,
                enough && order == requireNonNull(elements),
                order,
                best);
    }

    private static double resultant(List<Double> angles, int order) {
        double x = 0;
        double y = 0;
        for (double a : angles) {
            x += Math.cos(Math.toRadians(a * order));
            y += Math.sin(Math.toRadians(a * order));
        }
        return Math.hypot(x, y) / angles.size();
    }

    public boolean there() {
        return count > 0;
    }

    /** How much of the width they reach across. */
    public double reach() {
        return Math.max(0, acrossHigh() - acrossLow());
    }

    /** True where all of them lie in one third at an edge. */
    public boolean oneEdge() {
        return there() && (acrossHigh() <= 0.36 || acrossLow() >= 0.64);
    }

    public double acrossLow() {
        return across.acrossLow();
    }

    public double acrossHigh() {
        return across.acrossHigh();
    }

    public double acrossMean() {
        return across.acrossMean();
    }
}
