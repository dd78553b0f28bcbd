package unbo.core.signal;

import java.util.Arrays;

/**
 * A line spectrum over its own floor: power of Hann windows, half overlapping, averaged (Welch, 1967); each bin over
 * the median of its neighbourhood, in dB. Bins at integer orders of the shaft are marked: tyre and gear lines stand
 * there.
 *
 * @param stepHz width of a bin, at most 0.25 Hz; the Hann window parts lines two bins apart
 * @param overDb each bin over its floor
 */
public record Lines(double stepHz, double[] overDb) {

    private static final double WINDOW_S = 4;
    private static final int FLOOR_HALF = 30;
    private static final int LOBE_BINS = 3;

    static Lines of(Series series, double toHz) {
        int length = Fourier.power(WINDOW_S * series.rateHz());
        double step = series.rateHz() / length;
        int bins = Math.min(length / 2, (int) Math.ceil(toHz / step) + FLOOR_HALF + 2);
        double[] power = new double[bins];
        double[] window = Fourier.hann(length);
        int windows = 0;
        for (int start = 0; start + length <= series.values().length || start == 0; start += length / 2) {
            add(series.values(), start, window, power);
            windows++;
        }
        for (int i = 0; i < bins; i++) {
            power[i] /= windows;
        }
        return new Lines(step, overFloor(power));
    }

    private static void add(float[] values, int start, double[] window, double[] power) {
        int length = window.length;
        int there = Math.min(length, values.length - start);
        double mean = 0;
        for (int i = 0; i < there; i++) {
            mean += values[start + i];
        }
        mean /= there;
        double[][] data = new double[2][length];
        for (int i = 0; i < there; i++) {
            data[0][i] = (values[start + i] - mean) * window[i];
        }
        Fourier.forward(data);
        for (int i = 0; i < power.length; i++) {
            power[i] += data[0][i] * data[0][i] + data[1][i] * data[1][i];
        }
    }

    private static double[] overFloor(double[] power) {
        double[] over = new double[power.length];
        double[] near = new double[2 * FLOOR_HALF + 1];
        for (int i = 0; i < power.length; i++) {
            int from = Math.max(2, Math.min(i - FLOOR_HALF, power.length - near.length));
            int count = Math.min(near.length, power.length - from);
            System.arraycopy(power, from, near, 0, count);
            Arrays.sort(near, 0, count);
            double floor = near[count / 2];
            over[i] = floor > 0 ? 10 * Math.log10(Math.max(power[i], floor * 1e-3) / floor) : 0;
        }
        return over;
    }

    /**
     * The same with the first harmonics of a comb brought down to the floor; each one wider than the last, for slip
     * scatters them.
     */
    Lines without(double baseHz, int harmonics) {
        double[] rest = overDb.clone();
        for (int k = 1; k <= harmonics; k++) {
            int middle = (int) Math.round(k * baseHz / stepHz);
            int half = LOBE_BINS + Math.min(k, (int) (baseHz / stepHz / 8));
            for (int i = Math.max(0, middle - half); i <= Math.min(rest.length - 1, middle + half); i++) {
                rest[i] = 0;
            }
        }
        return new Lines(stepHz, rest);
    }

    public double toHz() {
        return stepHz * (overDb.length - 1);
    }

    /** The highest bin within one of a frequency; NaN outside the spectrum. */
    public double near(double hz) {
        int i = (int) Math.round(hz / stepHz);
        if (i < 2 || i + 1 >= overDb.length) {
            return Double.NaN;
        }
        return Math.max(overDb[i], Math.max(overDb[i - 1], overDb[i + 1]));
    }
}
