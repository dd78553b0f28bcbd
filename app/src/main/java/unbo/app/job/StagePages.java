package unbo.app.job;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.diagnosis.CaseService;
import unbo.app.diagnosis.DiagnosisView;
import unbo.app.diagnosis.RoadView;
import unbo.app.instrument.AttachedInstruments;
import unbo.app.instrument.LiveView;
import unbo.app.race.RaceView;
import unbo.app.web.Desk;
import unbo.app.web.Page;
import unbo.app.workshop.Workshop;
import unbo.app.workshop.WorkshopService;
import unbo.core.arrange.Arrangement;
import unbo.core.damage.Brush;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.Observations;
import unbo.core.diagnosis.VerdictInput;
import unbo.core.input.Field;
import unbo.core.route.RouteStage;
import unbo.core.route.SetWay;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.FactKey;
import unbo.core.sheet.Sheet;

/** One stage of a job: asked, answered as one types, kept; of two who keep at once the second merges. */
@Page
@RequestMapping("/jobs/{id}/{code}")
class StagePages {

    private static final String BASE = "base";
    private static final int LONGEST_WHY = 200;
    private static final String SHIMS = "shims";

    private final JobService jobs;
    private final DraftService drafts;
    private final Documents documents;
    private final WorkshopService workshops;
    private final CaseService cases;
    private final AttachedInstruments instruments;
    private final ShelfOffers shelf;
    private final Clock clock;

