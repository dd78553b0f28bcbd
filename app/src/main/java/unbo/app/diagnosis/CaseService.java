package unbo.app.diagnosis;

import static java.util.Objects.requireNonNull;
import static java.util.Objects.requireNonNullElse;

import java.util.List;
import java.util.stream.Stream;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.data.Changes;
import unbo.app.workshop.WorkshopService;
import unbo.core.diagnosis.OwnCases;

/**
 * The workshop's own closed jobs, counted for Diagnose: all of them once, from then on moved by what is closed or
 * opened again, here or by another machine of the same database.
 */
@Service
public class CaseService {

    private static final String NAME = "cases";
    /** So many of the last changes are kept; who has missed more counts anew. */
    private static final int KEPT = 1000;

    private final OwnCaseRows rows;
    private final WorkshopService workshops;
    private final Changes changes;
    private final TransactionTemplate reading;
    private volatile Counted last;

    /** @param changes how many there had been when it was counted */
    private record Counted(OwnCases cases, long changes) {}

    CaseService(OwnCaseRows rows, WorkshopService workshops, Changes changes, TransactionTemplate whole) {
        this.rows = rows;
        this.workshops = workshops;
        this.changes = changes;
        this.reading = whole;
    }

    /** What diagnoses are moved by: the counts, or none where the workshop has switched them off. */
    public OwnCases current() {
        return workshops.current().learns() ? all() : OwnCases.NONE;
    }

    /** The counts, whether they are used or not. */
    public OwnCases all() {
        if (TransactionSynchronizationManager.hasResource(this)) {
            return counted(); // changed by this very transaction: nobody else's business yet
        }
        Counted known = last;
        return known != null && known.changes() == changes.of(NAME) ? known.cases() : catchUp();
    }

    /**
     * One at a time: who comes meanwhile waits for what this one counts. What is read and how often it was changed are
     * read by one transaction, hence as they stood at one moment.
     */
    private synchronized OwnCases catchUp() {
        return requireNonNull(reading.execute(status -> {
            Counted known = last;
            long now = requireNonNullElse(rows.changes(NAME), 0L);
            if (known != null && known.changes() == now) {
                return known.cases();
            }
            List<OwnCaseChange> missed = known == null ? List.of() : rows.changes(known.changes(), now);
            OwnCases cases;
            if (known != null && missed.size() == now - known.changes()) {
                cases = known.cases();
                for (OwnCaseChange change : missed) {
                    cases = cases.moved(change.counted(), change.by());
                }
            } else {
                cases = counted();
            }
            last = new Counted(cases, now);
            return cases;
        }));
    }

    private OwnCases counted() {
        try (Stream<OwnCase> all = rows.all()) {
            return OwnCases.of(all.map(OwnCase::counted));
        }
    }

    /** Counts a job that was closed. @param cause empty where none was named: then it is not counted */
    @Transactional
    public void closed(long jobId, String vehicle, String cause, String position, String checks) {
        if (!cause.isEmpty()) {
            rows.save(new OwnCase(jobId, vehicle, cause, position, checks));
            rows.flush();
            changed(jobId, 1);
        }
    }

    /** No longer counts a job: it was opened again. */
    @Transactional
    public void opened(long jobId) {
        changed(jobId, -1);
        rows.forget(jobId);
    }

    private void changed(long jobId, int by) {
        if (rows.exists(jobId)) {
            if (!TransactionSynchronizationManager.hasResource(this)) {
                TransactionSynchronizationManager.bindResource(this, true);
                TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                    @Override
                    public void afterCompletion(int status) {
                        TransactionSynchronizationManager.unbindResource(CaseService.this);
                    }
                });
            }
            long n = changes.one(NAME);
            rows.note(n, by, jobId);
            rows.forgetChanges(n - KEPT);
        }
    }
}
