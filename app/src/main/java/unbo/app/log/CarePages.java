package unbo.app.log;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.stream.Collectors;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.vehicle.CareService;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.service.Care;

/** What of a vehicle is looked after beside its bearings: written down, ticked off, dropped. */
@Page
class CarePages {

    private final CareService cares;
    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final Clock clock;

    CarePages(CareService cares, VehicleService vehicles, WorkshopService workshops, Clock clock) {
        this.cares = cares;
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.clock = clock;
    }

    @PostMapping("/vehicles/{id}/care")
    String add(@PathVariable long id, @RequestParam Map<String, String> texts, RedirectAttributes flash) {
        here(id);
        Reading<Care> reading = FieldReader.read(CareForm.LIST, texts, workshops.units());
        if (!reading.ok()) {
            return refused(id, sentences(reading), texts, flash);
        }
        if (yetToCome(reading.record().doneOn())) {
            return refused(id, "“Last done” is yet to come: write when it was done.", texts, flash);
        }
        if (!cares.add(id, reading.record())) {
            return refused(id, CareService.MOST + " are kept of one vehicle: drop one first.", texts, flash);
        }
        flash.addFlashAttribute("good", "Written down: " + reading.record().what() + ".");
        return back(id);
    }

    @PostMapping("/vehicles/{id}/care/{care}/done")
    String done(
            @PathVariable long id,
            @PathVariable long care,
            @RequestParam Map<String, String> texts,
            RedirectAttributes flash) {
        here(id);
        Reading<CareForm.Done> reading = FieldReader.read(CareForm.DONE, texts, workshops.units());
        if (!reading.ok() || yetToCome(reading.record().day())) {
            flash.addFlashAttribute("bad", reading.ok() ? "That day is yet to come." : sentences(reading));
            return back(id);
        }
        found(cares.done(id, care, reading.record().day(), reading.record().counter()));
        flash.addFlashAttribute("good", "Done on " + reading.record().day() + ".");
        return back(id);
    }

    @PostMapping("/vehicles/{id}/care/{care}/drop")
    String drop(@PathVariable long id, @PathVariable long care) {
        here(id);
        found(cares.drop(id, care));
        return back(id);
    }

    private boolean yetToCome(LocalDate day) {
        return day.isAfter(LocalDate.now(clock).plusDays(1));
    }

    private void here(long id) {
        found(vehicles.find(id).isPresent());
    }

    private static void found(boolean there) {
        if (!there) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }

    private static String back(long id) {
        return "redirect:/vehicles/" + id + "#care";
    }

    private static String sentences(Reading<?> reading) {
        return reading.problems().stream().map(Problem::sentence).collect(Collectors.joining(" "));
    }

    private static String refused(long id, String sentence, Map<String, String> typed, RedirectAttributes flash) {
        flash.addFlashAttribute("bad", sentence);
        flash.addFlashAttribute("care", typed);
        return back(id);
    }
}
