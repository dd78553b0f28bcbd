package unbo.app.due;

import java.time.LocalDate;

import unbo.core.measure.Show;
import unbo.core.vehicle.Place;

/** Something to be done after hand-over, as lists show it. */
public record FollowUpLine(
        long id,
        long jobId,
        long positionId,
        String vehicle,
        String position,
        String words,
        double fromKm,
        double toKm,
        LocalDate on) {

    /** As it stands in the database. */
    public FollowUpLine(
            long id,
            long jobId,
            long positionId,
            String vehicle,
            String kind,
            String place,
            String words,
            double fromKm,
            double toKm,
            LocalDate on) {
        this(
                id,
                jobId,
                positionId,
                vehicle,
                Place.of(kind, place).map(Place::label).orElse(place),
                words,
                fromKm,
                toKm,
                on);
    }

    /** What makes it due, in a few words. */
    public String when() {
        return "after " + Show.number(fromKm, 0) + " to " + Show.number(toKm, 0) + " km, about " + on;
    }

    /** True when its day has come. */
    public boolean over(LocalDate today) {
        return !on.isAfter(today);
    }
}
