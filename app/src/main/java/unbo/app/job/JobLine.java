package unbo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;

import unbo.core.service.Causes;
import unbo.core.vehicle.Place;

/** One job in a list. */
public record JobLine(
        long id,
        long vehicleId,
        String vehicle,
        String mark,
        long positionId,
        String position,
        JobState state,
        LocalDate day,
        Double counter,
        String complaint,
        String cause,
        String causeCode,
        String numbers,
        String signedBy) {

    /** As it stands in the database. */
    public JobLine(
            long id,
            long vehicleId,
            String vehicle,
            String mark,
            String kind,
            long positionId,
            String place,
            JobState state,
            LocalDate workedOn,
            Instant openedAt,
            Double counter,
            String complaint,
            String causeCode,
            String numbers,
            String signedBy) {
        this(
                id,
                vehicleId,
                vehicle,
                mark,
                positionId,
                Place.of(kind, place).map(Place::label).orElse(place),
                state,
                workedOn != null ? workedOn : LocalDate.ofInstant(openedAt, ZoneId.systemDefault()),
                counter,
                complaint,
                causeCode.isEmpty() ? "" : Causes.label(causeCode),
                causeCode,
                numbers,
                signedBy);
    }
}
