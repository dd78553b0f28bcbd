package unbo.app.log;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.data.Paged;
import unbo.app.job.FactLine;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.logbook.Logbook;
import unbo.app.vehicle.CareService;
import unbo.app.vehicle.DueLine;
import unbo.app.vehicle.EventLine;
import unbo.app.vehicle.PlacesPlan;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.drawing.Drawing;
import unbo.core.event.EventKind;
import unbo.core.fact.FactKey;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.tools.record.EventStrip;
import unbo.core.tools.section.JobSection;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/** Vehicles and positions with their history. */
@Page
class VehiclePages {

    /** Boxes of several events at once, before anything was typed. */
    private static final FieldView EVENT_BOXES = FieldView.form(
                    FieldReader.read(EventForm.MANY, Map.of(), UnitSystem.METRIC), UnitSystem.METRIC)
            .get("rows")
            .withoutRefusals();

    private static final int NEWEST = 8;

    private final VehicleService vehicles;
    private final JobService jobs;
    private final WorkshopService workshops;
    private final OwnCatalogue own;
    private final Logbook logbook;
    private final CareService cares;
    private final Clock clock;

    VehiclePages(
            VehicleService vehicles,
            JobService jobs,
            WorkshopService workshops,
            OwnCatalogue own,
            Logbook logbook,
            CareService cares,
            Clock clock) {
        this.vehicles = vehicles;
        this.jobs = jobs;
        this.workshops = workshops;
        this.own = own;
        this.logbook = logbook;
        this.cares = cares;
        this.clock = clock;
    }

    @GetMapping("/vehicles")
    String all(@RequestParam(defaultValue = "") String q, @RequestParam(defaultValue = "0") int page, Model model) {
        model.addAttribute("vehicles", vehicles.page(q, page));
        return "log/vehicles";
    }

    @GetMapping("/vehicles/new")
    String fresh(@RequestParam(required = false) String visit, Model model) {
        return form(FieldReader.read(VehicleInput.LIST, Map.of(), workshops.units()), null, -1, visit, false, model);
    }

    @PostMapping("/vehicles")
    String add(@RequestParam Map<String, String> texts, Model model) {
        Reading<VehicleInput> reading = FieldReader.read(VehicleInput.LIST, texts, workshops.units());
        if (!reading.ok()) {
            return form(reading, null, -1, texts.get("visit"), true, model);
        }
        Long id = vehicles.add(reading.record()).id();
        return texts.containsKey("visit") ? "redirect:/visits/new?vehicle=" + id : "redirect:/vehicles/" + id;
    }

    @GetMapping("/vehicles/{id}")
    String vehicle(@PathVariable long id, @RequestParam(defaultValue = "0") int page, Model model) {
        Vehicle vehicle = find(id);
        model.addAttribute("vehicle", vehicle);
        model.addAttribute("plan", PlacesPlan.of(vehicle, VehiclePages::state));
        model.addAttribute("jobs", jobs.ofVehicle(id, page));
        List<EventLine> events = EventLine.of(vehicle, vehicles.events(id), vehicles.immersions(id));
        model.addAttribute("events", events);
        model.addAttribute("newest", events.stream().limit(NEWEST).toList());
        model.addAttribute("strip", strip(events, jobs.ofVehicle(id, 0)));
        model.addAttribute("cares", cares.of(id));
        model.addAttribute("careForm", CareForm.LIST.fields());
        model.addAttribute("eventKinds", EventKind.all());
        model.addAttribute("eventForm", EVENT_BOXES);
        model.addAttribute("today", LocalDate.now(clock));
        model.addAttribute("kinds", AssemblyKind.all());
        return "log/vehicle";
    }

    /** What it went through and when it was worked on, over time; null where neither was. */
    private Drawing strip(List<EventLine> events, Paged<JobLine> jobs) {
        List<EventStrip.Mark> marks = new ArrayList<>();
        jobs.lines().forEach(job -> marks.add(new EventStrip.Mark("worked on", job.day(), 2, true)));
        events.forEach(event -> marks.add(new EventStrip.Mark(event.what(), event.day(), event.hard(), false)));
        return events.isEmpty() ? null : EventStrip.of(marks, LocalDate.now(clock));
    }

    /** When it is due, else what is in it. */
    private static String state(Position position) {
        return position.dueOn() != null
                ? "due by " + position.dueOn()
                : position.numbers().isEmpty() ? "nothing known yet" : position.numbers();
    }

