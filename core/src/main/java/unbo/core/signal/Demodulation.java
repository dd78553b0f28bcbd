package unbo.core.signal;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * Takes bands out of a recording, segment by segment: one transform of each segment serves all bands, and each band
 * comes back at its own low rate (its bins alone are transformed back, moved to zero), whose magnitude is the Hilbert
 * envelope. The recording's mean is removed with its lowest bin. Memory: one segment of {@value #SEGMENT} samples,
 * whatever the length.
 */
final class Demodulation {

    private static final int SEGMENT = 1 << 20;
    private static final double TAPER = 0.1;

    private final Recording recording;
    private final int size;
    private double @Nullable [][] held;
    private int at = -1;

    Demodulation(Recording recording) {
        this.recording = recording;
        this.size = Math.min(SEGMENT, Fourier.power(recording.samples().length));
    }

    private int segments() {
        return (recording.samples().length + size - 1) / size;
    }

    private int length(int segment) {
        return Math.min(size, recording.samples().length - segment * size);
    }

    private double[][] spectrum(int segment) {
        if (held != null && segment == at) {
            return held;
        }
        held = null;
        at = -1;
        double[][] data = new double[2][size];
        int length = length(segment);
        for (int i = 0; i < length; i++) {
            data[0][i] = recording.samples()[segment * size + i];
        }
        Fourier.forward(data);
        data[0][0] = 0;
        data[1][0] = 0;
        held = data;
        at = segment;
        return data;
    }

    /** The band whose envelope is spikiest: highest spectral kurtosis E|x|⁴/(E|x|²)² − 2 (Antoni, 2006). */
    Band spikiest(List<Band> bands) {
        double[][] sums = new double[bands.size()][3];
        for (int s = 0; s < segments(); s++) {
            double[][] spectrum = spectrum(s);
            for (int b = 0; b < bands.size(); b++) {
                double[][] x = baseband(spectrum, bands.get(b), 1);
                int n = kept(x[0].length, s);
                for (int i = 0; i < n; i++) {
                    double power = x[0][i] * x[0][i] + x[1][i] * x[1][i];
                    sums[b][0] += power;
                    sums[b][1] += power * power;
                }
                sums[b][2] += n;
            }
        }
        return bands.stream()
                .max(Comparator.comparingDouble(band -> kurtosis(sums[bands.indexOf(band)])))
                .orElseThrow();
    }

    private static double kurtosis(double[] sums) {
        double mean = sums[0] / sums[2];
        return mean > 0 ? sums[1] / sums[2] / (mean * mean) - 2 : 0;
    }

    /** The Hilbert envelope of a band. */
    Series envelope(Band band) {
        float[] values = null;
        int at = 0;
        double rate = 0;
        for (int s = 0; s < segments(); s++) {
            double[][] x = baseband(spectrum(s), band, 2);
            int n = kept(x[0].length, s);
            if (values == null) {
                rate = recording.rateHz() * x[0].length / size;
                values = new float[(int) ((long) x[0].length * recording.samples().length / size) + segments()];
            }
            for (int i = 0; i < n; i++) {
                values[at++] = (float) Math.hypot(x[0][i], x[1][i]);
            }
        }
        return new Series(rate, Arrays.copyOf(values, at));
    }

    /** The sound itself up to a frequency, at a low rate. */
    Series low(double toHz) {
        int bins = (int) (toHz / recording.rateHz() * size);
        int m = Fourier.power(2.0 * bins);
        float[] values = new float[(int) ((long) m * recording.samples().length / size) + segments()];
        int at = 0;
        for (int s = 0; s < segments(); s++) {
            double[][] spectrum = spectrum(s);
            double[][] x = new double[2][m];
            for (int k = 1; k < bins; k++) {
                x[0][k] = 2 * spectrum[0][k] * m / size;
                x[1][k] = 2 * spectrum[1][k] * m / size;
            }
            Fourier.back(x);
            int n = kept(m, s);
            for (int i = 0; i < n; i++) {
                values[at++] = (float) x[0][i];
            }
        }
        return new Series(recording.rateHz() * m / size, Arrays.copyOf(values, at));
    }

    /** A band moved to zero, at a rate of at least so many times its width; its edges are rounded off. */
    private double[][] baseband(double[][] spectrum, Band band, double times) {
        int lo = Math.max(1, (int) Math.ceil(band.loHz() / recording.rateHz() * size));
        int hi = Math.min(size / 2 - 1, (int) Math.floor(band.hiHz() / recording.rateHz() * size));
        int bins = Math.max(1, hi - lo + 1);
        int m = Fourier.power(times * bins);
        double[][] x = new double[2][m];
        double edge = Math.max(1, TAPER * bins);
        double scale = 2.0 * m / size;
        for (int i = 0; i < bins; i++) {
            double inside = Math.min(i + 0.5, bins - i - 0.5);
            double weight = scale * (inside < edge ? 0.5 - 0.5 * Math.cos(Math.PI * inside / edge) : 1);
            x[0][i] = weight * spectrum[0][lo + i];
            x[1][i] = weight * spectrum[1][lo + i];
        }
        Fourier.back(x);
        return x;
    }

    private int kept(int of, int segment) {
        return (int) ((long) of * length(segment) / size);
    }
}
