package unbo.core.service;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;

/**
 * When a hub is due again: by date, by counter and by immersions, whichever comes first.
 *
 * @param byTime      the school's months on; null where time does not count
 * @param byDistance  the day on which the yearly estimate reaches the school's distance; null when unknown
 * @param on          the earlier of both; null when neither is known
 * @param atCounter   counter reading, in the counter's unit; null where none counts distance
 * @param immersions  after so many from now; null where they do not count
 */
public record Due(DueInput input, LocalDate byTime, LocalDate byDistance, LocalDate on, Double atCounter, Integer immersions,
                  List<Finding> findings) {

    private static final double KM_PER_MILE = 1.609344;
    private static final double DAYS_A_YEAR = 365.25;
    private static final double MOST_DAYS = 365.25 * 20;

    public static Due of(DueInput in) {
        ServiceSchool school = in.school();
        Double interval = switch (in.counterUnit()) {
            case "mi" -> school.km() / KM_PER_MILE;
            case "h" -> null;
            default -> school.km();
        };
        LocalDate byTime = school.months() == 0 ? null : in.day().plusMonths(school.months());
        LocalDate byDistance = interval == null || in.yearly() == null || in.yearly() <= 0 ? null
                : in.day().plusDays((long) Math.min(MOST_DAYS, interval / in.yearly() * DAYS_A_YEAR));
        LocalDate on = byTime == null ? byDistance : byDistance == null || byTime.isBefore(byDistance) ? byTime : byDistance;
        Double at = interval == null || in.counter() == null ? null : in.counter() + interval;
        Integer immersions = in.immersed() && school.everyImmersionSeason() ? in.season() : null;
        List<Finding> findings = new ArrayList<>();
        if (in.immersed() && !school.everyImmersionSeason()) {
            findings.add(new Finding("school-too-long", Level.WATCH, "This hub goes under water: distance alone does not tell when it is due. Take the yearly rule with its immersion season."));
        }
        if (on == null && at == null && immersions == null) {
            findings.add(new Finding("never-due", Level.WATCH, "Nothing makes this hub due: there is no counter and no yearly distance. Give the vehicle an estimate, or take the yearly rule."));
        }
        return new Due(in, byTime, byDistance, on, at, immersions, List.copyOf(findings));
    }
}
