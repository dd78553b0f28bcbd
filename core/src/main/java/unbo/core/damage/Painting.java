package unbo.core.damage;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * Where one kind of mark lies on a race, in cells of a degree by a hundredth of its width. Spots of one stroke no more
 * than 46° apart are joined; a stroke that goes round is closed.
 */
public final class Painting {

    static final int DEGREES = 360;
    private static final int ACROSS = 100;
    private static final int HALF = ACROSS / 2;
    private static final double JOINED_DEG = 46;
    private static final double ROUND_DEG = 300;

    /** A bit for each cell of a degree, the lower and the upper half of the width. */
    private final long[] lower = new long[DEGREES];

    private final long[] upper = new long[DEGREES];

    private Painting() {}

    static Painting of(List<Stroke> strokes, String mark, boolean joined) {
        Painting p = new Painting();
        strokes.stream().filter(s -> s.mark().code().equals(mark)).forEach(s -> p.paint(s, joined));
        return p;
    }

    private void paint(Stroke s, boolean joined) {
        List<Stroke.Spot> spots = s.spots();
        double gone = 0;
        for (int i = 0; i < spots.size(); i++) {
            spot(spots.get(i).angleDeg(), spots.get(i).across(), s.width());
            if (joined && i > 0) {
                gone += join(spots.get(i - 1), spots.get(i), s.width());
            }
        }
        if (joined && spots.size() > 2 && Math.abs(gone) >= ROUND_DEG) {
            join(spots.get(spots.size() - 1), spots.get(0), s.width());
        }
    }

    /** @return degrees that were gone, 0 where the spots are too far apart to belong together */
    private double join(Stroke.Spot from, Stroke.Spot to, double width) {
        double way = turn(from.angleDeg(), to.angleDeg());
        if (Math.abs(way) > JOINED_DEG) {
            return 0;
        }
        int steps = Math.max(1, (int) Math.ceil(Math.abs(way) * 2));
        for (int i = 1; i < steps; i++) {
            double t = (double) i / steps;
            spot(from.angleDeg() + way * t, from.across() + (to.across() - from.across()) * t, width);
        }
        return way;
    }

    private void spot(double angle, double across, double width) {
        int column = Math.floorMod((int) Math.round(angle), DEGREES);
        int low = (int) Math.max(0, Math.round((across - width / 2) * ACROSS));
        int high = (int) Math.min(ACROSS, Math.max(low + 1, Math.round((across + width / 2) * ACROSS)));
        int from = Math.min(low, ACROSS - 1);
        lower[column] |= bits(Math.min(from, HALF), Math.min(high, HALF));
        upper[column] |= bits(Math.max(from, HALF) - HALF, Math.max(high, HALF) - HALF);
    }

    /** Bits from one up to another that is not set any more. */
    private static long bits(int from, int to) {
        return to <= from ? 0 : (1L << to) - 1 & -1L << from;
    }

    /** Shortest way from one angle to another, −180 to 180. */
    public static double turn(double from, double to) {
        return ((to - from) % 360 + 540) % 360 - 180;
    }

    /** True where something is painted at this degree. */
    boolean at(int degree) {
        return (lower[degree] | upper[degree]) != 0;
    }

    /** Lower and upper edge at this degree, share of the width; null where nothing is painted. */
    double @Nullable [] edges(int degree) {
        if (!at(degree)) {
            return null;
        }
        int low = lower[degree] != 0
                ? Long.numberOfTrailingZeros(lower[degree])
                : HALF + Long.numberOfTrailingZeros(upper[degree]);
        int high = upper[degree] != 0
                ? HALF + Long.SIZE - Long.numberOfLeadingZeros(upper[degree])
                : Long.SIZE - Long.numberOfLeadingZeros(lower[degree]);
        return new double[] {low / (double) ACROSS, high / (double) ACROSS};
    }

    /** Degrees on which something is painted. */
    int arcDeg() {
        int arc = 0;
        for (int d = 0; d < DEGREES; d++) {
            arc += at(d) ? 1 : 0;
        }
        return arc;
    }

    /** Share of the whole race. */
    double coverage() {
        int painted = 0;
        for (int d = 0; d < DEGREES; d++) {
            painted += Long.bitCount(lower[d]) + Long.bitCount(upper[d]);
        }
        return painted / (double) (DEGREES * ACROSS);
    }

    /** Arcs painted without a break, gaps of up to {@code bridgeDeg} counted in: start and length in degrees. */
    List<int[]> arcs(int bridgeDeg) {
        List<int[]> arcs = new ArrayList<>();
        int gap = emptyStart();
        if (gap < 0) {
            return List.of(new int[] {0, DEGREES});
        }
        int start = -1;
        int lastPainted = -1;
        for (int i = 0; i < DEGREES; i++) {
            int d = (gap + i) % DEGREES;
            if (at(d)) {
                start = start < 0 ? i : start;
                lastPainted = i;
            } else if (start >= 0 && i - lastPainted > bridgeDeg) {
                arcs.add(new int[] {(gap + start) % DEGREES, lastPainted - start + 1});
                start = -1;
            }
        }
        if (start >= 0) {
            arcs.add(new int[] {(gap + start) % DEGREES, lastPainted - start + 1});
        }
        return arcs;
    }

    /** The first degree of the longest empty stretch; −1 when the ring is painted all round, 0 when nothing is. */
    private int emptyStart() {
        int best = -1;
        int longest = 0;
        int run = 0;
        for (int d = 0; d < 2 * DEGREES; d++) {
            run = at(d % DEGREES) ? 0 : run + 1;
            if (run > longest && run <= DEGREES) {
                longest = run;
                best = (d - run + 1) % DEGREES;
            }
        }
        return best;
    }
}
