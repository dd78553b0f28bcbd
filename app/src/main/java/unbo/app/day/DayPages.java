package unbo.app.day;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.vehicle.DueLine;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.measure.Show;
import unbo.core.plan.DayPlan;
import unbo.core.plan.DayWork;
import unbo.core.tools.deciding.DayDrawing;

/** The day on the bench: planned, pinned, planned anew. */
@Page
class DayPages {

    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");
    private static final int THEN = 2;
    /** Shorter is no time for anything else; longer is an evening. */
    private static final int IDLE_MIN = 5;

    private static final int MOST_IDLE_MIN = 6 * 60;
    private static final int LOOK_WEEKS = 6;
    private static final int MOST_DUE = 100;
    private static final int MOST_LOOKS = 3;

    private final DayService days;
    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final Clock clock;

    DayPages(DayService days, VehicleService vehicles, WorkshopService workshops, Clock clock) {
        this.days = days;
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping("/day")
    String day(Model model) {
        LocalDate today = today();
        DayService.Shown shown = days.shown(today);
        int minute = days.minute(today);
        DaySetup setup = days.setup();
        model.addAttribute("shown", shown);
        model.addAttribute("today", today);
        model.addAttribute("now", shown.now(minute).orElse(null));
        model.addAttribute(
                "begun",
                shown.now(minute).map(step -> step.span().begins() <= minute).orElse(false));
        model.addAttribute("then", shown.then(minute, THEN));
        model.addAttribute("waits", shown.waits(minute));
        model.addAttribute("idle", idle(shown, minute));
        Drawn drawn = drawn(shown, setup, minute);
        model.addAttribute("drawing", drawn == null ? null : drawn.drawing());
        model.addAttribute("perUnit", drawn == null ? null : drawn.minutesPerUnit());
        shown.steps().stream().mapToInt(step -> step.span().ends()).max().ifPresent(ends -> {
            model.addAttribute("ends", Clocks.shown(ends, today));
            model.addAttribute("bound", Clocks.shown(Math.min(ends, shown.made().bound()), today));
        });
        model.addAttribute("findings", findings(shown));
        Map<String, String> pinned = new LinkedHashMap<>();
        shown.pins().forEach((code, at) -> pinned.put(code, Clocks.shown(at, today)));
        if (model.getAttribute("typedPin") instanceof Map<?, ?> typed) {
            typed.forEach((code, at) -> pinned.put(code.toString(), at.toString()));
        }
        model.addAttribute("pinned", pinned);
        model.addAttribute(
                "setup",
                boxes(
                        model.getAttribute("typedSetup") instanceof Map<?, ?> typed
                                ? FieldReader.read(DaySetup.LIST, texts(typed), workshops.units())
                                : read(setup)));
        return "day/day";
    }

    /**
     * Hands that have nothing to do.
     *
     * @param until when the next step begins
     * @param looks what is due on vehicles that are here
     */
    public record Idle(String until, int minutes, List<DueLine> looks) {}

    /** Null where a step goes on, or the next begins at once. */
    private Idle idle(DayService.Shown shown, int minute) {
        PlannedStep next = shown.now(minute).orElse(null);
        int minutes = next == null ? 0 : next.span().begins() - minute;
        if (minutes < IDLE_MIN || minutes > MOST_IDLE_MIN) {
            return null;
        }
        Set<String> here =
                shown.jobs().stream().map(job -> job.line().vehicle()).collect(Collectors.toSet());
        List<DueLine> looks = vehicles.due(shown.day().plusWeeks(LOOK_WEEKS), MOST_DUE).stream()
                .filter(due -> here.contains(due.vehicle()))
                .limit(MOST_LOOKS)
                .toList();
        return new Idle(next.from(), minutes, looks);
    }

    /** What is late, what may be, and what no plan holds. */
    private static List<Finding> findings(DayService.Shown shown) {
        List<Finding> findings = new ArrayList<>();
        for (PlannedStep step : shown.steps()) {
            String told = step.code() + " ends at " + step.until() + ", promised for " + step.promised() + ".";
            if (step.late()) {
                findings.add(new Finding("day-step-late", Level.SOON, told + " Tell the customer now."));
            } else if (step.atRisk()) {
                findings.add(new Finding("day-step-at-risk", Level.WATCH, told));
            }
        }
        if (findings.isEmpty() && shown.steps().stream().anyMatch(step -> step.promise() != null)) {
            findings.add(new Finding("day-in-time", Level.RIGHT, "Everything ends when it was promised."));
        }
        shown.jobs().stream()
                .filter(DayJobs.Listed::stands)
                .map(job -> new Finding(
                        "day-parts",
                        Level.OPEN,
                        "#" + job.line().id() + " " + job.line().vehicle()
                                + " waits for parts: say below when they come, and it is planned."))
                .forEach(findings::add);
        return findings;
    }

    /** @param minutesPerUnit how many minutes a unit of its width is */
    private record Drawn(Drawing drawing, double minutesPerUnit) {}

    /** The first day that has something planned, over its hours; null where none has. */
    private static Drawn drawn(DayService.Shown shown, DaySetup setup, int minute) {
        if (shown.steps().isEmpty()) {
            return null;
        }
        int midnight = shown.steps().get(0).span().begins() / Clocks.DAY_MIN * Clocks.DAY_MIN;
        List<PlannedStep> steps = shown.steps().stream()
                .filter(step -> step.span().begins() >= midnight && step.span().begins() < midnight + Clocks.DAY_MIN)
                .toList();
        int from = Math.min(midnight + setup.opens(), steps.get(0).span().begins());
        int until = midnight + setup.closes();
        for (PlannedStep step : steps) {
            until = Math.max(
                    until, Math.min(midnight + Clocks.DAY_MIN, step.span().ends()));
        }
        List<DayPlan.Step> drawn = new ArrayList<>();
        for (PlannedStep step : steps) {
            DayWork.Task task = new DayWork.Task(
                    step.code(),
                    Math.min(until, step.span().ends()) - step.span().begins(),
                    step.uses(),
                    new DayWork.Order(List.of(), 0, null),
                    new DayWork.Times(null, null, null),
                    step.waits());
            drawn.add(new DayPlan.Step(task, step.span().begins() - from));
        }
        DayWork work = new DayWork(
                until - from,
                setup.resources(),
                drawn.stream().map(DayPlan.Step::task).toList());
        LocalDateTime zero = shown.day().atStartOfDay();
        DayPlan plan = new DayPlan(work, drawn, 0, until - from, 0, false, false);
        return new Drawn(
                DayDrawing.of(plan, zero.plusMinutes(from), zero.plusMinutes(minute)), DayDrawing.minutesPerUnit(plan));
    }

    @PostMapping("/day/plan")
    String plan() {
        days.plan(today());
        return "redirect:/day";
    }

    @PostMapping("/day/tasks")
    String add(@RequestParam(defaultValue = "") String line, RedirectAttributes flash) {
        String refusal = days.add(today(), line);
        if (!refusal.isEmpty()) {
            flash.addFlashAttribute("bad", refusal);
            flash.addFlashAttribute("line", line);
            return "redirect:/day";
        }
        days.again(today());
        return "redirect:/day";
    }

    @PostMapping("/day/tasks/{id}/drop")
    String drop(@PathVariable long id) {
        days.drop(today(), id);
        days.again(today());
        return "redirect:/day";
    }

    @PostMapping("/day/jobs/{id}")
    String told(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String promised,
            @RequestParam(defaultValue = "") String parts,
            RedirectAttributes flash) {
        Optional<LocalDateTime> by = Clocks.moment(promised, today());
        Optional<LocalDateTime> come = Clocks.moment(parts, today());
        if (!promised.isBlank() && by.isEmpty() || !parts.isBlank() && come.isEmpty()) {
            flash.addFlashAttribute(
                    "bad",
                    "“" + (by.isEmpty() && !promised.isBlank() ? promised : parts)
                            + "” is no time: write 16:00, Mon 16:00, or " + today() + " 16:00.");
            flash.addFlashAttribute("typed", Map.of("job", id, "promised", promised, "parts", parts));
            return "redirect:/day";
        }
        if (!days.told(id, by.orElse(null), come.orElse(null))) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        days.again(today());
        return "redirect:/day";
    }

    @PostMapping("/day/pins")
    String pin(@RequestParam String code, @RequestParam(defaultValue = "") String at, RedirectAttributes flash) {
        Optional<LocalTime> time = Clocks.time(at);
        String refusal = !at.isBlank() && time.isEmpty()
                ? "“" + at + "” is no time of the day: write 10:30."
                : days.pin(today(), code, time.map(Clocks::minute).orElse(null));
        if (!refusal.isEmpty()) {
            flash.addFlashAttribute("bad", refusal);
            flash.addFlashAttribute("typedPin", Map.of(code, at));
            return "redirect:/day";
        }
        days.again(today());
        return "redirect:/day";
    }

    @PostMapping("/day/setup")
    String setup(@RequestParam Map<String, String> texts, RedirectAttributes flash) {
        Reading<DaySetup> reading = FieldReader.read(DaySetup.LIST, texts, workshops.units());
        if (!reading.ok()) {
            flash.addFlashAttribute("typedSetup", texts);
            flash.addFlashAttribute(
                    "bad", reading.problems().stream().map(Problem::sentence).collect(Collectors.joining(" ")));
            return "redirect:/day#setup";
        }
        days.keep(reading.record());
        days.again(today());
        return "redirect:/day";
    }

    @GetMapping("/day.ics")
    ResponseEntity<byte[]> calendar() {
        LocalDate today = today();
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"day-" + today + ".ics\"")
                .body(DayCalendar.of(today, days.shown(today).steps(), clock.instant()));
    }

    private static Map<String, String> texts(Map<?, ?> typed) {
        Map<String, String> texts = new LinkedHashMap<>();
        typed.forEach((name, text) -> texts.put(String.valueOf(name), String.valueOf(text)));
        return texts;
    }

    private Reading<DaySetup> read(DaySetup setup) {
        Map<String, String> texts = new LinkedHashMap<>();
        texts.put("begins", setup.begins().toString());
        texts.put("ends", setup.ends().toString());
        texts.put("resources", setup.text());
        texts.put("people", setup.peopleText());
        texts.put("ovenLitres", Show.number(setup.oven().litres(), 0));
        texts.put("ovenWarms", Show.number(setup.oven().warmsMin(), 0));
        texts.put("ovenFan", setup.oven().fan() ? "yes" : "");
        return FieldReader.read(DaySetup.LIST, texts, workshops.units());
    }

    private List<FieldView> boxes(Reading<DaySetup> reading) {
        return List.copyOf(FieldView.form(reading, workshops.units()).values());
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }
}
