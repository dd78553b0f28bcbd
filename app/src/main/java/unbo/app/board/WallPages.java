package unbo.app.board;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

import unbo.app.day.DayService;
import unbo.app.day.PlannedStep;
import unbo.app.due.FollowUpService;
import unbo.app.job.JobService;
import unbo.app.job.OpenLine;
import unbo.app.timer.TimerLine;
import unbo.app.timer.TimerService;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Page;

/** The wall: what is under way and what to do now, read from across the workshop. */
@Page
class WallPages {

    private static final int JOBS = 4;
    /** Among so many the one that is open longest is looked for. */
    private static final int LOOKED_THROUGH = 500;

    private static final int DUE = 5;
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("HH:mm");
    private static final String WAITING = "waiting";

    private final JobService jobs;
    private final VehicleService vehicles;
    private final TimerService timers;
    private final FollowUpService followUps;
    private final DayService days;
    private final Clock clock;

    WallPages(
            JobService jobs,
            VehicleService vehicles,
            TimerService timers,
            FollowUpService followUps,
            DayService days,
            Clock clock) {
        this.days = days;
        this.jobs = jobs;
        this.vehicles = vehicles;
        this.timers = timers;
        this.followUps = followUps;
        this.clock = clock;
    }

    /**
     * The one thing to do now. @param what in a few words @param where vehicle and place @param job 0 where it is none
     */
    public record Now(String what, String where, long job) {}

    @GetMapping("/wall")
    String wall(Model model) {
        LocalDate today = LocalDate.now(clock);
        List<OpenLine> open = jobs.underWay(0, LOOKED_THROUGH);
        List<TimerLine> running = timers.running();
        model.addAttribute("jobs", open.stream().limit(JOBS).toList());
        model.addAttribute("more", open.size() > JOBS);
        model.addAttribute("timers", running);
        model.addAttribute(
                "due",
                vehicles.due(today, DUE).stream()
                        .filter(line -> line.over(today))
                        .toList());
        model.addAttribute("followUps", followUps.open(today, DUE));
        model.addAttribute(
                "now", now(running, open, days.now().map(WallPages::planned)).orElse(null));
        model.addAttribute("at", MINUTE.format(clock.instant().atZone(ZoneId.systemDefault())));
        return "board/wall";
    }

    private static Now planned(PlannedStep step) {
        return new Now(
                step.code(),
                step.from() + " to " + step.until() + ", by the plan",
                step.job() == null ? 0 : step.job());
    }

    /**
     * A countdown that has run out, else what the plan of the day says, else the job that has been open longest and
     * waits for nothing.
     */
    static Optional<Now> now(List<TimerLine> timers, List<OpenLine> open, Optional<Now> plan) {
        Optional<Now> out = timers.stream()
                .filter(TimerLine::over)
                .findFirst()
                .map(t -> new Now(t.words() + ": time is up", "#" + t.jobId(), t.jobId()));
        return out.or(() -> plan)
                .or(() -> open.stream()
                        .filter(line -> !line.next().startsWith(WAITING))
                        .reduce((newer, older) -> older)
                        .map(line -> new Now(line.next(), line.vehicle() + ", " + line.position(), line.id())));
    }
}
