package unbo.app.due;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.job.JobService;
import unbo.core.fact.FactKey;
import unbo.core.measure.Quantity;
import unbo.core.measure.Units;
import unbo.core.proof.FollowUp;
import unbo.core.sheet.Sheet;

/** What signed jobs left to be done after hand-over: wheel nuts again, a hub felt for heat. */
@Service
@Transactional
public class FollowUpService {

    private final FollowUps rows;
    private final Clock clock;

    /** What is still to be done. @param code as {@link FollowUp} knows it */
    public record Open(String code, LocalDate on) {}

    FollowUpService(FollowUps rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** What is still to be done until a day, the first due first. @param most so many at most */
    @Transactional(readOnly = true)
    public List<FollowUpLine> open(LocalDate until, int most) {
        return rows.open(until, Limit.of(most));
    }

    /** All that is still to be done, one at a time, in no order. */
    @Transactional(readOnly = true)
    public void eachOpen(Consumer<FollowUpLine> reader) {
        try (Stream<FollowUpLine> open = rows.everyOpen()) {
            open.forEach(reader);
        }
    }

    /** It was done. @return false where there is none such, or it was done before */
    public boolean done(long id, Instant at) {
        return rows.findById(id).map(row -> row.done(at)).orElse(false);
    }

    /** What a job left, still to be done. */
    @Transactional(readOnly = true)
    public List<Open> of(long jobId) {
        return rows.of(jobId);
    }

    /** Jobs that left something still to be done. */
    @Transactional(readOnly = true)
    public Set<Long> jobs() {
        return rows.jobs();
    }

    /** Takes in what a job of a file left to be done. */
    public void take(long jobId, long positionId, String code, LocalDate on) {
        FollowUp.find(code)
                .filter(what -> !rows.there(jobId, code))
                .ifPresent(what -> rows.save(new FollowUpRow(jobId, positionId, what, on)));
    }

    /** What earlier jobs left at the position is settled: it was open again. */
    @EventListener
    public void signed(JobService.Signed signed) {
        rows.settle(signed.positionId(), signed.jobId(), clock.instant());
        Double yearly = kmAYear(signed.sheet());
        Stream.of(signed.sheet().text(FactKey.PROOFS_LEFT).split("\\s+"))
                .flatMap(code -> FollowUp.find(code).stream())
                .filter(what -> !rows.there(signed.jobId(), what.code()))
                .forEach(what -> rows.save(new FollowUpRow(
                        signed.jobId(), signed.positionId(), what, signed.day().plusDays(what.days(yearly)))));
    }

    @EventListener
    public void reopened(JobService.Reopened reopened) {
        rows.forget(reopened.jobId());
    }

    /** Null where it is not known, or the vehicle counts hours. */
    private static Double kmAYear(Sheet sheet) {
        String unit = sheet.text(FactKey.COUNTER_UNIT);
        if (!sheet.has(FactKey.YEARLY) || unit.equals("h")) {
            return null;
        }
        double yearly = Double.parseDouble(sheet.text(FactKey.YEARLY));
        return unit.equals("mi") ? Units.of(Quantity.DISTANCE, "mi").toBase(yearly) : yearly;
    }
}
