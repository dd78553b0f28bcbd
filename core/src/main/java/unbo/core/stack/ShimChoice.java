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
        int[][] of = new int[lines.size() + 1][];
        of[0] = new int[high + 1];
        Arrays.fill(of[0], NONE);
        of[0][0] = 0;
        for (int i = 0; i < lines.size(); i++) {
            of[i + 1] = with(of[i], steps(lines.get(i), step), lines.get(i).count());
        }
        int[] fewest = of[lines.size()];
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
        return best < 0 ? null : set(best, lines, of, step);
    }

    private static int steps(StackInput.Shim s, double step) {
        return (int) Math.round(s.thicknessMm() / step);
    }

    /** Fewest pieces for every sum once up to {@code count} shims of one thickness may be added. */
    private static int[] with(int[] before, int thickness, int count) {
        int[] after = before.clone();
        for (int n = 1; n <= count && n * thickness < after.length; n++) {
            int shift = n * thickness;
            for (int sum = shift; sum < after.length; sum++) {
                after[sum] = Math.min(after[sum], before[sum - shift] + n);
            }
        }
        return after;
    }

    /** @param of fewest pieces for every sum out of the first lines, none of them first */
    private static List<Double> set(int sum, List<StackInput.Shim> lines, int[][] of, double step) {
        List<Double> set = new ArrayList<>();
        int left = sum;
        for (int i = lines.size() - 1; i >= 0; i--) {
            int thickness = steps(lines.get(i), step);
            int pieces = of[i + 1][left];
            int n = 0;
            while (of[i][left - n * thickness] + n != pieces) {
                n++;
                set.add(lines.get(i).thicknessMm());
            }
            left -= n * thickness;
        }
        set.sort(Comparator.reverseOrder());
        return set;
    }
}
