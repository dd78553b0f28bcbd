package unbo.app.board;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import unbo.app.data.Paged;
import unbo.app.day.DayService;
import unbo.app.due.FollowUpLine;
import unbo.app.due.FollowUpService;
import unbo.app.job.JobService;
import unbo.app.job.OpenLine;
import unbo.app.timer.TimerService;
import unbo.app.vehicle.DueLine;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;

/** The board: what is under way, what is due. */
@Page
public class BoardPages {

    private static final int WEEKS_AHEAD = 6;
    private static final int LINES = 20;
    /** So many pages of what is due can be turned; the calendar file has all of it. */
    private static final int LAST_DUE = 1000;

    private static final LocalDate EVER = LocalDate.of(9999, 12, 31);

    private final JobService jobs;
    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final TimerService timers;
    private final FollowUpService followUps;
    private final DayService days;
    private final Clock clock;

    BoardPages(
            JobService jobs,
            VehicleService vehicles,
            WorkshopService workshops,
            TimerService timers,
            FollowUpService followUps,
            DayService days,
            Clock clock) {
        this.days = days;
        this.followUps = followUps;
        this.jobs = jobs;
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.timers = timers;
        this.clock = clock;
    }

    @GetMapping("/")
    String board(@RequestParam(defaultValue = "0") int page, Model model) {
        if (!workshops.current().isSetUp()) {
            return "redirect:/settings?first";
        }
        LocalDate today = LocalDate.now(clock);
        int shown = Math.max(0, Math.min(page, 10_000));
        List<OpenLine> open = jobs.underWay(shown, LINES + 1);
        List<DueLine> due = vehicles.due(today.plusWeeks(WEEKS_AHEAD), LINES + 1);
        model.addAttribute("jobs", open.stream().limit(LINES).toList());
        model.addAttribute("page", shown);
        model.addAttribute("more", open.size() > LINES);
        model.addAttribute("due", due.stream().limit(LINES).toList());
        model.addAttribute("moreDue", due.size() > LINES);
        model.addAttribute("none", open.isEmpty() && due.isEmpty() && vehicles.none());
        model.addAttribute("followUps", followUps.open(today.plusWeeks(WEEKS_AHEAD), LINES));
        model.addAttribute("timers", timers.running());
        model.addAttribute("planned", days.now().orElse(null));
        model.addAttribute("today", today);
        return "board/board";
    }

    @GetMapping("/due")
    String due(@RequestParam(defaultValue = "day") String by, @RequestParam(defaultValue = "0") int page, Model model) {
        LocalDate today = LocalDate.now(clock);
        int number = Math.min(Paged.number(page), LAST_DUE);
        Paged<DueLine> due = Paged.of(
                vehicles.due(today.plusYears(1), (number + 1) * Paged.SIZE + 1).stream()
                        .skip((long) number * Paged.SIZE)
                        .limit(Paged.SIZE + 1L)
                        .toList(),
                "",
                number);
        Map<String, List<DueLine>> groups = new LinkedHashMap<>();
        due.lines()
                .forEach(line -> groups.computeIfAbsent(group(line, by, today), key -> new ArrayList<>())
                        .add(line));
        model.addAttribute("due", due);
        model.addAttribute("groups", groups);
        model.addAttribute("by", by);
        List<FollowUpLine> after = followUps.open(EVER, Paged.SIZE + 1);
        model.addAttribute("followUps", after.stream().limit(Paged.SIZE).toList());
        model.addAttribute("moreFollowUps", after.size() > Paged.SIZE);
        model.addAttribute("today", today);
        return "board/due";
    }

    /** What a line stands under; nothing where they stand by their days. */
    private static String group(DueLine line, String by, LocalDate today) {
        return switch (by) {
            case "week" -> line.week(today);
            case "vehicle" -> line.vehicle();
            default -> "";
        };
    }
}
