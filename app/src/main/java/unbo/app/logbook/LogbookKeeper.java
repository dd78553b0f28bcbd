package unbo.app.logbook;

import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

import unbo.app.job.JobService;
import unbo.app.workshop.WorkshopService;

/** Keeps the logbook's rows with the documents, in the same transaction. */
@Component
class LogbookKeeper {

    private final LogbookWriter writer;
    private final WorkshopService workshops;

    LogbookKeeper(JdbcTemplate rows, WorkshopService workshops) {
        this.writer = new LogbookWriter(rows);
        this.workshops = workshops;
    }

    @EventListener
    void recorded(JobService.Recorded recorded) {
        recorded.documents().forEach((stage, document) -> {
            writer.stage(recorded.jobId(), stage.code(), document);
            writer.steps(recorded.jobId(), stage.code(), document);
        });
        if (recorded.closedOrOpened()) {
            writer.runs(recorded.positionId());
        }
    }

    @EventListener
    void parts(JobService.PartsKept kept) {
        writer.parts(kept.jobId(), kept.texts(), workshops.units());
    }
}
