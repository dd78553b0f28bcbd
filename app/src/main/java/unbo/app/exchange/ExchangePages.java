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
    ResponseEntity<byte[]> position(@PathVariable long id) {
        tookOut(null, "position " + id);
        return file("unbo-position-" + id + ".json", MediaType.APPLICATION_JSON, exchange.position(at(id)));
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
    ResponseEntity<byte[]> due() {
        return file(
                "unbo-due.ics",
                DueCalendar.TYPE,
                DueCalendar.of(vehicles.everyDue(), followUps.open(), LocalDate.now(clock), clock.instant()));
    }

    @GetMapping("/take-in")
    String ask() {
        return "exchange/take-in";
    }

    @PostMapping("/take-in")
    String take(
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String older,
            @RequestParam(defaultValue = "") String again,
            Model model,
            RedirectAttributes flash)
            throws IOException {
        if (file == null || file.isEmpty()) {
            model.addAttribute(
                    "faults", List.of("No file was chosen, or it is empty. Choose one that Unbo has written."));
            return "exchange/take-in";
        }
        Optional<TakenFiles.Before> before = files.before(file.getInputStream());
        if (before.isPresent() && again.isEmpty()) {
            model.addAttribute("before", before.get());
            return "exchange/take-in";
        }
        UnitSystem system = UnitSystem.named(older).orElse(workshops.units());
        ExchangeService.Taken taken = exchange.take(file::getInputStream, system);
        if (!taken.faults().isEmpty()) {
            model.addAttribute("faults", taken.faults());
            return "exchange/take-in";
        }
        files.taken(file.getInputStream(), taken.jobs().size(), clock.instant());
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
