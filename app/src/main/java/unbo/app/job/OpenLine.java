package unbo.app.job;

import java.time.Instant;

import unbo.core.vehicle.Place;

/** A job under way, as the board lists it. @param code of its position @param wheel true when that is a wheel's hub */
public record OpenLine(
        long id,
        String vehicle,
        String position,
        String code,
        boolean wheel,
        String complaint,
        Instant openedAt,
        String next,
        Rail rail) {

    /** As it stands in the database. */
    public OpenLine(
            long id,
            String vehicle,
            String kind,
            String place,
            String complaint,
            Instant openedAt,
            JobState state,
            String waitingFor,
            String rail) {
        this(
                id,
                vehicle,
                Place.of(kind, place).map(Place::label).orElse(place),
                place,
                Place.of(kind, place).map(Place::wheel).orElse(false),
                complaint,
                openedAt,
                JobView.next(state, waitingFor, Rail.read(rail)),
                Rail.read(rail));
    }
}
