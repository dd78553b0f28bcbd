package unbo.core.inspect;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.Tolerances;

/**
 * A new part measured before it is fitted: bore, outside and runout against the bands of its class (ISO 492, radial
 * bearings except tapered), each with what the measuring is good for. Out is what is out beyond that, hold what lies
 * within it of a limit; where the measuring is as coarse as the band is wide, only what is outside. A class is never
 * proved by a few readings: it is not excluded.
 *
 * @param checks in the order bore, outside, runout; those that were measured
 * @param notExcluded the narrowest class that no reading excludes; null where even P0 is
 */
public record Incoming(
        Input input, List<Check> checks, @Nullable String notExcluded) {

    private static final List<String> CLASSES = List.of("P2", "P4", "P5", "P6", "P0");

    /** How one size stands. */
    public enum Verdict {
        ACCEPT,
        HOLD,
        SEND_BACK
    }

    /**
     * What was measured; an empty list where it was not.
     *
     * @param code tolerance class it is bought as
     * @param boreMm readings across, turned between them
     * @param outsideMm the same of the outside
     * @param runoutUm inner ring against outer, µm; null where not measured
     * @param goodForUm half of the range a reading is good for, µm
     */
    public record Input(
            Bearing bearing,
            String code,
            List<Double> boreMm,
            List<Double> outsideMm,
            @Nullable Double runoutUm,
            double goodForUm) {

        public Input {
            boreMm = List.copyOf(boreMm);
            outsideMm = List.copyOf(outsideMm);
        }
    }

    /**
     * One size against its band.
     *
     * @param meanUm off its nominal size in the mean; for a runout itself
     * @param lowUm, highUm of its band
     * @param spreadUm largest less smallest reading; 0 for a runout
     */
    public record Check(String what, double meanUm, double lowUm, double highUm, double spreadUm, Verdict verdict) {}

    public Incoming {
        checks = List.copyOf(checks);
    }

    /** @param in of a bearing whose bore and outside have listed classes */
    public static Incoming of(Input in) {
        return new Incoming(in, checks(in, in.code()), notExcluded(in));
    }

    private static @Nullable String notExcluded(Input in) {
        for (String code : CLASSES) {
            List<Check> checks = checks(in, code);
            if (!checks.isEmpty() && checks.stream().noneMatch(check -> check.verdict() == Verdict.SEND_BACK)) {
                return code;
            }
        }
        return null;
    }

    private static List<Check> checks(Input in, String code) {
        Bearing bearing = in.bearing();
        List<Check> checks = new ArrayList<>();
        Optional<Tolerances.Band> bore = Tolerances.bore(requireNonNull(bearing.boreMm()), code);
        if (!in.boreMm().isEmpty() && bore.isPresent()) {
            checks.add(size("bore", in.boreMm(), bearing.boreMm(), bore.get().lowerUm(), in.goodForUm()));
        }
        double outside = requireNonNull(bearing.outsideMm());
        Tolerances.outside(outside).stream()
                .filter(band -> band.code().equals(code) && !in.outsideMm().isEmpty())
                .forEach(band -> checks.add(size("outside", in.outsideMm(), outside, band.lowerUm(), in.goodForUm())));
        Double runout = in.runoutUm();
        if (runout != null && bore.isPresent() && bore.get().runoutUm() != null) {
            double most = bore.get().runoutUm();
            checks.add(new Check("runout", runout, 0, most, 0, verdict(runout, 0, most, in.goodForUm())));
        }
        return checks;
    }

    private static Check size(String what, List<Double> readings, double nominal, double lower, double goodFor) {
        double mean = 1000 * (readings.stream().mapToDouble(x -> x).average().orElseThrow() - nominal);
        double spread = 1000 * (Collections.max(readings) - Collections.min(readings));
        return new Check(what, mean, -lower, 0, spread, verdict(mean, -lower, 0, goodFor));
    }

    private static Verdict verdict(double value, double low, double high, double goodFor) {
        if (value < low - goodFor || value > high + goodFor) {
            return Verdict.SEND_BACK;
        }
        double margin = goodFor * 2 < high - low ? goodFor : 0;
        boolean underFloor = low < 0 && value < low + margin;
        return underFloor || value > high - margin ? Verdict.HOLD : Verdict.ACCEPT;
    }

    /** The worst of all. */
    public Verdict verdict() {
        return checks.stream().map(Check::verdict).max(Enum::compareTo).orElse(Verdict.HOLD);
    }
}