    StagePages(JobService jobs, DraftService drafts, Documents documents, WorkshopService workshops, CaseService cases, AttachedInstruments instruments, ShelfOffers shelf, Clock clock) {
        this.jobs = jobs;
        this.drafts = drafts;
        this.documents = documents;
        this.workshops = workshops;
        this.cases = cases;
        this.instruments = instruments;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** What a stage's page shows and what its form began with. */
    private record Shown(int version, Map<String, String> base, Map<String, String> texts, boolean judged) {
    }

    @ModelAttribute("desk")
    String desk(HttpServletRequest request, HttpServletResponse response) {
        return Desk.of(request, response);
    }

    @GetMapping
    String stage(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk, @RequestParam Map<String, String> fromBench, Model model) {
        JobView view = view(id);
        RouteStage stage = used(code);
        JobView.Station station = view.station(stage);
        Map<String, String> base = station.state().equals("OPEN") ? fresh(view, stage) : station.texts();
        Map<String, String> texts = new HashMap<>(base);
        DraftService.Draft draft = view.job().state().frozen() ? null : drafts.at(id, stage, desk).orElse(null);
        if (draft != null && draft.version() != station.version()) {
            return merge(view, stage, draft.base(), draft.texts(), model);
        }
        if (draft != null) {
            texts.putAll(draft.texts());
            base.keySet().stream().filter(name -> StageForm.isTick(name) && !draft.texts().containsKey(name)).forEach(texts::remove);
            model.addAttribute("draftFrom", draft.at().atZone(clock.getZone()));
        }
        if (fromBench.containsKey(SetWay.BY)) {
            texts.put(SetWay.BY, fromBench.get(SetWay.BY));
            rule(view, stage, texts).prefill(view.sheetFor(stage)).forEach(texts::putIfAbsent);
        }
        boolean anew = station.state().equals("OPEN") || fromBench.containsKey(SetWay.BY);
        if (anew && !view.job().state().frozen() && rule(view, stage, texts).asked().contains(SHIMS) && texts.getOrDefault(SHIMS, "").isBlank()) {
            texts.put(SHIMS, shelf.shims());
        }
        rule(view, stage, texts).asked().stream().filter(fromBench::containsKey).forEach(name -> texts.put(name, fromBench.get(name)));
        if (stage == RouteStage.DIAGNOSE && fromBench.containsKey("note")) {
            texts.putAll(Observations.touched(texts, Map.of("note", fromBench.get("note"))));
        }
        if (fromBench.containsKey("note") || rule(view, stage, texts).asked().stream().anyMatch(fromBench::containsKey)) {
            model.addAttribute("good", "Taken from the bench: nothing is kept until you keep it.");
        }
        model.addAttribute("look", fromBench.getOrDefault("look", ""));
        return show(view, stage, new Shown(station.version(), base, texts, station.state().equals("DRAFT")), model);
    }

    /** What a stage that nobody has kept yet begins with. */
    private Map<String, String> fresh(JobView view, RouteStage stage) {
        Workshop workshop = workshops.current();
        Map<String, String> texts = new HashMap<>();
        texts.put("day", clock.instant().atZone(clock.getZone()).toLocalDate().toString());
        texts.put("school", workshop.settingSchool());
        texts.put("serviceSchool", workshop.serviceSchool());
        texts.put("tools", workshop.tools());
        texts.putAll(rule(view, stage, texts).prefill(view.sheetFor(stage)));
        if (stage == RouteStage.INSPECT) {
            texts.put("turning", view.position().wheel() && !view.sheet().text(FactKey.HUB_TYPE).equals("cartridge") ? "outer" : "inner");
        }
        if (stage == RouteStage.FIT && view.position().wheel()) {
            texts.put("ring", "outer");
            texts.put("designation", view.sheet().text(FactKey.OUTER_CUP).isEmpty() ? view.sheet().text(FactKey.OUTER_CONE) : view.sheet().text(FactKey.OUTER_CUP));
            texts.putIfAbsent("seat", "N7");
        }
        return own(view, stage, texts);
    }

    @PostMapping("/preview")
    String preview(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk, @RequestParam Map<String, String> sent,
                   @RequestParam(defaultValue = "-1") int version, Model model) {
        JobView view = view(id);
        RouteStage stage = used(code);
        Map<String, String> texts = own(view, stage, sent);
        Map<String, String> base = documents.texts(sent.getOrDefault(BASE, "{}"));
        if (!view.job().state().frozen()) {
            drafts.typed(id, stage, desk, new DraftService.Draft(version, base, texts, clock.instant()), view.station(stage).texts());
            if (view.station(stage).version() != version) {
                model.addAttribute("meanwhile", view.station(stage).savedAt().atZone(clock.getZone()));
            }
        }
        model.addAttribute("look", sent.getOrDefault("look", ""));
        return show(view, stage, new Shown(version, base, texts, false), model);
    }

    @PostMapping
    String keep(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk, @RequestParam Map<String, String> sent,
                @RequestParam(defaultValue = "-1") int version, Model model, RedirectAttributes flash) {
        RouteStage stage = used(code);
        boolean stay = sent.containsKey("stay") || List.of("note", "undo", "toggle", "paint", "unpaint", "wipe", "copy").stream().anyMatch(sent::containsKey);
        return keep(id, stage, desk, version, documents.texts(sent.getOrDefault(BASE, "{}")), own(view(id), stage, sent), stay, model, flash);
    }

    /** Keeps what was chosen of two versions. */
    @PostMapping("/merge")
    String merged(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk, @RequestParam Map<String, String> sent,
                  @RequestParam int version, Model model, RedirectAttributes flash) {
        RouteStage stage = used(code);
        JobView view = view(id);
        Map<String, String> base = documents.texts(sent.getOrDefault(BASE, "{}"));
        Map<String, String> mine = documents.texts(sent.getOrDefault("mine", "{}"));
        Map<String, String> picks = new HashMap<>();
        sent.forEach((name, side) -> {
            if (name.startsWith("pick-")) {
                picks.put(name.substring("pick-".length()), side);
            }
        });
        if (view.station(stage).version() != version) {
            return merge(view, stage, base, mine, model);
        }
        Map<String, String> texts = own(view, stage, Merge.of(rule(view, stage, mine), base, mine, view.station(stage).texts()).texts(picks));
        return keep(id, stage, desk, version, base, texts, true, model, flash);
    }

    private String keep(long id, RouteStage stage, String desk, int version, Map<String, String> base, Map<String, String> texts, boolean stay, Model model, RedirectAttributes flash) {
        String onward = "redirect:/jobs/" + id + "/" + (stay ? stage : stage.next().orElse(stage)).code();
        switch (tryKeep(id, stage, version, texts)) {
            case DONE -> {
                drafts.forget(id, stage, desk);
                flash.addFlashAttribute("good", stage.title() + " is kept.");
                return onward;
            }
            case DRAFT -> {
                drafts.forget(id, stage, desk);
                model.addAttribute("bad", "Kept as a draft: what is marked below cannot be used yet.");
                JobView view = view(id);
                return show(view, stage, new Shown(view.station(stage).version(), texts, texts, true), model);
            }
            case CHANGED_MEANWHILE -> {
                JobView view = view(id);
                if (view.station(stage).texts().equals(texts) && view.station(stage).state().equals("DONE")) {
                    return onward; // the same was sent twice: its answer had been lost on the way
                }
                drafts.typed(id, stage, desk, new DraftService.Draft(version, base, texts, clock.instant()), view.station(stage).texts());
                return merge(view, stage, base, texts, model);
            }
            default -> {
                model.addAttribute("bad", "Not kept: this job is closed. Open it again with a reason first.");
                return show(view(id), stage, new Shown(version, base, texts, true), model);
            }
        }
    }

    private JobService.Kept tryKeep(long id, RouteStage stage, int version, Map<String, String> texts) {
        try {
            return jobs.keep(id, stage, version, texts, clock.instant());
        } catch (OptimisticLockingFailureException | DataIntegrityViolationException raced) {
            return JobService.Kept.CHANGED_MEANWHILE;
        }
    }

    /** Lets go of what was typed here and not kept. */
    @PostMapping("/drop")
    String drop(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk) {
        drafts.forget(id, used(code), desk);
        return "redirect:/jobs/" + id + "/" + code;
    }

    @PostMapping("/skip")
    String skip(@PathVariable long id, @PathVariable String code, @RequestParam(defaultValue = "") String why, RedirectAttributes flash) {
        RouteStage stage = used(code);
        if (!jobs.skip(id, stage, JobPages.cut(why, LONGEST_WHY), clock.instant())) {
            flash.addFlashAttribute("bad", stage == RouteStage.PROVE && !why.isBlank() ? "Prove is not skipped while there is work at a hub." : "Say in a word why " + stage.title() + " is skipped.");
            return "redirect:/jobs/" + id + "/" + code;
        }
        return "redirect:/jobs/" + id + "/" + stage.next().orElse(stage).code();
    }

    private String show(JobView view, RouteStage stage, Shown shown, Model model) {
        StageRule<?> rule = rule(view, stage, shown.texts());
        Sheet sheet = view.sheetFor(stage);
        StageRule.Work work = rule.work(shown.texts(), sheet, workshops.units(), cases.current());
        model.addAttribute("stage", StageForm.of(view, stage, rule, shown.texts(), work, sheet, workshops.units(), shown.judged()));
        if (stage == RouteStage.DIAGNOSE && work.ok()) {
            diagnosis(work, view, model);
        }
        if (stage == RouteStage.INSPECT) {
            model.addAttribute("race", RaceView.of());
        }
        if (work.ok()) {
            shelf.offer(work.reading().record(), model);
        }
        if (stage == RouteStage.FIT) {
            model.addAttribute("arranged", Arrangement.fields(false).stream().map(Field::name).toList());
        }
        if (stage == RouteStage.SET) {
            model.addAttribute("ways", SetWay.values());
            model.addAttribute("way", SetWay.of(shown.texts().getOrDefault(SetWay.BY, "")).orElse(SetWay.usual(sheet)));
        }
        if (stage == RouteStage.PROVE) {
            model.addAttribute("live", LiveView.proof(instruments));
        }
        model.addAttribute("version", shown.version());
        model.addAttribute(BASE, documents.write(shown.base()));
        return page(view, stage, model);
    }

    private void diagnosis(StageRule.Work work, JobView view, Model model) {
        VerdictInput input = (VerdictInput) work.reading().record();
        model.addAttribute("diagnosis", DiagnosisView.of(Diagnosis.of(input.asked(), cases.current()), String.valueOf(model.getAttribute("look"))));
        model.addAttribute("roadCard", "/jobs/" + view.job().id() + "/diagnose/road");
    }

    /** The road-test card of a job, by what was noted so far on this browser. */
    @GetMapping("/road")
    String road(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk, Model model) {
        RouteStage stage = used(code);
        if (stage != RouteStage.DIAGNOSE) {
            throw unknown();
        }
        JobView view = view(id);
        Map<String, String> texts = view.job().state().frozen() ? view.station(stage).texts() : drafts.at(id, stage, desk).map(DraftService.Draft::texts)
                .orElse(view.station(stage).state().equals("OPEN") ? fresh(view, stage) : view.station(stage).texts());
        StageRule.Work work = rule(view, stage, texts).work(texts, view.sheetFor(stage), workshops.units());
        model.addAttribute("card", work.ok() ? RoadView.of(Diagnosis.of(((VerdictInput) work.reading().record()).asked(), cases.current())) : null);
        model.addAttribute("back", "/jobs/" + id + "/" + code);
        return "road";
    }

    private String merge(JobView view, RouteStage stage, Map<String, String> base, Map<String, String> mine, Model model) {
        JobView.Station station = view.station(stage);
        Merge merge = Merge.of(rule(view, stage, mine), base, mine, station.texts());
        show(view, stage, new Shown(station.version(), base, own(view, stage, merge.texts(Map.of())), false), model);
        model.addAttribute("merge", merge);
        model.addAttribute("mine", documents.write(mine));
        model.addAttribute("keptAt", station.savedAt().atZone(clock.getZone()));
        return page(view, stage, model);
    }

    private String page(JobView view, RouteStage stage, Model model) {
        model.addAttribute("view", view);
        model.addAttribute("station", view.station(stage));
        if (stage == RouteStage.INTAKE || stage == RouteStage.LOG) {
            model.addAttribute("history", jobs.history(view.position().id()));
        }
        return "job/stage";
    }

    /** The texts that belong to a stage: its fields and ticks, nothing else that was sent along. */
    private static Map<String, String> own(JobView view, RouteStage stage, Map<String, String> sent) {
        Map<String, String> texts = new HashMap<>();
        rule(view, stage, sent).asked().forEach(name -> texts.put(name, sent.getOrDefault(name, "")));
        if (stage == RouteStage.SET && SetWay.of(sent.getOrDefault(SetWay.BY, "")).isPresent()) {
            texts.put(SetWay.BY, sent.get(SetWay.BY));
        }
        if (stage == RouteStage.DIAGNOSE) {
            texts.putAll(Observations.touched(texts, sent));
        }
        if (stage == RouteStage.INSPECT) {
            texts.putAll(Brush.touched(texts, sent));
        }
        sent.forEach((name, text) -> {
            if (StageForm.isTick(name) && !text.isBlank()) {
                texts.put(name, "yes");
            }
        });
        return texts;
    }

    private static StageRule<?> rule(JobView view, RouteStage stage, Map<String, String> texts) {
        return StageRules.of(stage, view.sheetFor(stage), texts);
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(StagePages::unknown);
    }

    private static RouteStage used(String code) {
        return RouteStage.of(code).filter(RouteStage::used).orElseThrow(StagePages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
