package unbo.app.job;

import java.time.Clock;
import java.util.Optional;

import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.vehicle.PlacesPlan;
import unbo.app.vehicle.Position;
import unbo.app.web.Page;

/** A visit: its jobs with their next steps, and another place of the vehicle in a touch. */
@Page
@RequestMapping("/visits/{id:\\d+}")
class VisitPages {

    private final VisitService visits;
    private final Clock clock;

    VisitPages(VisitService visits, Clock clock) {
        this.visits = visits;
        this.clock = clock;
    }

    @GetMapping
    String visit(@PathVariable long id, Model model) {
        VisitService.Shown visit = find(id);
        model.addAttribute("visit", visit);
        model.addAttribute("plan", PlacesPlan.of(visit.vehicle(), position -> state(visit, position)));
        return "job/visit";
    }

    private static String state(VisitService.Shown visit, Position position) {
        return visit.jobs().stream()
                .filter(view -> view.position().id().equals(position.id()))
                .findFirst()
                .map(view -> "job #" + view.job().id())
                .orElseGet(
                        () -> position.lastWorkedOn() == null ? "no history here" : "done " + position.lastWorkedOn());
    }

    @PostMapping("/jobs")
    String add(@PathVariable long id, @RequestParam(defaultValue = "") String text, RedirectAttributes flash) {
        find(id);
        Optional<Long> job = added(id, text);
        if (job.isEmpty()) {
            flash.addFlashAttribute("bad", "This vehicle has no such place: touch one of the drawing.");
            return "redirect:/visits/" + id;
        }
        return "redirect:/jobs/" + job.get();
    }

    /** Of two that are sent at the same moment the second finds the job of the first. */
    private Optional<Long> added(long id, String position) {
        try {
            return visits.add(id, position, clock.instant());
        } catch (DuplicateKeyException twice) {
            return visits.add(id, position, clock.instant());
        }
    }

    private VisitService.Shown find(long id) {
        return visits.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
