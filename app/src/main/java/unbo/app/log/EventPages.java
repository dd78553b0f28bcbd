package unbo.app.log;

import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;

import org.apache.commons.csv.CSVFormat;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.event.EventKind;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;

/** Writes down what a vehicle went through: one at a time, or many as rows. */
@Page
class EventPages {

    private static final String IMMERSION = "immersion";
    /** A note is no day to come later than this: what is planned is no event. */
    private static final int DAYS_AHEAD = 1;

    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final TransactionTemplate whole;
    private final Clock clock;

    EventPages(VehicleService vehicles, WorkshopService workshops, TransactionTemplate whole, Clock clock) {
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.whole = whole;
        this.clock = clock;
    }

    @PostMapping("/vehicles/{id}/events")
    String wrote(@PathVariable long id, @RequestParam Map<String, String> texts, RedirectAttributes flash) {
        Vehicle vehicle = find(id);
        if (texts.getOrDefault("kind", "").equals(IMMERSION)) {
            return immersed(id, texts, flash);
        }
        Reading<EventForm> reading = FieldReader.read(EventForm.LIST, texts, workshops.units());
        Optional<String> not = reading.get().flatMap(event -> cannot(vehicle, event));
        if (!reading.ok() || not.isPresent()) {
            return refused(id, not.orElseGet(() -> sentences(reading)), texts, flash);
        }
        EventForm event = reading.record();
        int sooner = vehicles.went(id, event.place(), event.told());
        flash.addFlashAttribute("good", said(event, sooner));
        return "redirect:/vehicles/" + id;
    }

    private String immersed(long id, Map<String, String> texts, RedirectAttributes flash) {
        Reading<ImmersionForm> reading = FieldReader.read(
                ImmersionForm.LIST,
                Map.of(
                        "day", texts.getOrDefault("day", ""),
                        "times", texts.getOrDefault("times", "").isBlank() ? "1" : texts.get("times"),
                        "note", texts.getOrDefault("note", "")),
                workshops.units());
        if (!reading.ok()) {
            return refused(id, sentences(reading), texts, flash);
        }
        ImmersionForm in = reading.record();
        vehicles.immersed(id, in.day(), in.times(), in.note());
        flash.addFlashAttribute("good", "Written down: under water on " + in.day() + ".");
        return "redirect:/vehicles/" + id;
    }

    /** The address of before. */
    @PostMapping("/vehicles/{id}/immersions")
    String went(@PathVariable long id, @RequestParam Map<String, String> texts, RedirectAttributes flash) {
        find(id);
        return immersed(id, texts, flash);
    }

    /** Many at once: all of them, or none. */
    @PostMapping("/vehicles/{id}/events/rows")
    String rows(@PathVariable long id, @RequestParam Map<String, String> texts, RedirectAttributes flash) {
        Vehicle vehicle = find(id);
        String typed = texts.getOrDefault("rows", "");
        Reading<List<EventForm>> reading =
                FieldReader.read(EventForm.MANY, Map.of("rows", parted(typed)), workshops.units());
        Optional<String> not = reading.get()
                .flatMap(events -> events.stream()
                        .flatMap(event -> cannot(vehicle, event).stream())
                        .findFirst());
        if (!reading.ok() || not.isPresent()) {
            return refused(id, not.orElseGet(() -> sentences(reading)), texts, flash);
        }
        whole.executeWithoutResult(
                in -> reading.record().forEach(event -> vehicles.went(id, event.place(), event.told())));
        int count = reading.record().size();
        flash.addFlashAttribute("good", count == 1 ? "One is written down." : count + " are written down.");
        return "redirect:/vehicles/" + id;
    }

    /** Comma separated rows as lines of cells; a heading that names the columns is left out. */
    private static String parted(String text) {
        if (text.contains(";") || !text.contains(",")) {
            return text;
        }
        try (var rows = CSVFormat.RFC4180.parse(new StringReader(text))) {
            return rows.stream()
                    .filter(row -> !row.get(0).strip().equalsIgnoreCase("day"))
                    .map(row -> StreamSupport.stream(row.spliterator(), false)
                            .map(cell -> cell.replace(';', ',').strip())
                            .collect(Collectors.joining("; ")))
                    .collect(Collectors.joining("\n"));
        } catch (IOException | java.io.UncheckedIOException odd) {
            return text;
        }
    }

    /** Why an event cannot be; empty where it can. */
    private Optional<String> cannot(Vehicle vehicle, EventForm event) {
        if (event.day().isAfter(LocalDate.now(clock).plusDays(DAYS_AHEAD))) {
            return Optional.of("The " + event.day() + " is yet to come: write it down when it has been.");
        }
        return event.place().isEmpty() || vehicle.position(event.place()).isPresent()
                ? Optional.empty()
                : Optional.of("“" + event.place() + "” is no place of this vehicle: leave it empty for all of it.");
    }

    /** @param sooner positions that are due sooner for it */
    private static String said(EventForm event, int sooner) {
        EventKind kind = EventKind.find(event.told().kind()).orElseThrow();
        LocalDate by = kind.dueBy(event.day(), event.told().hard());
        String told = "Written down: " + kind.label() + " on " + event.day() + ".";
        if (sooner == 0) {
            return told + (by == null ? "" : " Nothing is due sooner for it: " + kind.why() + ".");
        }
        return told + " " + (sooner == 1 ? "One place is" : sooner + " places are") + " due sooner"
                + (by == null ? ": its counter came to that." : ", by " + by + ": " + kind.why() + ".");
    }

    private static String sentences(Reading<?> reading) {
        return reading.problems().stream().map(Problem::sentence).collect(Collectors.joining(" "));
    }

    private static String refused(long id, String sentence, Map<String, String> typed, RedirectAttributes flash) {
        flash.addFlashAttribute("bad", sentence);
        flash.addFlashAttribute("typed", typed);
        return "redirect:/vehicles/" + id;
    }

    private Vehicle find(long id) {
        return vehicles.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
