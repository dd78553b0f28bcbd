package unbo.core.simulation;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Years of a workshop with a truth that nothing else knows: a fleet of like vehicles whose hubs fail by Weibull's law,
 * are renewed when they fail, and now and then renewed sound because the other side was open. Statistics are judged
 * against it. One seed, one history.
 *
 * @param visits the oldest first
 */
public record WorkshopHistory(Plan plan, List<Visit> visits) {

    private static final double DAYS_A_YEAR = 365.25;
    /** How often the other side is open, in a characteristic life; whenever it is, this one comes out with it. */
    private static final double SOUND = 0.3;
    /** A vehicle goes this share less or more than the plan's yearly distance. */
    private static final double SPREAD = 0.3;

    /**
     * What is made up.
     *
     * @param positions codes of the hubs of each vehicle
     * @param yearly distance a year in the mean
     * @param beta slope of the lives, over 0
     * @param eta characteristic life, in the unit of the distance
     */
    public record Plan(
            int vehicles,
            List<String> positions,
            LocalDate from,
            LocalDate to,
            double yearly,
            double beta,
            double eta) {

        public Plan {
            positions = List.copyOf(positions);
        }
    }

    /**
     * A job at one hub, which renews it.
     *
     * @param vehicle counted from 0
     * @param failed false where it came out sound, or was renewed when the vehicle was taken over
     * @param counter km
     */
    public record Visit(int vehicle, String position, LocalDate day, double counter, boolean failed) {}

    public WorkshopHistory {
        visits = List.copyOf(visits);
    }

    public static WorkshopHistory of(Plan plan, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Visit> visits = new ArrayList<>();
        for (int vehicle = 0; vehicle < plan.vehicles(); vehicle++) {
            double yearly = plan.yearly() * (1 + SPREAD * (2 * random.nextDouble() - 1));
            double begins = 1000 * Math.floor(5 + 90 * random.nextDouble());
            for (String position : plan.positions()) {
                hub(plan, vehicle, position, new Way(plan.from(), begins, yearly), random, visits);
            }
        }
        visits.sort(
                Comparator.comparing(Visit::day).thenComparing(Visit::vehicle).thenComparing(Visit::position));
        return new WorkshopHistory(plan, visits);
    }

    /**
     * How a vehicle's counter goes on.
     *
     * @param begins km
     * @param yearly km a year
     */
    private record Way(LocalDate from, double begins, double yearly) {

        LocalDate day(double counter) {
            return from.plusDays((long) Math.ceil((counter - begins) / yearly * DAYS_A_YEAR));
        }

        double counter(LocalDate day) {
            return Math.floor(begins + ChronoUnit.DAYS.between(from, day) / DAYS_A_YEAR * yearly);
        }
    }

    private static void hub(
            Plan plan, int vehicle, String position, Way way, SplittableRandom random, List<Visit> visits) {
        LocalDate day = way.from().plusDays(random.nextInt(30));
        visits.add(new Visit(vehicle, position, day, way.counter(day), false));
        while (true) {
            double life = plan.eta() * Math.pow(-Math.log(1 - random.nextDouble()), 1 / plan.beta());
            double other = -plan.eta() / SOUND * Math.log(1 - random.nextDouble());
            boolean sound = other < life;
            LocalDate next = way.day(way.counter(day) + Math.max(1, Math.min(life, other)));
            day = next.isAfter(day) ? next : day.plusDays(1);
            if (day.isAfter(plan.to())) {
                return;
            }
            visits.add(new Visit(vehicle, position, day, way.counter(day), !sound));
        }
    }

    /** The counter of a vehicle's last visit up to the end. */
    public double lastCounter(int vehicle) {
        return visits.stream()
                .filter(visit -> visit.vehicle() == vehicle)
                .mapToDouble(Visit::counter)
                .max()
                .orElse(0);
    }
}
