package unbo.app.log;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.job.JobService;
import unbo.app.people.DoneBy;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Page;

/** What was taken away, and can be put back for thirty days. */
@Page
class AwayPages {

    private static final int LONGEST_WHY = 200;

    private final VehicleService vehicles;
    private final JobService jobs;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    AwayPages(VehicleService vehicles, JobService jobs, ApplicationEventPublisher events, Clock clock) {
        this.vehicles = vehicles;
        this.jobs = jobs;
        this.events = events;
        this.clock = clock;
    }

    /** A vehicle that is away. @param until the last day on which it is put back */
    public record Gone(Vehicle vehicle, LocalDate until) {}

    @GetMapping("/away")
    String away(Model model) {
        model.addAttribute(
                "vehicles",
                vehicles.away(clock.instant()).stream()
                        .map(vehicle -> new Gone(
                                vehicle,
                                LocalDate.ofInstant(vehicle.awayAt().plus(VehicleService.KEPT), clock.getZone())))
                        .toList());
        model.addAttribute("jobs", jobs.away(clock.instant()));
        model.addAttribute("immersions", vehicles.immersionsAway(clock.instant()));
        return "log/away";
    }

    @PostMapping("/vehicles/{id:\\d+}/take-away")
    String takeAway(@PathVariable long id, @RequestParam String why, RedirectAttributes flash) {
        Vehicle vehicle = found(id);
        String words = cut(why);
        if (words.isEmpty()) {
            flash.addFlashAttribute("bad", "Say why the vehicle is taken away.");
            return "redirect:/vehicles/" + id;
        }
        vehicles.takeAway(id, words, clock.instant());
        events.publishEvent(new DoneBy.Done("taken away", null, vehicle.name() + ": " + words));
        return "redirect:/away";
    }

    @PostMapping("/immersions/{id:\\d+}/take-away")
    String takeImmersionAway(@PathVariable long id, @RequestParam String why, RedirectAttributes flash) {
        String words = cut(why);
        if (words.isEmpty()) {
            flash.addFlashAttribute("bad", "Say why the day under water is taken away.");
            return "redirect:/away";
        }
        long vehicle = vehicles.takeImmersionAway(id, words, clock.instant()).orElseThrow(AwayPages::unknown);
        events.publishEvent(new DoneBy.Done("taken away", null, "a day under water: " + words));
        return "redirect:/vehicles/" + vehicle;
    }

    @PostMapping("/immersions/{id:\\d+}/put-back")
    String putImmersionBack(@PathVariable long id, RedirectAttributes flash) {
        Optional<Long> vehicle = vehicles.putImmersionBack(id, clock.instant());
        if (vehicle.isEmpty()) {
            flash.addFlashAttribute("bad", "It was taken away too long ago.");
            return "redirect:/away";
        }
        events.publishEvent(new DoneBy.Done("put back", null, "a day under water"));
        flash.addFlashAttribute("good", "It is back.");
        return "redirect:/vehicles/" + vehicle.get();
    }

    @PostMapping("/vehicles/{id:\\d+}/put-back")
    String putBack(@PathVariable long id, RedirectAttributes flash) {
        Vehicle vehicle = found(id);
        boolean back = vehicles.putBack(id, clock.instant());
        if (back) {
            events.publishEvent(new DoneBy.Done("put back", null, vehicle.name()));
        }
        flash.addFlashAttribute(back ? "good" : "bad", back ? "It is back." : "It was taken away too long ago.");
        return "redirect:/vehicles/" + id;
    }

    private static String cut(String why) {
        return why.strip().substring(0, Math.min(LONGEST_WHY, why.strip().length()));
    }

    private Vehicle found(long id) {
        return vehicles.find(id).orElseThrow(AwayPages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
