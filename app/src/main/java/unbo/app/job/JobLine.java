package unbo.app.job;

import java.time.LocalDate;
import java.time.ZoneId;

import unbo.core.service.Causes;

/** One job in a list. */
public record JobLine(long id, long vehicleId, String vehicle, long positionId, String position, JobState state, LocalDate day,
                      String complaint, String cause, String causeCode, String numbers, String signedBy) {

    static JobLine of(Job job) {
        LocalDate day = job.workedOn() != null ? job.workedOn() : LocalDate.ofInstant(job.openedAt(), ZoneId.systemDefault());
        return new JobLine(job.id(), job.position().vehicle().id(), job.position().vehicle().name(), job.position().id(), job.position().label(),
                job.state(), day, job.complaint(), job.cause().isEmpty() ? "" : Causes.label(job.cause()), job.cause(), job.numbers(), job.signedBy());
    }
}
