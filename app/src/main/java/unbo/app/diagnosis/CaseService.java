package unbo.app.diagnosis;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Changes;
import unbo.app.data.Known;
import unbo.app.workshop.WorkshopService;
import unbo.core.diagnosis.OwnCases;

/** The workshop's own closed jobs, counted for Diagnose; kept counted until one more is closed or opened again. */
@Service
public class CaseService {

    private final OwnCaseRows rows;
    private final WorkshopService workshops;
    private final Known<OwnCases> counted;

    CaseService(OwnCaseRows rows, WorkshopService workshops, Changes changes) {
        this.rows = rows;
        this.workshops = workshops;
        this.counted = new Known<>(
                changes,
                "cases",
                () -> OwnCases.of(rows.findAll().stream().map(OwnCase::counted).toList()));
    }

    /** What diagnoses are moved by: the counts, or none where the workshop has switched them off. */
    public OwnCases current() {
        return workshops.current().learns() ? all() : OwnCases.NONE;
    }

    /** The counts, whether they are used or not. */
    public OwnCases all() {
        return counted.get();
    }

    /** Counts a job that was closed. @param cause empty where none was named: then it is not counted */
    @Transactional
    public void closed(long jobId, String vehicle, String cause, String position, String checks) {
        if (!cause.isEmpty()) {
            rows.save(new OwnCase(jobId, vehicle, cause, position, checks));
            counted.changes();
        }
    }

    /** No longer counts a job: it was opened again. */
    @Transactional
    public void opened(long jobId) {
        rows.forget(jobId);
        counted.changes();
    }
}
