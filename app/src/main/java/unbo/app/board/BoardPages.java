package unbo.app.board;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import unbo.app.job.JobService;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.finding.Level;

/** The board: what is under way, what is due; and the search over everything. */
@Page
public class BoardPages {

    private static final int WEEKS_AHEAD = 6;

    /** A position that is due. */
    public record DueLine(Position position, long immersions, String when, boolean over) {

        public Level level() {
            return Level.SOON;
        }
    }

    private final JobService jobs;
    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final Clock clock;

    BoardPages(JobService jobs, VehicleService vehicles, WorkshopService workshops, Clock clock) {
        this.jobs = jobs;
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping("/")
    String board(Model model) {
        if (!workshops.current().isSetUp()) {
            return "redirect:/settings?first";
        }
        LocalDate today = LocalDate.now(clock);
        model.addAttribute("jobs", jobs.underWay());
        List<DueLine> due = vehicles.due(today.plusWeeks(WEEKS_AHEAD)).stream().map(p -> line(p, today)).toList();
        model.addAttribute("due", due);
        model.addAttribute("none", vehicles.none());
        model.addAttribute("today", today);
        return "board/board";
    }

    private DueLine line(Position position, LocalDate today) {
        long immersions = position.dueImmersions() == null ? 0 : vehicles.immersionsAfter(position.vehicle().id(), position.lastWorkedOn());
        boolean byImmersions = position.dueImmersions() != null && immersions >= position.dueImmersions();
        boolean byDate = position.dueOn() != null && !position.dueOn().isAfter(today);
        String when = byImmersions ? immersions + " of " + position.dueImmersions() + " immersions" : "by " + position.dueOn();
        return new DueLine(position, immersions, when, byImmersions || byDate);
    }

    @GetMapping("/search")
    String search(@RequestParam(name = "q", defaultValue = "") String query, Model model) {
        model.addAttribute("query", query);
        if (!query.isBlank()) {
            model.addAttribute("vehicles", vehicles.search(query));
            model.addAttribute("positions", vehicles.searchNumbers(query));
            model.addAttribute("jobs", jobs.search(query));
        }
        return "board/search";
    }
}