    @GetMapping("/vehicles/{id}/edit")
    String edit(@PathVariable long id, Model model) {
        Vehicle v = find(id);
        VehicleInput input = v.input();
        return form(
                FieldReader.read(VehicleInput.LIST, input.texts(), workshops.units()),
                id,
                v.version(),
                null,
                false,
                model);
    }

    @PostMapping("/vehicles/{id}")
    String change(
            @PathVariable long id, @RequestParam Map<String, String> texts, @RequestParam int version, Model model) {
        Reading<VehicleInput> reading = FieldReader.read(VehicleInput.LIST, texts, workshops.units());
        if (!reading.ok()) {
            return form(reading, id, version, null, true, model);
        }
        if (!changed(id, version, reading.record())) {
            model.addAttribute(
                    "bad",
                    "Not kept: somebody else changed this vehicle since you opened it. What you "
                            + "typed stands below; keep again to put it in place.");
            return form(reading, id, find(id).version(), null, false, model);
        }
        return "redirect:/vehicles/" + id;
    }

    private boolean changed(long id, int version, VehicleInput input) {
        try {
            return vehicles.change(id, version, input);
        } catch (OptimisticLockingFailureException raced) {
            return false;
        }
    }

    /** Adds a place of the workshop's own naming, of a kind that is kept with it. */
    @PostMapping("/vehicles/{id}/places")
    String place(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String assembly,
            RedirectAttributes flash) {
        Optional<Place> own = Place.named(find(id).kind(), name);
        Optional<AssemblyKind> kind = AssemblyKind.find(assembly);
        if (own.isEmpty() || kind.isEmpty()) {
            flash.addFlashAttribute(
                    "bad",
                    own.isEmpty()
                            ? "Name the place in 1 to " + Place.LONGEST_NAME + " letters."
                            : "Choose what kind of place “" + name + "” is.");
            flash.addFlashAttribute("placed", name);
        } else if (!vehicles.place(id, own.get(), jobs.facts(kind.get()))) {
            flash.addFlashAttribute(
                    "bad", "There is a place of this name already: " + own.get().label() + ".");
            flash.addFlashAttribute("placed", name);
        } else {
            flash.addFlashAttribute(
                    "good", "Added: " + own.get().label() + ", " + kind.get().label() + ".");
        }
        return "redirect:/vehicles/" + id;
    }

    @GetMapping("/positions/{id}")
    String position(@PathVariable long id, @RequestParam(defaultValue = "0") int page, Model model) {
        Position position = vehicles.position(id).orElseThrow(VehiclePages::unknown);
        var known = jobs.known(position);
        model.addAttribute("position", position);
        model.addAttribute("facts", facts(position, known));
        model.addAttribute("section", position.unknown() ? null : JobSection.of(here(position, known), own.book()));
        model.addAttribute("jobs", jobs.history(id, page));
        model.addAttribute("due", DueLine.of(position));
        List<String> places =
                here(position, known).places().stream().map(KindPlace::code).toList();
        model.addAttribute(
                "runs",
                logbook.runs(id).stream()
                        .sorted(Comparator.comparing((Logbook.RunLine run) -> run.to() != null)
                                .thenComparingInt(run -> places.indexOf(run.place())))
                        .toList());
        model.addAttribute("today", LocalDate.now(clock));
        return "log/position";
    }

    /** What is known of a position, with where it is and on what. */
    private static Sheet here(Position position, Sheet known) {
        return Sheet.of(List.of(
                        Fact.words(FactKey.VEHICLE_KIND, position.vehicle().kind(), How.TYPED, "vehicle"),
                        Fact.words(FactKey.WHERE, position.code(), How.TYPED, "vehicle"),
                        Fact.words(FactKey.COUNTER_UNIT, position.vehicle().counterUnit(), How.TYPED, "vehicle")))
                .with(known.all());
    }

    /** What is known of a position in words, read as on its vehicle. */
    private static List<FactLine> facts(Position position, Sheet known) {
        Sheet sheet = here(position, known);
        return known.all().stream()
                .map(fact -> FactLine.of(fact, sheet))
                .filter(line -> !line.shown().isEmpty())
                .toList();
    }

    private String form(
            Reading<VehicleInput> reading, Long id, int version, String visit, boolean judged, Model model) {
        Map<String, FieldView> form = FieldView.form(reading, workshops.units());
        if (!judged) {
            form.replaceAll((name, f) -> f.withoutRefusals());
        }
        model.addAttribute("form", form);
        model.addAttribute("id", id);
        model.addAttribute("version", version);
        model.addAttribute("visit", visit);
        return "log/vehicle-form";
    }

    private Vehicle find(long id) {
        return vehicles.find(id).orElseThrow(VehiclePages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
