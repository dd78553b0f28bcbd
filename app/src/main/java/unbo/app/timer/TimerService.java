package unbo.app.timer;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.job.JobService;
import unbo.core.fact.PlaceProperty;
import unbo.core.measure.Show;
import unbo.core.sheet.Fact;
import unbo.core.stage.RouteStage;

/** The timers of all jobs: begun by a stage that needs one, shown on the board until somebody has seen to them. */
@Service
@Transactional
public class TimerService {

    private static final String CURE = "cure";

    private final TimerRows rows;
    private final Clock clock;

    TimerService(TimerRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** All that run, the next to end first. */
    @Transactional(readOnly = true)
    public List<TimerLine> running() {
        return rows.running().stream()
                .map(t -> TimerLine.of(t, clock.instant()))
                .toList();
    }

    /** Those of one job. */
    @Transactional(readOnly = true)
    public List<TimerLine> of(long jobId) {
        return running().stream().filter(t -> t.jobId() == jobId).toList();
    }

    /** When the last of a job ends; empty where none runs. */
    @Transactional(readOnly = true)
    public Optional<Instant> ends(long jobId) {
        return rows.running().stream()
                .filter(t -> t.jobId() == jobId)
                .map(Timer::endsAt)
                .max(Comparator.naturalOrder());
    }

    /** Takes one off the board. */
    public void seen(long id) {
        rows.end(id);
    }

    /**
     * A seat that is set in compound cures: its timer begins when Inspect is kept, and goes when it no longer needs
     * one.
     */
    @EventListener
    public void kept(JobService.StageKept kept) {
        if (kept.stage() != RouteStage.INSPECT) {
            return;
        }
        Double hours = kept.facts().stream()
                .filter(fact -> fact.key().is(PlaceProperty.CURE_HOURS))
                .map(Fact::value)
                .max(Comparator.naturalOrder())
                .orElse(null);
        if (hours == null) {
            rows.end(kept.jobId(), CURE);
            return;
        }
        String words = "compound cures, " + Show.number(hours, 0) + " h from when it was set";
        var ends = kept.at().plus(Duration.ofMinutes(Math.round(hours * 60)));
        rows.of(kept.jobId(), CURE)
                .ifPresentOrElse(t -> t.ends(words, ends), () -> rows.save(new Timer(kept.jobId(), CURE, words, ends)));
    }
}
