package unbo.app.exchange;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.due.FollowUpService;
import unbo.app.job.JobService;
import unbo.app.people.DoneBy;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.UnitSystem;

/**
 * Files out and in: jobs and positions as JSON, everything as one file, what is due as a calendar, the history as a
 * table.
 */
@Page
class ExchangePages {

    private static final int LONGEST_WHY = 200;

    private final ExchangeService exchange;
    private final JobService jobs;
    private final VehicleService vehicles;
    private final HistoryCsv history;
    private final FollowUpService followUps;
    private final WorkshopService workshops;
    private final TakenFiles files;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    ExchangePages(
            ExchangeService exchange,
            JobService jobs,
            VehicleService vehicles,
            HistoryCsv history,
            FollowUpService followUps,
            WorkshopService workshops,
            TakenFiles files,
            ApplicationEventPublisher events,
            Clock clock) {
        this.exchange = exchange;
        this.jobs = jobs;
        this.vehicles = vehicles;
        this.history = history;
        this.followUps = followUps;
        this.workshops = workshops;
        this.files = files;
        this.events = events;
        this.clock = clock;
    }

    @GetMapping("/jobs/{id}/export.json")
    ResponseEntity<byte[]> job(@PathVariable long id) {
        Position position = jobs.view(id).orElseThrow(ExchangePages::unknown).position();
        tookOut(id, "a job");
        return file("unbo-job-" + id + ".json", MediaType.APPLICATION_JSON, exchange.job(id, position));
    }

    @GetMapping("/positions/{id}/export.json")
    void position(@PathVariable long id, HttpServletResponse response) throws IOException {
        Position position = at(id);
        tookOut(null, "position " + id);
        download(response, "unbo-position-" + id + ".json", MediaType.APPLICATION_JSON);
        exchange.position(position, response.getOutputStream());
    }

    @GetMapping("/positions/{id}/history.csv")
    void positionHistory(@PathVariable long id, HttpServletResponse response) throws IOException {
        at(id);
        tookOut(null, "history of position " + id);
        download(response, "unbo-position-" + id + ".csv", HistoryCsv.TYPE);
        history.write(reader -> jobs.eachClosedAt(id, reader), response.getOutputStream());
    }

    @GetMapping("/history.csv")
    void everyHistory(HttpServletResponse response) throws IOException {
        tookOut(null, "all closed jobs as a table");
        download(response, "unbo-history.csv", HistoryCsv.TYPE);
        history.write(jobs::eachClosed, response.getOutputStream());
    }

    @GetMapping("/export.json")
    void everything(HttpServletResponse response) throws IOException {
        tookOut(null, "everything");
        download(response, "unbo-" + LocalDate.now(clock) + ".json", MediaType.APPLICATION_JSON);
        exchange.everything(response.getOutputStream());
    }

    @GetMapping("/due.ics")
    void due(HttpServletResponse response) throws IOException {
        download(response, "unbo-due.ics", DueCalendar.TYPE);
        DueCalendar calendar = new DueCalendar(response.getOutputStream(), LocalDate.now(clock), clock.instant());
        vehicles.eachDue(calendar::add);
        followUps.eachOpen(calendar::add);
        calendar.end();
    }

    @GetMapping("/take-in")
    String ask(@RequestParam(defaultValue = "0") long onto, Model model) {
        return ask(onto(onto), model);
    }

    private String ask(Vehicle onto, Model model) {
        model.addAttribute("onto", onto);
        model.addAttribute("lately", files.since(clock.instant().minus(VehicleService.KEPT)));
        return "exchange/take-in";
    }

    /** The vehicle that a file's jobs are put onto, one that lists show; null for new ones. */
    private Vehicle onto(long id) {
        return id == 0
                ? null
                : vehicles.find(id)
                        .filter(vehicle -> !vehicle.practice() && vehicle.awayAt() == null)
                        .orElseThrow(ExchangePages::unknown);
    }

    /** Takes away all vehicles that came with one file. */
    @PostMapping("/take-in/{sum:[0-9a-f]{64}}/take-away")
    String takeAway(@PathVariable String sum, @RequestParam(defaultValue = "") String why, RedirectAttributes flash) {
        String words = why.strip();
        if (words.isEmpty() || words.length() > LONGEST_WHY) {
            flash.addFlashAttribute("bad", "Say in a few words why all that came with the file is taken away.");
            return "redirect:/take-in";
        }
        List<Long> gone = files.vehicles(sum);
        vehicles.takeAway(gone, words, clock.instant());
        events.publishEvent(new DoneBy.Done("taken away", null, gone.size() + " vehicles of one file: " + words));
        return "redirect:/away";
    }

    @PostMapping("/take-in")
    String take(
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String older,
            @RequestParam(defaultValue = "") String again,
            @RequestParam(defaultValue = "0") long onto,
            Model model,
            RedirectAttributes flash)
            throws IOException {
        if (file == null || file.isEmpty()) {
            model.addAttribute(
                    "faults", List.of("No file was chosen, or it is empty. Choose one that Unbo has written."));
            return ask(onto(onto), model);
        }
        Optional<TakenFiles.Before> before = files.before(file.getInputStream());
        if (before.isPresent() && again.isEmpty()) {
            model.addAttribute("before", before.get());
            return ask(onto(onto), model);
        }
        UnitSystem system = UnitSystem.named(older).orElse(workshops.units());
        ExchangeService.Taken taken = exchange.take(file::getInputStream, system, onto(onto));
        if (!taken.faults().isEmpty()) {
            model.addAttribute("faults", taken.faults());
            return ask(onto(onto), model);
        }
        files.taken(file.getInputStream(), taken.jobs().size(), taken.added(), clock.instant());
        events.publishEvent(new DoneBy.Done("took in", null, taken.jobs().size() + " jobs"));
        flash.addFlashAttribute(
                "good",
                "Taken in: " + taken.jobs().size() + (taken.jobs().size() == 1 ? " job." : " jobs.")
                        + " Numbers are new, everything else is as it was written.");
        if (taken.jobs().size() == 1) {
            return "redirect:/jobs/" + taken.jobs().get(0) + "/report";
        }
        return taken.vehicle() == 0 ? "redirect:/vehicles" : "redirect:/vehicles/" + taken.vehicle();
    }

    private void tookOut(Long jobId, String words) {
        events.publishEvent(new DoneBy.Done("took out", jobId, words));
    }

    private Position at(long id) {
        return vehicles.position(id).orElseThrow(ExchangePages::unknown);
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, attachment(name))
                .body(content);
    }

    private static void download(HttpServletResponse response, String name, MediaType type) {
        response.setContentType(type.toString());
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, attachment(name));
    }

    private static String attachment(String name) {
        return "attachment; filename=\"" + name + "\"";
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
