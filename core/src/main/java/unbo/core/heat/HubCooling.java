package unbo.core.heat;

import java.util.List;

/**
 * Where a hub's heat came from, by how it cools once the vehicle stands. A hub that was warmed by its own bearings
 * cools by one law from the first minute on. One that is warmed by a hotter brake keeps taking heat in: it rises, or
 * cools far more slowly at first than later. Told by the rates at which it loses what it has over the air, first
 * against last.
 *
 * @param rates of the intervals between readings, 1/min, in order
 * @param ratio first rate over the last; under 0 where it rose at first
 * @param errorRatio one standard error of the ratio by the thermometer
 */
public record HubCooling(Input input, List<Double> rates, double ratio, double errorRatio, From from) {

    /** What a thermometer held to a hub is good for, K. */
    public static final double THERMOMETER_K = 0.5;
    /** Nearer to the air than this a reading tells nothing, K. */
    public static final double LEAST_OVER_K = 5;

    private static final double FROM_OUTSIDE = 0.5;
    private static final double FROM_WITHIN = 0.8;

    /** Where it came from. */
    public enum From {
        BRAKE,
        BEARING,
        UNCLEAR
    }

    /** @param minutes since the vehicle stood @param celsius of the hub */
    public record Reading(double minutes, double celsius) {}

    /** @param readings three or more, in the order of time, all {@link #LEAST_OVER_K} over the air @param airC °C */
    public record Input(List<Reading> readings, double airC) {

        public Input {
            readings = List.copyOf(readings);
        }
    }

    public HubCooling {
        rates = List.copyOf(rates);
    }

    public static HubCooling of(Input in) {
        List<Reading> r = in.readings();
        int last = r.size() - 1;
        List<Double> rates = java.util.stream.IntStream.range(0, last)
                .mapToObj(i -> rate(in, r.get(i), r.get(i + 1)))
                .toList();
        double first = rates.get(0);
        double end = rates.get(rates.size() - 1);
        double ratio = end > 0 ? first / end : Double.POSITIVE_INFINITY;
        double error = end > 0 ? error(in, ratio, end) : Double.POSITIVE_INFINITY;
        return new HubCooling(in, rates, ratio, error, from(first, end, ratio, error));
    }

    private static From from(double first, double end, double ratio, double error) {
        if (first < 0 && end > 0) {
            return ratio + error < FROM_OUTSIDE ? From.BRAKE : From.UNCLEAR;
        }
        if (end <= 0) {
            return first < 0 ? From.BRAKE : From.UNCLEAR;
        }
        return ratio + error < FROM_OUTSIDE ? From.BRAKE : ratio - error > FROM_WITHIN ? From.BEARING : From.UNCLEAR;
    }

    private static double rate(Input in, Reading one, Reading next) {
        return Math.log((one.celsius() - in.airC()) / (next.celsius() - in.airC())) / (next.minutes() - one.minutes());
    }

    /** Of a ratio of two rates, each of two readings; where they share a reading its part is counted in both. */
    private static double error(Input in, double ratio, double end) {
        List<Reading> r = in.readings();
        int last = r.size() - 1;
        double first = error(in, r.get(0), r.get(1)) / end;
        double later = error(in, r.get(last - 1), r.get(last)) / end * Math.abs(ratio);
        return Math.hypot(first, later);
    }

    private static double error(Input in, Reading one, Reading next) {
        return Math.hypot(THERMOMETER_K / (one.celsius() - in.airC()), THERMOMETER_K / (next.celsius() - in.airC()))
                / (next.minutes() - one.minutes());
    }
}
