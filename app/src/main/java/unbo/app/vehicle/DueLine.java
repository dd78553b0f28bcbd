package unbo.app.vehicle;

import java.time.LocalDate;

import unbo.core.finding.Level;
import unbo.core.vehicle.Place;

/**
 * A position that is due, as lists show it. Times under water are counted since it was last worked on.
 *
 * @param why it is due sooner than its rule says; empty where it is not
 */
public record DueLine(
        long positionId,
        String vehicle,
        String position,
        LocalDate on,
        Integer afterImmersions,
        int immersed,
        Double atCounter,
        String counterUnit,
        String why) {

    /** As it stands in the database. */
    public DueLine(
            long positionId,
            String vehicle,
            String kind,
            String place,
            LocalDate on,
            Integer afterImmersions,
            int immersed,
            Double atCounter,
            String counterUnit,
            String why) {
        this(
                positionId,
                vehicle,
                Place.of(kind, place).map(Place::label).orElse(place),
                on,
                afterImmersions,
                immersed,
                atCounter,
                counterUnit,
                why);
    }

    public static DueLine of(Position p) {
        return new DueLine(
                p.id(),
                p.vehicle().name(),
                p.label(),
                p.dueOn(),
                p.dueImmersions(),
                p.immersed(),
                p.dueCounter(),
                p.vehicle().counterUnit(),
                p.dueWhy());
    }

    /** True when it went under water as often as it may. */
    public boolean byImmersions() {
        return afterImmersions != null && immersed >= afterImmersions;
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
        return byImmersions() ? immersed + " of " + afterImmersions + " immersions" : "by " + on;
    }
}
