package unbo.app.diagnosis;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;

import unbo.core.diagnosis.Observations;
import unbo.core.diagnosis.OwnCases;
import unbo.core.vehicle.Place;

/** What a closed job turned out to be, and the results that led there. */
@Entity
class OwnCase {

    @Id
    private Long jobId;

    private String vehicle;
    private String cause;
    private String position;
    private String checks;

    protected OwnCase() {}

    OwnCase(long jobId, String vehicle, String cause, String position, String checks) {
        this.jobId = jobId;
        this.vehicle = vehicle;
        this.cause = cause;
        this.position = position;
        this.checks = checks;
    }

    OwnCases.Case counted() {
        return new OwnCases.Case(
                vehicle, cause, position.equals(Place.UNKNOWN) ? null : position, Observations.of(checks, vehicle));
    }
}
