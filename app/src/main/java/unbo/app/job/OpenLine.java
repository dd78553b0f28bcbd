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
        this(id, vehicle, At.of(kind, place), complaint, openedAt, Rail.read(rail), state, waitingFor);
    }

    private OpenLine(
            long id,
            String vehicle,
            At at,
            String complaint,
            Instant openedAt,
            Rail rail,
            JobState state,
            String waitingFor) {
        this(
                id,
                vehicle,
                at.label,
                at.code,
                at.wheel,
                complaint,
                openedAt,
                JobView.next(state, waitingFor, rail),
                rail);
    }

    private record At(String code, String label, boolean wheel) {

        static At of(String kind, String code) {
            return Place.of(kind, code)
                    .map(place -> new At(code, place.label(), place.wheel()))
                    .orElse(new At(code, code, false));
        }
    }
}
