package unbo.core.signal;

import java.util.ArrayList;
import java.util.List;

/** A band of frequencies, Hz. */
public record Band(double loHz, double hiHz) {

    private static final double TOP = 0.46;

    public double widthHz() {
        return hiHz - loHz;
    }

    /**
     * Octave and third-octave bands of a recording that are at least so wide, from the lowest on (IEC 61260-1, base
     * ten, about 1 kHz).
     */
    static List<Band> of(double rateHz, double leastWidthHz) {
        List<Band> bands = new ArrayList<>();
        for (int share : new int[] {1, 3}) {
            double half = Math.pow(10, 0.15 / share);
            for (int k = -5 * share; k <= 6 * share; k++) {
                double centre = 1000 * Math.pow(10, 0.3 * k / share);
                Band band = new Band(centre / half, centre * half);
                if (band.hiHz <= TOP * rateHz && band.widthHz() >= leastWidthHz) {
                    bands.add(band);
                }
            }
        }
        return bands;
    }
}
