package unbo.core.setting;

import java.util.List;

/**
 * A link read at places evenly round its face.
 *
 * @param mean mm
 * @param spread largest less smallest, mm
 * @param tilt of a plane laid through them, from end to end, mm: twice the amplitude of the first harmonic
 */
public record FaceReadings(double mean, double spread, double tilt) {

    /** Share of the spread from which a tilt explains it. */
    private static final double MOST_OF_IT = 0.5;

    private static final double LEAST_MM = 0.01;

    /** @param readings three or more, mm */
    public static FaceReadings of(List<Double> readings) {
        double mean =
                readings.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        double low = readings.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        double high = readings.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        double cos = 0;
        double sin = 0;
        for (int i = 0; i < readings.size(); i++) {
            double angle = 2 * Math.PI * i / readings.size();
            cos += (readings.get(i) - mean) * Math.cos(angle) * 2 / readings.size();
            sin += (readings.get(i) - mean) * Math.sin(angle) * 2 / readings.size();
        }
        return new FaceReadings(mean, high - low, 2 * Math.hypot(cos, sin));
    }

    /** True where most of the spread is a tilt: it stands askew. */
    public boolean askew() {
        return spread > LEAST_MM && tilt > MOST_OF_IT * spread;
    }
}
