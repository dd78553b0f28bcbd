package unbo.core.intake;

import static java.util.Objects.requireNonNull;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.diagnosis.SafetyFirst;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * How long and how far a position has run since it was last worked on, against the yearly estimate, and what its wheel
 * carries. Tells a counter that ran backwards, a complaint that asks for safety checks first, an estimate that is far
 * off.
 *
 * @param days since the last work; null when there was none
 * @param distance since the last work, in the counter's unit: by the counter, or days times the estimate; null when
 *     unknown
 * @param byCounter true when the distance was counted, false when estimated
 * @param loadN static load on the wheel, N; null when unknown
 */
public record Intake(
        IntakeInput input,
        @Nullable Long days,
        @Nullable Double distance,
        boolean byCounter,
        @Nullable Double loadN,
        List<Finding> findings) {

    private static final double GRAVITY = 9.80665;
    private static final double DAYS_A_YEAR = 365.25;
    private static final int FEW_DAYS = 60;

    public static Intake of(IntakeInput in) {
        List<Finding> findings = new ArrayList<>();
        Long days = in.lastDay() == null ? null : ChronoUnit.DAYS.between(in.lastDay(), in.day());
        Double counted = in.counter() == null || in.lastCounter() == null ? null : in.counter() - in.lastCounter();
        if (counted != null && counted < 0) {
            findings.add(new Finding(
                    "counter-backwards",
                    Level.WATCH,
                    "The counter stands at " + Show.number(requireNonNull(in.counter()), 0) + ", lower than "
                            + Show.number(requireNonNull(in.lastCounter()), 0)
                            + " last time: read it again, or note that it was replaced. The distance is estimated."));
            counted = null;
        }
        Double estimated = days == null || in.yearly() == null ? null : in.yearly() * days / DAYS_A_YEAR;
        if (counted != null
                && estimated != null
                && requireNonNull(days) > FEW_DAYS
                && (counted > 2 * estimated || counted < estimated / 2)) {
            findings.add(new Finding(
                    "estimate-off",
                    Level.WATCH,
                    "Since then it ran " + Show.number(counted, 0) + " " + in.counterUnit()
                            + ", the yearly estimate says " + Show.number(estimated, 0)
                            + ": put the estimate right on the vehicle's page, due dates hang on it."));
        }
        SafetyFirst.named(in.complaint())
                .ifPresent(word -> findings.add(new Finding(
                        "safety-first",
                        Level.SOON,
                        "The complaint names “" + word
                                + "”: wheel nuts, rock test and hub temperature first, standing. No road test "
                                + "until they pass.")));
        return new Intake(
                in,
                days,
                counted != null ? counted : estimated,
                counted != null,
                in.loadKg() == null ? null : in.loadKg() * GRAVITY,
                List.copyOf(findings));
    }
}
