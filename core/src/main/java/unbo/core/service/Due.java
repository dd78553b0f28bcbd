package unbo.core.service;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Quantity;
import unbo.core.measure.Units;

/**
 * When a position is due again: by date, by counter and by immersions, whichever comes first; or on condition, by none.
 *
 * @param byTime the rule's months on; null where time does not count
 * @param byDistance the day on which the yearly estimate reaches the rule's distance; null when unknown
 * @param on the earlier of both; null when neither is known
 * @param atCounter counter reading, in the counter's unit; null where none counts
 * @param immersions after so many from now; null where they do not count
 */
public record Due(
        DueInput input,
        @Nullable LocalDate byTime,
        @Nullable LocalDate byDistance,
        @Nullable LocalDate on,
        @Nullable Double atCounter,
        @Nullable Integer immersions,
        List<Finding> findings) {

    private static final double DAYS_A_YEAR = 365.25;
    private static final double MOST_DAYS = 365.25 * 20;

    public static Due of(DueInput in) {
        ServiceSchool school = in.rule().school();
        Double interval = interval(in);
        LocalDate byTime = school.months() == 0 ? null : in.day().plusMonths(school.months());
        LocalDate byDistance = interval == null || in.yearly() == null || in.yearly() <= 0
                ? null
                : in.day().plusDays((long) Math.min(MOST_DAYS, interval / in.yearly() * DAYS_A_YEAR));
        LocalDate on =
                byTime == null ? byDistance : byDistance == null || byTime.isBefore(byDistance) ? byTime : byDistance;
        Double at = interval == null || in.counter().stands() == null
                ? null
                : in.counter().stands() + interval;
        Integer immersions = immersions(in);
        return new Due(
                in,
                byTime,
                byDistance,
                on,
                at,
                immersions,
                findings(in, on == null && at == null && immersions == null));
    }

    /** Distance or hours between two services, in the counter's unit; null where they do not count. */
    private static @Nullable Double interval(DueInput in) {
        if (in.rule().own()) {
            return in.rule().counted();
        }
        double km = in.rule().school().km();
        if (km == 0 || in.counter().unit().equals("h")) {
            return null;
        }
        return in.counter().unit().equals("mi")
                ? Units.of(Quantity.DISTANCE, "mi").fromBase(km)
                : km;
    }

    private static @Nullable Integer immersions(DueInput in) {
        if (in.rule().own()) {
            return in.rule().immersions();
        }
        return in.immersed() && in.rule().school().everyImmersionSeason() ? in.season() : null;
    }

    private static List<Finding> findings(DueInput in, boolean never) {
        List<Finding> findings = new ArrayList<>();
        ServiceSchool school = in.rule().school();
        boolean condition = school.code().equals(ServiceSchool.CONDITION);
        if (condition) {
            findings.add(new Finding(
                    "on-condition",
                    Level.RIGHT,
                    "No date: it is renewed on condition. Noise, play, warmth or milky grease make it due."
                            + (in.immersed() ? " It goes under water: look at its seal after each time." : "")));
        } else if (in.immersed() && !school.everyImmersionSeason() && !in.rule().own()) {
            findings.add(new Finding(
                    "school-too-long",
                    Level.WATCH,
                    "This hub goes under water: distance alone does not tell when it is due. Take "
                            + "the yearly rule with its immersion season."));
        }
        if (never && !condition) {
            findings.add(new Finding(
                    "never-due",
                    Level.WATCH,
                    "Nothing makes this due: there is no counter and no yearly distance. Give the "
                            + "vehicle an estimate, or take a rule with months."));
        }
        return List.copyOf(findings);
    }
}
