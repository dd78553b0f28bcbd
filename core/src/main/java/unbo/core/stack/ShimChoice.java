package unbo.core.stack;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * The shims that fill a gap: of all sets out of the stock whose sum lies in a band, the one with the fewest pieces,
 * then the one nearest the middle of the band. Exact, by dynamic programming over sums in steps of a micrometre (of ten
 * for bands over 12 mm), with the counts of the stock as bounds.
 */
public final class ShimChoice {

    private static final double FINE_MM = 0.001;
    private static final double COARSE_MM = 0.01;
    private static final double FINE_TO_MM = 12;
    private static final int NONE = Integer.MAX_VALUE / 2;

    private ShimChoice() {}

    /** Thicknesses, thickest first; empty when nothing is needed; null when no set fits. */
    public static @Nullable List<Double> of(double leastMm, double mostMm, List<StackInput.Shim> stock) {
        if (mostMm < 0) {
            return null;
        }
        double step = mostMm > FINE_TO_MM ? COARSE_MM : FINE_MM;
        int low = (int) Math.max(0, Math.ceil(leastMm / step - 1e-6));
        int high = (int) Math.floor(mostMm / step + 1e-6);
        if (low > high) {
            return null;
        }
        List<StackInput.Shim> lines = stock.stream()
                .filter(s -> s.count() > 0 && steps(s, step) > 0 && steps(s, step) <= high)
                .toList();
        int[] fewest = new int[high + 1];
        Arrays.fill(fewest, NONE);
        fewest[0] = 0;
        short[][] used = new short[lines.size()][high + 1];
        for (int i = 0; i < lines.size(); i++) {
            fewest = with(fewest, steps(lines.get(i), step), lines.get(i).count(), used[i]);
        }
        double middle = (leastMm + mostMm) / 2 / step;
        int best = -1;
        for (int sum = low; sum <= high; sum++) {
            if (fewest[sum] < NONE
                    && (best < 0
                            || fewest[sum] < fewest[best]
                            || fewest[sum] == fewest[best] && Math.abs(sum - middle) < Math.abs(best - middle))) {
                best = sum;
            }
        }
        return best < 0 ? null : set(best, lines, used, step);
    }

    private static int steps(StackInput.Shim s, double step) {
        return (int) Math.round(s.thicknessMm() / step);
    }

    /** Fewest pieces for every sum once up to {@code count} shims of one thickness may be added. */
    private static int[] with(int[] before, int thickness, int count, short[] used) {
        int[] after = before.clone();
        for (int sum = thickness; sum < after.length; sum++) {
            int most = Math.min(count, sum / thickness);
            for (int n = 1; n <= most; n++) {
                int pieces = before[sum - n * thickness] + n;
                if (pieces < after[sum]) {
                    after[sum] = pieces;
                    used[sum] = (short) n;
                }
            }
        }
        return after;
    }

    private static List<Double> set(int sum, List<StackInput.Shim> lines, short[][] used, double step) {
        List<Double> set = new ArrayList<>();
        int left = sum;
        for (int i = lines.size() - 1; i >= 0; i--) {
            for (int n = used[i][left], k = 0; k < n; k++) {
                set.add(lines.get(i).thicknessMm());
            }
            left -= used[i][left] * steps(lines.get(i), step);
        }
        set.sort(Comparator.reverseOrder());
        return set;
    }
}
