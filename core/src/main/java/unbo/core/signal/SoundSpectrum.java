package unbo.core.signal;

import java.util.Arrays;

/**
 * The sound itself by frequency: power of short Hann windows, averaged over the whole recording (Welch, 1967), in dB
 * under the loudest. It shows where the recording is loud and which band the envelope was taken from.
 *
 * @param stepHz width of a bin
 * @param levelDb each bin, 0 for the loudest
 */
public record SoundSpectrum(double stepHz, double[] levelDb) {

    private static final int WINDOW = 2048;
    /** So many windows, spread over the recording, are enough for a picture. */
    private static final int MOST_WINDOWS = 600;

    private static final double QUIETEST_DB = -90;

    public static SoundSpectrum of(Recording recording) {
        float[] sound = recording.samples();
        double[] window = Fourier.hann(WINDOW);
        double[] power = new double[WINDOW / 2];
        int hop = Math.max(WINDOW / 2, (sound.length - WINDOW) / MOST_WINDOWS);
        for (int from = 0; from + WINDOW <= sound.length; from += hop) {
            double[][] data = new double[2][WINDOW];
            for (int i = 0; i < WINDOW; i++) {
                data[0][i] = sound[from + i] * window[i];
            }
            Fourier.forward(data);
            for (int i = 1; i < power.length; i++) {
                power[i] += data[0][i] * data[0][i] + data[1][i] * data[1][i];
            }
        }
        double most = Arrays.stream(power).max().orElse(0);
        double[] levels = new double[power.length];
        for (int i = 0; i < levels.length; i++) {
            levels[i] =
                    most > 0 && power[i] > 0 ? Math.max(QUIETEST_DB, 10 * Math.log10(power[i] / most)) : QUIETEST_DB;
        }
        return new SoundSpectrum(recording.rateHz() / WINDOW, levels);
    }
}
