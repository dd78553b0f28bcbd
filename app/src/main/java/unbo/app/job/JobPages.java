package unbo.app.job;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.vehicle.VehicleService;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.hub.HubSection;
import unbo.core.route.RouteStage;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.Sheet;

/** Opening a visit, working through the stages of a job, signing it. */
@Page
class JobPages {

    private static final int LONGEST_NOTE = 500;

    private final JobService jobs;
    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final Clock clock;

    JobPages(JobService jobs, VehicleService vehicles, WorkshopService workshops, Clock clock) {
        this.jobs = jobs;
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping("/visits/new")
    String newVisit(@RequestParam(required = false) Long vehicle, Model model) {
        model.addAttribute("vehicles", vehicles.all());
        if (vehicle != null) {
            model.addAttribute("vehicle", vehicles.find(vehicle).orElseThrow(JobPages::unknown));
        }
        return "job/new-visit";
    }

    @PostMapping("/visits")
    String open(@RequestParam long vehicle, @RequestParam(required = false) String position, RedirectAttributes flash) {
        if (position == null) {
            flash.addFlashAttribute("bad", "Choose the position first: the job is about one hub.");
            return "redirect:/visits/new?vehicle=" + vehicle;
        }
        return "redirect:/jobs/" + jobs.open(vehicle, position, clock.instant()) + "/intake";
    }

    @GetMapping("/jobs/{id}")
    String job(@PathVariable long id) {
        JobView view = view(id);
        return view.job().state().frozen() ? "redirect:/jobs/" + id + "/report" : "redirect:/jobs/" + id + "/" + view.nextStage().code();
    }

    @GetMapping("/jobs/{id}/{code}")
    String stage(@PathVariable long id, @PathVariable String code, @RequestParam Map<String, String> fromBench, Model model) {
        JobView view = view(id);
        RouteStage stage = used(code);
        Map<String, String> texts = new HashMap<>(view.station(stage).texts());
        if (view.station(stage).state().equals("OPEN")) {
            texts.putAll(StageRules.of(stage).prefill(jobs.sheetFor(id, stage)));
            texts.putIfAbsent("day", clock.instant().atZone(clock.getZone()).toLocalDate().toString());
            texts.putIfAbsent("school", workshops.current().settingSchool());
            texts.putIfAbsent("serviceSchool", workshops.current().serviceSchool());
        }
        StageRules.of(stage).asked().stream().filter(fromBench::containsKey).forEach(name -> texts.put(name, fromBench.get(name)));
        if (!fromBench.isEmpty()) {
            model.addAttribute("good", "Taken from the bench: nothing is kept until you keep it.");
        }
        return show(view, stage, texts, view.station(stage).state().equals("DRAFT"), model);
    }

    @PostMapping("/jobs/{id}/{code}/preview")
    String preview(@PathVariable long id, @PathVariable String code, @RequestParam Map<String, String> texts, Model model) {
        return show(view(id), used(code), texts, false, model);
    }

    @PostMapping("/jobs/{id}/{code}")
    String keep(@PathVariable long id, @PathVariable String code, @RequestParam Map<String, String> sent, @RequestParam(defaultValue = "-1") int version,
                Model model, RedirectAttributes flash) {
        RouteStage stage = used(code);
        Map<String, String> texts = own(stage, sent);
        return switch (tryKeep(id, stage, version, texts)) {
            case DONE -> {
                flash.addFlashAttribute("good", stage.title() + " is kept.");
                yield "redirect:/jobs/" + id + "/" + (sent.containsKey("stay") ? stage : stage.next().orElse(stage)).code();
            }
            case DRAFT -> {
                model.addAttribute("bad", "Kept as a draft: what is marked below cannot be used yet.");
                yield show(view(id), stage, texts, true, model);
            }
            case CHANGED_MEANWHILE -> {
                model.addAttribute("bad", "Not kept: somebody else changed this stage since you opened it. Below stands what you typed; beside it what is kept now. Keep again to put yours in its place.");
                model.addAttribute("theirs", view(id).station(stage).texts());
                yield show(view(id), stage, texts, true, model);
            }
            case FROZEN -> {
                model.addAttribute("bad", "Not kept: this job is closed. Open it again with a reason first.");
                yield show(view(id), stage, texts, true, model);
            }
        };
    }

    private JobService.Kept tryKeep(long id, RouteStage stage, int version, Map<String, String> texts) {
        try {
            return jobs.keep(id, stage, version, texts, clock.instant());
        } catch (OptimisticLockingFailureException | DataIntegrityViolationException raced) {
            return JobService.Kept.CHANGED_MEANWHILE;
        }
    }

    @PostMapping("/jobs/{id}/{code}/skip")
    String skip(@PathVariable long id, @PathVariable String code, @RequestParam(defaultValue = "") String why, RedirectAttributes flash) {
        RouteStage stage = used(code);
        if (!jobs.skip(id, stage, cut(why), clock.instant())) {
            flash.addFlashAttribute("bad", stage == RouteStage.PROVE ? "Prove is never skipped." : "Say in a word why " + stage.title() + " is skipped.");
            return "redirect:/jobs/" + id + "/" + code;
        }
        return "redirect:/jobs/" + id + "/" + stage.next().orElse(stage).code();
    }

    @PostMapping("/jobs/{id}/do/{what}")
    String act(@PathVariable long id, @PathVariable String what, @RequestParam(defaultValue = "") String text, RedirectAttributes flash) {
        String words = cut(text);
        return switch (what) {
            case "sign" -> sign(id, flash);
            case "note" -> {
                if (words.isBlank()) {
                    flash.addFlashAttribute("bad", "The note is empty: nothing was kept.");
                } else {
                    jobs.note(id, words, clock.instant());
                }
                yield "redirect:/jobs/" + id + "/report";
            }
            case "wait" -> needing(words, "Say which parts the job waits for.", () -> jobs.await(id, words, clock.instant()), "/", "/jobs/" + id + "/report", flash);
            case "go-on" -> {
                jobs.goOn(id);
                yield "redirect:/jobs/" + id;
            }
            case "abandon" -> needing(words, "Say why the job is abandoned.", () -> jobs.abandon(id, words, clock.instant()), "/", "/jobs/" + id + "/report", flash);
            case "reopen" -> needing(words, "Say why the job is opened again.", () -> jobs.reopen(id, words, clock.instant()), "/jobs/" + id, "/jobs/" + id + "/report", flash);
            case "twin" -> jobs.openTwin(id, clock.instant()).map(twin -> "redirect:/jobs/" + twin).orElseGet(() -> {
                flash.addFlashAttribute("bad", "This position has no other side.");
                return "redirect:/jobs/" + id + "/report";
            });
            default -> throw unknown();
        };
    }

    private String sign(long id, RedirectAttributes flash) {
        List<String> reasons = jobs.sign(id, clock.instant());
        if (reasons.isEmpty()) {
            flash.addFlashAttribute("good", "Signed and closed. Results and worksheets are frozen as they stand.");
            return "redirect:/jobs/" + id + "/report";
        }
        flash.addFlashAttribute("reasons", reasons);
        return "redirect:/jobs/" + id + "/log";
    }

    private static String needing(String words, String ask, java.util.function.BooleanSupplier act, String onward, String back, RedirectAttributes flash) {
        if (words.isBlank()) {
            flash.addFlashAttribute("bad", ask);
            return "redirect:" + back;
        }
        if (!act.getAsBoolean()) {
            flash.addFlashAttribute("bad", "Nothing was changed: the job stands otherwise by now.");
            return "redirect:" + back;
        }
        return "redirect:" + onward;
    }

    @GetMapping("/jobs/{id}/report")
    String report(@PathVariable long id, Model model) {
        JobView view = view(id);
        model.addAttribute("view", view);
        model.addAttribute("section", HubSection.of(view.sheet()));
        model.addAttribute("notes", jobs.notes(id));
        return "job/report";
    }

    private String show(JobView view, RouteStage stage, Map<String, String> texts, boolean judged, Model model) {
        StageRule<?> rule = StageRules.of(stage);
        Sheet sheet = jobs.sheetFor(view.job().id(), stage);
        StageRule.Work work = jobs.preview(view.job().id(), stage, texts);
        model.addAttribute("view", view);
        model.addAttribute("station", view.station(stage));
        model.addAttribute("stage", StageForm.of(stage, rule, texts, work, sheet, workshops.units(), judged));
        if (stage == RouteStage.INTAKE || stage == RouteStage.LOG) {
            model.addAttribute("history", jobs.history(view.position().id()));
        }
        return "job/stage";
    }

    /** The texts that belong to a stage: its fields and ticks, nothing else that was sent along. */
    private static Map<String, String> own(RouteStage stage, Map<String, String> sent) {
        Map<String, String> texts = new HashMap<>();
        StageRules.of(stage).asked().forEach(name -> texts.put(name, sent.getOrDefault(name, "")));
        sent.forEach((name, text) -> {
            if (name.matches("tick-[a-z]{1,12}")) {
                texts.put(name, "yes");
            }
        });
        return texts;
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(JobPages::unknown);
    }

    private static RouteStage used(String code) {
        return RouteStage.of(code).filter(RouteStage::used).orElseThrow(JobPages::unknown);
    }

    private static String cut(String text) {
        return text.strip().substring(0, Math.min(LONGEST_NOTE, text.strip().length()));
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
