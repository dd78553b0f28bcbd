package unbo.app.vehicle;

import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.time.temporal.TemporalAdjusters;

import unbo.core.finding.Level;
import unbo.core.vehicle.Place;

/**
 * A position, or something else of a vehicle, that is due, as lists show it.
 *
 * @param of what is due
 * @param position in words, or what is due beside the positions
 * @param water by immersions
 * @param counter by the vehicle's counter
 * @param why it is due sooner than its rule says; empty where it is not
 * @param numbers on its rings and seals, to be brought along
 */
public record DueLine(
        Of of,
        String vehicle,
        String position,
        LocalDate on,
        Water water,
        Counter counter,
        String why,
        String numbers) {

    /**
     * What is due. @param id of the position, or of the vehicle @param care id of what else is due; null for bearings
     */
    public record Of(long id, Long care) {}

    /** @param after so many; null where they do not count @param so times under water since it was last worked on */
    public record Water(Integer after, int so) {}

    /** @param at a reading; null where none counts @param unit of the counter */
    public record Counter(Double at, String unit) {}

    static DueLine of(DueRow row) {
        return new DueLine(
                new Of(row.getId(), null),
                row.getVehicle(),
                Place.of(row.getKind(), row.getPlace()).map(Place::label).orElse(row.getPlace()),
                row.getDueOn(),
                new Water(row.getDueImmersions(), row.getImmersed()),
                new Counter(row.getDueCounter(), row.getCounterUnit()),
                row.getDueWhy(),
                row.getNumbers());
    }

    public static DueLine of(Position p) {
        return new DueLine(
                new Of(p.id(), null),
                p.vehicle().name(),
                Place.of(p.vehicle().kind(), p.code()).map(Place::label).orElse(p.code()),
                p.dueOn(),
                new Water(p.dueImmersions(), p.immersed()),
                new Counter(p.dueCounter(), p.vehicle().counterUnit()),
                p.dueWhy(),
                p.numbers());
    }

    static DueLine of(VehicleCare care) {
        return new DueLine(
                new Of(care.vehicle().id(), care.id()),
                care.vehicle().name(),
                care.care().what(),
                care.dueOn(),
                new Water(null, 0),
                new Counter(care.dueCounter(), care.vehicle().counterUnit()),
                care.dueWhy(),
                "");
    }

    /** True for bearings, false for what else of a vehicle is looked after. */
    public boolean bearings() {
        return of.care() == null;
    }

    /** Where it stands. */
    public String address() {
        return bearings() ? "/positions/" + of.id() : "/vehicles/" + of.id() + "#care";
    }

    /** The same for ever, for calendars. */
    public String uid() {
        return bearings() ? "position-" + of.id() : "care-" + of.care();
    }

    public Integer afterImmersions() {
        return water.after();
    }

    public int immersed() {
        return water.so();
    }

    public Double atCounter() {
        return counter.at();
    }

    public String counterUnit() {
        return counter.unit();
    }

    /** True when it went under water as often as it may. */
    public boolean byImmersions() {
        return water.after() != null && water.so() >= water.after();
    }

    /** True when it is due on {@code today}, by date or by immersions. */
    public boolean over(LocalDate today) {
        return byImmersions() || on != null && !on.isAfter(today);
    }

    /** True when its day comes within six weeks. */
    public boolean soon(LocalDate today) {
        return on != null && !on.isAfter(today.plusWeeks(6));
    }

    /** How a thing that is due is marked. */
    public Level level() {
        return Level.SOON;
    }

    /** What makes it due, in a few words. */
    public String when() {
        return byImmersions() ? water.so() + " of " + water.after() + " immersions" : "by " + on;
    }

    /** The week it falls in, by its Monday; what is over already stands first. */
    public String week(LocalDate today) {
        if (over(today)) {
            return "due now";
        }
        LocalDate monday = on.with(TemporalAdjusters.previousOrSame(java.time.DayOfWeek.MONDAY));
        return "week " + on.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR) + ", from " + monday;
    }
}
