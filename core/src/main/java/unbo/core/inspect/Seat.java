package unbo.core.inspect;

import java.util.ArrayList;
import java.util.List;

import unbo.core.fit.Band;
import unbo.core.fit.FitInput;
import unbo.core.fit.Interference;
import unbo.core.fit.SeatBands;

/**
 * A seat measured in two planes at three angles or more: its mean, how oval and how tapered it is, what hold it leaves
 * against the fit that is wanted, and what can be done. Spun is a gap beyond the loosest corner of that fit, or creep
 * marks.
 *
 * @param found interference with the seat as measured, µm
 * @param wanted interference that the fit gives
 */
public record Seat(
        Input input,
        double meanMm,
        double ovalMm,
        double taperMm,
        Interference found,
        Interference wanted,
        Verdict verdict) {

    /** How it stands. */
    public enum Verdict {
        RIGHT,
        LOOSE,
        SPUN,
        TIGHT
    }

    private static final double OVAL_SHARE = 0.5;

    /** @param first readings of one plane, mm @param second of the other @param celsius where compound would cure */
    public record Input(
            FitInput fit, List<Double> first, List<Double> second, boolean creep, String vehicle, double celsius) {

        public Input {
            first = List.copyOf(first);
            second = List.copyOf(second);
        }
    }

    public static Seat of(Input in) {
        List<Double> all = new ArrayList<>(in.first());
        all.addAll(in.second());
        double mean = all.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        double oval = Math.max(span(in.first()), span(in.second()));
        double taper = in.first().isEmpty() || in.second().isEmpty() ? 0 : average(in.first()) - average(in.second());
        FitInput fit = in.fit();
        Band bearing = fit.bearingBand().orElse(new Band(0, 0));
        Band measured = new Band((min(all) - fit.seatMm()) * 1000, (max(all) - fit.seatMm()) * 1000);
        Band wanted = (fit.inner()
                        ? SeatBands.shaft(fit.symbol(), fit.seatMm())
                        : SeatBands.hole(fit.symbol(), fit.seatMm()))
                .orElseThrow();
        Interference found = interference(fit, measured, bearing);
        Interference should = interference(fit, wanted, bearing);
        return new Seat(in, mean, oval, taper, found, should, verdict(in, found, should));
    }

    private static Verdict verdict(Input in, Interference found, Interference wanted) {
        if (in.creep() || found.meanUm() < wanted.minUm()) {
            return in.creep() || found.meanUm() < Math.min(0, wanted.minUm()) ? Verdict.SPUN : Verdict.LOOSE;
        }
        return found.meanUm() > wanted.maxUm() ? Verdict.TIGHT : Verdict.RIGHT;
    }

    private static Interference interference(FitInput fit, Band seat, Band bearing) {
        return fit.inner() ? Interference.of(seat, bearing) : Interference.of(bearing, seat);
    }

    /** Smallest reading, mm. */
    public double leastMm() {
        return Math.min(smallest(input.first()), smallest(input.second()));
    }

    /** Largest reading, mm. */
    public double mostMm() {
        return Math.max(largest(input.first()), largest(input.second()));
    }

    private static double smallest(List<Double> plane) {
        return plane.isEmpty() ? Double.POSITIVE_INFINITY : min(plane);
    }

    private static double largest(List<Double> plane) {
        return plane.isEmpty() ? Double.NEGATIVE_INFINITY : max(plane);
    }

    /** Largest gap, mm; 0 where it grips everywhere. */
    public double gapMm() {
        return Math.max(0, -found.minUm() / 1000);
    }

    /** Gap on the mean, mm, which names the compound. */
    public double meanGapMm() {
        return Math.max(0, -found.meanUm() / 1000);
    }

    /** True where the seat is rounder than half the band of the fit that is wanted. */
    public boolean round() {
        Band wanted = (input.fit().inner()
                        ? SeatBands.shaft(input.fit().symbol(), input.fit().seatMm())
                        : SeatBands.hole(input.fit().symbol(), input.fit().seatMm()))
                .orElseThrow();
        return ovalMm * 1000 <= OVAL_SHARE * (wanted.upperUm() - wanted.lowerUm()) + 1e-9
                && Math.abs(taperMm) * 1000 <= OVAL_SHARE * (wanted.upperUm() - wanted.lowerUm()) + 1e-9;
    }

    private static double span(List<Double> plane) {
        return plane.isEmpty() ? 0 : max(plane) - min(plane);
    }

    private static double average(List<Double> plane) {
        return plane.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    private static double min(List<Double> readings) {
        return readings.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    }

    private static double max(List<Double> readings) {
        return readings.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    }
}
