package unbo.core.signal;

import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/** Fast Fourier transforms of a power of two, in place: {re, im}. */
final class Fourier {

    private Fourier() {}

    static void forward(double[][] data) {
        FastFourierTransformer.transformInPlace(data, DftNormalization.STANDARD, TransformType.FORWARD);
    }

    static void back(double[][] data) {
        FastFourierTransformer.transformInPlace(data, DftNormalization.STANDARD, TransformType.INVERSE);
    }

    /** The least power of two that is not under n. */
    static int power(double n) {
        int p = 2;
        while (p < n) {
            p <<= 1;
        }
        return p;
    }

    static double[] hann(int n) {
        double[] window = new double[n];
        for (int i = 0; i < n; i++) {
            window[i] = 0.5 - 0.5 * Math.cos(2 * Math.PI * i / n);
        }
        return window;
    }
}
