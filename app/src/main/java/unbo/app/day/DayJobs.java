package unbo.app.day;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;

import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.job.JobView;
import unbo.app.job.JobWork;
import unbo.app.job.OpenLine;
import unbo.app.logbook.Logbook;
import unbo.app.timer.TimerService;
import unbo.core.plan.JobChain;
import unbo.core.plan.Oven;

/** The jobs under way, as a day is planned from them. */
@Component
class DayJobs {

    private static final int MOST = 30;

    private final JobService jobs;
    private final JobWork work;
    private final TimerService timers;
    private final Logbook logbook;

    DayJobs(JobService jobs, JobWork work, TimerService timers, Logbook logbook) {
        this.jobs = jobs;
        this.work = work;
        this.timers = timers;
        this.logbook = logbook;
    }

    /**
     * A job under way.
     *
     * @param left pieces that are left, in order
     * @param waits true where it waits for parts
     * @param free when its last countdown ends; null where none runs
     */
    record Under(OpenLine line, List<JobChain.Left> left, boolean waits, LocalDateTime free, DayRows.OfJob told) {

        public long id() {
            return line.id();
        }

        /** Whether nothing of it can be planned: it waits for parts, and nobody knows when they come. */
        public boolean stands() {
            return waits && told.parts() == null;
        }
    }

    /** A job of the list. @param stands true where nothing of it can be planned: nobody knows when its parts come */
    public record Listed(LocalDate day, OpenLine line, DayRows.OfJob told) {

        public boolean waits() {
            return line.next().startsWith("waiting");
        }

        public boolean stands() {
            return waits() && told.parts() == null;
        }

        public String promised() {
            return Clocks.typed(told.promised(), day);
        }

        public String parts() {
            return Clocks.typed(told.parts(), day);
        }
    }

    boolean underWay(long job) {
        return jobs.view(job).filter(view -> !view.job().state().frozen()).isPresent();
    }

    /** Jobs under way with what is told of them, the oldest first. */
    List<Listed> listed(LocalDate day, Map<Long, DayRows.OfJob> told) {
        return jobs.underWay(0, MOST).stream()
                .sorted(Comparator.comparingLong(OpenLine::id))
                .map(line -> new Listed(day, line, told.getOrDefault(line.id(), DayRows.OfJob.NOTHING)))
                .toList();
    }

    /** The oldest first. */
    List<Under> under(Map<Long, DayRows.OfJob> told, Oven oven) {
        JobWork.Pace pace = new JobWork.Pace(logbook.pace().factor(), logbook.paces());
        List<OpenLine> open = jobs.underWay(0, MOST);
        return open.stream()
                .sorted(Comparator.comparingLong(OpenLine::id))
                .flatMap(line ->
                        jobs.view(line.id()).map(view -> under(line, work.left(view, pace, oven), view, told)).stream())
                .toList();
    }

    private Under under(OpenLine line, List<JobChain.Left> left, JobView view, Map<Long, DayRows.OfJob> told) {
        return new Under(
                line,
                left,
                view.job().state() == JobState.WAITING,
                free(line.id()).orElse(null),
                told.getOrDefault(line.id(), DayRows.OfJob.NOTHING));
    }

    private Optional<LocalDateTime> free(long job) {
        return timers.ends(job).map((Instant at) -> LocalDateTime.ofInstant(at, ZoneId.systemDefault()));
    }
}
