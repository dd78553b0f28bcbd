package unbo.app.job;

import java.time.Instant;

import unbo.core.vehicle.Place;

/** A job under way, as the board lists it. */
public record OpenLine(long id, String vehicle, String position, String complaint, Instant openedAt, String next, Rail rail) {

    /** As it stands in the database. */
    public OpenLine(long id, String vehicle, String kind, String place, String complaint, Instant openedAt, JobState state, String waitingFor, String rail) {
        this(id, vehicle, Place.of(kind, place).map(Place::label).orElse(place), complaint, openedAt,
                JobView.next(state, waitingFor, Rail.read(rail)), Rail.read(rail));
    }
}
