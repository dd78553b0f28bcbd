package unbo.app.job;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.dao.DuplicateKeyException;
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

import unbo.app.catalogue.KnowledgeService;
import unbo.app.diagnosis.DiagnosisView;
import unbo.app.diagnosis.RoadView;
import unbo.app.instrument.AttachedInstruments;
import unbo.app.instrument.LiveView;
import unbo.app.race.RaceView;
import unbo.app.web.Desk;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.Workshop;
import unbo.app.workshop.WorkshopService;
import unbo.core.arrange.Arrangement;
import unbo.core.assembly.AssemblyKind;
import unbo.core.damage.Brush;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.Observations;
import unbo.core.diagnosis.VerdictInput;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.Knowledge;
import unbo.core.route.SetWay;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.service.ServiceSchool;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.Place;

/**
 * One stage of a job under way: asked, answered as one types, kept; of two who keep at once the second merges. A closed
 * one is printed.
 */
@Page
@RequestMapping("/jobs/{id}/{code}")
class StagePages {

    private static final String BASE = "base";
    private static final int LONGEST_WHY = 200;
    private static final String SHIMS = "shims";
    private static final String ASSEMBLY = "assembly";
    private static final String NOTE = "note";
    private static final String NEW_ENTRY = "new";
    /** Touches of the page that change a text and stay where they are. */
    private static final List<String> TOUCHES = List.of(NOTE, "undo", "toggle", "paint", "unpaint", "wipe", "copy");

    private static final Set<RouteStage> SEVERAL = Set.of(RouteStage.STRIP, RouteStage.INSPECT, RouteStage.FIT);

    private final JobService jobs;
    private final DraftService drafts;
    private final Documents documents;
    private final WorkshopService workshops;
    private final KnowledgeService knowledge;
    private final AttachedInstruments instruments;
    private final ShelfOffers shelf;
    private final Clock clock;

    StagePages(
            JobService jobs,
            DraftService drafts,
            Documents documents,
            WorkshopService workshops,
            KnowledgeService knowledge,
            AttachedInstruments instruments,
            ShelfOffers shelf,
            Clock clock) {
        this.jobs = jobs;
        this.drafts = drafts;
        this.documents = documents;
        this.workshops = workshops;
        this.knowledge = knowledge;
        this.instruments = instruments;
        this.shelf = shelf;
        this.clock = clock;
    }

    /**
     * What a stage's page shows and what its form began with.
     *
     * @param editing code of the entry that is shown; empty for a new one
     */
    private record Shown(int version, String editing, Typed base, Typed typed, boolean judged) {}

    /** An entry of the stage, as the page lists it. @param current true for the one that is shown */
    public record EntryLine(String of, String words, String state, boolean current) {}

    @ModelAttribute("desk")
    String desk(HttpServletRequest request, HttpServletResponse response) {
        return Desk.of(request, response);
    }

    @GetMapping
    String stage(
            @PathVariable long id,
            @PathVariable String code,
            @ModelAttribute("desk") String desk,
            @RequestParam Map<String, String> sent,
            Model model) {
        JobView view = view(id);
        RouteStage stage = used(code);
        if (view.job().state().frozen()) {
            return closed(view, stage, model);
        }
        JobView.Station station = view.station(stage);
        Optional<StageEntry> entry = entry(station, sent);
        Typed base = entry.map(StageEntry::typed).orElseGet(() -> fresh(view, stage, sent));
        DraftService.Draft draft = drafts.at(id, stage, desk).orElse(null);
        String editing = entry.map(StageEntry::of).orElse("");
        if (draft != null && draft.version() != station.version() && !sent.containsKey("of")) {
            return merge(view, stage, editing, draft.base(), draft.typed(), model);
        }
        Typed typed = base;
        if (draft != null && !sent.containsKey("of")) {
            typed = base.with(draft.typed())
                    .without(name -> StageForm.isTick(name) && !draft.typed().has(name));
            model.addAttribute("draftFrom", draft.at().atZone(clock.getZone()));
        }
        typed = fromBench(view, stage, typed, sent, model);
        boolean anew = entry.isEmpty();
        if (anew
                && rule(view, stage, typed).asked().contains(SHIMS)
                && typed.text(SHIMS).isBlank()) {
            typed = typed.with(SHIMS, shelf.shims(), UnitSystem.METRIC);
        }
        model.addAttribute("look", sent.getOrDefault("look", ""));
        return show(
                view,
                stage,
                new Shown(
                        station.version(), editing, base, typed, station.state().equals("DRAFT")),
                model);
    }

    /** The entry that an address asks for: by its code, or of a way or kind; the last kept where it asks for none. */
    private static Optional<StageEntry> entry(JobView.Station station, Map<String, String> sent) {
        if (NEW_ENTRY.equals(sent.get("of"))) {
            return Optional.empty();
        }
        if (sent.containsKey(SetWay.BY)) {
            return station.entries().stream()
                    .filter(entry -> entry.of().equals(sent.get(SetWay.BY)))
                    .findFirst();
        }
        return station.entry(sent.getOrDefault("of", ""));
    }

    /**
     * Texts that came with the address lie over what stands there; the address says in which system they were typed.
     */
    private Typed fromBench(JobView view, RouteStage stage, Typed typed, Map<String, String> sent, Model model) {
        Typed bench = TypedForm.read(sent, workshops.units());
        Typed texts = typed;
        boolean came = false;
        for (String name : rule(view, stage, typed).asked()) {
            if (bench.has(name)) {
                texts = texts.with(name, bench.text(name), bench.of(name));
                came = true;
            }
        }
        if (stage == RouteStage.DIAGNOSE && bench.has(NOTE)) {
            texts = texts.with(
                    Typed.of(Observations.touched(texts.texts(), Map.of(NOTE, bench.text(NOTE))), texts.units()));
            came = true;
        }
        if (came) {
            model.addAttribute("good", "Taken from the bench: nothing is kept until you keep it.");
        }
        return texts;
    }

    /** What a stage, or an entry of it, that nobody has kept yet begins with. */
    private Typed fresh(JobView view, RouteStage stage, Map<String, String> sent) {
        Workshop workshop = workshops.current();
        Sheet sheet = view.sheetFor(stage);
        Map<String, String> texts = new HashMap<>();
        if (sent.containsKey(SetWay.BY)) {
            texts.put(SetWay.BY, sent.get(SetWay.BY));
        }
        if (sent.containsKey(ASSEMBLY)) {
            texts.put(ASSEMBLY, sent.get(ASSEMBLY));
        }
        texts.put("day", clock.instant().atZone(clock.getZone()).toLocalDate().toString());
        texts.put("school", workshop.settingSchool());
        texts.put(
                "serviceSchool",
                AssemblyKind.of(sheet)
                        .map(kind -> ServiceSchool.usual(kind, workshop.serviceSchool()))
                        .orElse(workshop.serviceSchool()));
        texts.put("tools", workshop.tools());
        texts.putAll(StageRules.of(stage, sheet, texts).prefill(sheet));
        return own(view, stage, Typed.of(texts, workshop.unitSystem()));
    }

    @PostMapping("/preview")
    String preview(
            @PathVariable long id,
            @PathVariable String code,
            @ModelAttribute("desk") String desk,
            @RequestParam Map<String, String> sent,
            @RequestParam(defaultValue = "-1") int version,
            @RequestParam(defaultValue = "0") long seq,
            Model model) {
        JobView view = view(id);
        RouteStage stage = used(code);
        if (view.job().state().frozen()) {
            return closed(view, stage, model);
        }
        Typed typed = own(view, stage, TypedForm.read(sent, workshops.units()), sent);
        Typed base = documents.typed(sent.getOrDefault(BASE, "{}"));
        String editing = sent.getOrDefault("of", "");
        JobView.Station station = view.station(stage);
        drafts.typed(
                id,
                stage,
                desk,
                new DraftService.Draft(version, base, typed, seq, clock.instant()),
                station.entry(editing).map(StageEntry::typed).orElse(Typed.NOTHING));
        if (station.version() != version) {
            model.addAttribute("meanwhile", station.savedAt().atZone(clock.getZone()));
        }
        model.addAttribute("look", sent.getOrDefault("look", ""));
        return show(view, stage, new Shown(version, editing, base, typed, false), model);
    }

    @PostMapping
    String keep(
            @PathVariable long id,
            @PathVariable String code,
            @ModelAttribute("desk") String desk,
            @RequestParam Map<String, String> sent,
            @RequestParam(defaultValue = "-1") int version,
            Model model,
            RedirectAttributes flash) {
        RouteStage stage = used(code);
        boolean stay = sent.containsKey("stay") || TOUCHES.stream().anyMatch(sent::containsKey);
        Typed typed = own(view(id), stage, TypedForm.read(sent, workshops.units()), sent);
        Keep keep = new Keep(
                id,
                desk,
                new JobService.Keeping(stage, version, sent.getOrDefault("of", ""), typed),
                documents.typed(sent.getOrDefault(BASE, "{}")),
                seq(sent),
                stay,
                sent.getOrDefault("move", ""));
        return keep(keep, model, flash);
    }

    /**
     * What is to be kept and what follows. @param move code of the position that the job moves to with it; empty where
     * it stays
     */
    private record Keep(
            long id, String desk, JobService.Keeping keeping, Typed base, long seq, boolean stay, String move) {

        private RouteStage stage() {
            return keeping.stage();
        }
    }

    private static long seq(Map<String, String> sent) {
        return sent.getOrDefault("seq", "").matches("\\d{1,18}") ? Long.parseLong(sent.get("seq")) : 0;
    }

    /** Keeps what was chosen of two versions. */
    @PostMapping("/merge")
    String merged(
            @PathVariable long id,
            @PathVariable String code,
            @ModelAttribute("desk") String desk,
            @RequestParam Map<String, String> sent,
            @RequestParam int version,
            Model model,
            RedirectAttributes flash) {
        RouteStage stage = used(code);
        JobView view = view(id);
        Typed base = documents.typed(sent.getOrDefault(BASE, "{}"));
        Typed mine = documents.typed(sent.getOrDefault("mine", "{}"));
        String editing = sent.getOrDefault("of", "");
        Map<String, String> picks = new HashMap<>();
        sent.forEach((name, side) -> {
            if (name.startsWith("pick-")) {
                picks.put(name.substring("pick-".length()), side);
            }
        });
        if (view.station(stage).version() != version) {
            return merge(view, stage, editing, base, mine, model);
        }
        Typed theirs = view.station(stage).entry(editing).map(StageEntry::typed).orElse(Typed.NOTHING);
        Typed typed = own(
                view,
                stage,
                Merge.of(rule(view, stage, mine), base, mine, theirs).typed(picks));
        return keep(
                new Keep(id, desk, new JobService.Keeping(stage, version, editing, typed), base, seq(sent), true, ""),
                model,
                flash);
    }

    private String keep(Keep keep, Model model, RedirectAttributes flash) {
        RouteStage stage = keep.stage();
        JobService.Keeping keeping = keep.keeping();
        Kept kept = tryKeep(keep);
        switch (kept.outcome()) {
            case DONE -> {
                drafts.mark(keep.id(), stage, keep.desk(), keep.seq(), clock.instant());
                flash.addFlashAttribute("good", stage.title() + " is kept." + kept.beside());
                return onward(keep, flash);
            }
            case DRAFT -> {
                drafts.mark(keep.id(), stage, keep.desk(), keep.seq(), clock.instant());
                model.addAttribute("bad", "Kept as a draft: what is marked below cannot be used yet." + kept.beside());
                JobView view = view(keep.id());
                String editing = view.station(stage)
                        .entries()
                        .get(view.station(stage).entries().size() - 1)
                        .of();
                return show(
                        view,
                        stage,
                        new Shown(view.station(stage).version(), editing, keeping.typed(), keeping.typed(), true),
                        model);
            }
            case CHANGED_MEANWHILE -> {
                JobView view = view(keep.id());
                Typed there = view.station(stage)
                        .entry(keeping.editing())
                        .map(StageEntry::typed)
                        .orElse(Typed.NOTHING);
                if (there.says(keeping.typed()) && view.station(stage).state().equals("DONE")) {
                    return onward(keep, flash); // the same was sent twice: its answer had been lost on the way
                }
                drafts.typed(
                        keep.id(),
                        stage,
                        keep.desk(),
                        new DraftService.Draft(
                                keeping.version(), keep.base(), keeping.typed(), keep.seq(), clock.instant()),
                        there);
                return merge(view, stage, keeping.editing(), keep.base(), keeping.typed(), model);
            }
            case NOWHERE -> {
                model.addAttribute(
                        "bad",
                        "Not kept yet: say first, above, at which position the work is. What you typed stands below.");
                drafts.typed(
                        keep.id(),
                        stage,
                        keep.desk(),
                        new DraftService.Draft(
                                keeping.version(), keep.base(), keeping.typed(), keep.seq(), clock.instant()),
                        Typed.NOTHING);
                return show(
                        view(keep.id()),
                        stage,
                        new Shown(keeping.version(), keeping.editing(), keep.base(), keeping.typed(), true),
                        model);
            }
            default -> {
                model.addAttribute("bad", "Not kept: this job is closed. Open it again with a reason first.");
                return closed(view(keep.id()), stage, model);
            }
        }
    }

    /** Where a kept stage leads, with the job moved to where its cause is when that was asked for. */
    private String onward(Keep keep, RedirectAttributes flash) {
        if (!keep.move().isEmpty() && jobs.move(keep.id(), keep.move(), clock.instant())) {
            flash.addFlashAttribute(
                    "good",
                    keep.stage().title() + " is kept; the job stands at "
                            + view(keep.id()).position().label() + " now.");
        }
        RouteStage next = keep.stay() ? keep.stage() : keep.stage().next().orElse(keep.stage());
        return "redirect:/jobs/" + keep.id() + "/" + next.code();
    }

    /**
     * What keeping came to. @param beside sentence about an entry that stays beside the one that was kept; empty where
     * none does
     */
    private record Kept(JobService.Kept outcome, String beside) {}

    private Kept tryKeep(Keep keep) {
        try {
            JobView before = view(keep.id());
            JobService.Kept kept = jobs.keep(keep.id(), keep.keeping(), clock.instant());
            return new Kept(kept, beside(before, keep));
        } catch (OptimisticLockingFailureException | DuplicateKeyException raced) {
            return new Kept(JobService.Kept.CHANGED_MEANWHILE, "");
        }
    }

    /** Says where an entry that was shown stays beside what it was changed into. */
    private static String beside(JobView before, Keep keep) {
        JobView.Station station = before.station(keep.stage());
        JobService.Keeping keeping = keep.keeping();
        String now = rule(before, keep.stage(), keeping.typed())
                .entry(keeping.typed())
                .code();
        return station.entries().stream()
                .filter(entry -> !entry.draft()
                        && entry.of().equals(keeping.editing())
                        && !code(before, keep.stage(), entry).equals(now))
                .map(entry -> " It stands beside the entry of " + words(before, keep.stage(), entry)
                        + ", which stays as it was.")
                .findFirst()
                .orElse("");
    }

    private static String code(JobView view, RouteStage stage, StageEntry entry) {
        return rule(view, stage, entry.typed()).entry(entry.typed()).code();
    }

    private static String words(JobView view, RouteStage stage, StageEntry entry) {
        String words = entry.words().isEmpty()
                ? rule(view, stage, entry.typed()).entry(entry.typed()).words()
                : entry.words();
        return words.isEmpty() ? "an earlier one" : words;
    }

    /** Lets go of what was typed here and not kept. */
    @PostMapping("/drop")
    String drop(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk) {
        drafts.mark(id, used(code), desk, clock.millis(), clock.instant());
        return "redirect:/jobs/" + id + "/" + code;
    }

    /** Lets go of one entry that was kept. */
    @PostMapping("/let-go")
    String letGo(
            @PathVariable long id,
            @PathVariable String code,
            @RequestParam String of,
            @RequestParam int version,
            RedirectAttributes flash) {
        RouteStage stage = used(code);
        boolean gone = jobs.letGo(id, stage, version, of, clock.instant());
        flash.addFlashAttribute(
                gone ? "good" : "bad",
                gone
                        ? "The entry was let go; the job's notes say so."
                        : "Nothing was changed: the stage stands otherwise by now.");
        return "redirect:/jobs/" + id + "/" + code;
    }

    @PostMapping("/skip")
    String skip(
            @PathVariable long id,
            @PathVariable String code,
            @RequestParam(defaultValue = "") String why,
            RedirectAttributes flash) {
        RouteStage stage = used(code);
        if (!jobs.skip(id, stage, JobPages.cut(why, LONGEST_WHY), clock.instant())) {
            flash.addFlashAttribute(
                    "bad",
                    stage == RouteStage.PROVE && !why.isBlank()
                            ? "Prove is not skipped while there is work at a hub."
                            : "Say in a word why " + stage.title() + " is skipped.");
            return "redirect:/jobs/" + id + "/" + code;
        }
        return "redirect:/jobs/" + id + "/" + stage.next().orElse(stage).code();
    }

    /** A stage of a closed job: as it stood, whatever the address says. */
    private String closed(JobView view, RouteStage stage, Model model) {
        Paper paper = jobs.paper(view, stage).orElseThrow(StagePages::unknown);
        model.addAttribute("view", view);
        model.addAttribute("paper", paper);
        model.addAttribute("station", paper.station(stage.code()).orElseThrow(StagePages::unknown));
        return "job/closed";
    }

    private String show(JobView view, RouteStage stage, Shown shown, Model model) {
        Typed typed = shown.typed().shownIn(workshops.units());
        StageRule<?> rule = rule(view, stage, typed);
        Sheet sheet = view.sheetFor(stage);
        Knowledge known = knowledge.current();
        StageRule.Work work = rule.work(typed, sheet, known);
        model.addAttribute(
                "stage",
                StageForm.of(
                        view, new StageForm.Shown(stage, rule, typed, work, sheet, shown.judged()), known.bearings()));
        model.addAttribute("units", workshops.units());
        if (stage == RouteStage.DIAGNOSE && work.ok()) {
            diagnosis(work, view, model);
        }
        if (stage == RouteStage.INSPECT) {
            model.addAttribute("race", RaceView.of());
        }
        if (work.ok()) {
            shelf.offer(view.job().id(), work.reading().record(), model);
        }
        if (stage == RouteStage.FIT) {
            model.addAttribute(
                    "arranged",
                    Arrangement.fields(false).stream().map(Field::name).toList());
        }
        if (stage == RouteStage.SET) {
            model.addAttribute("ways", SetWay.all());
            model.addAttribute("way", SetWay.of(typed.text(SetWay.BY)).orElse(SetWay.usual(sheet)));
        }
        if (stage == RouteStage.PROVE) {
            model.addAttribute("live", LiveView.proof(instruments));
            model.addAttribute("kinds", AssemblyKind.all());
            model.addAttribute("kind", StageRules.kind(sheet, typed.texts()));
            model.addAttribute(
                    "proofs",
                    rule.asked().stream()
                            .filter(name -> name.startsWith("proof-"))
                            .map(name -> name.substring("proof-".length()))
                            .toList());
        }
        model.addAttribute("version", shown.version());
        model.addAttribute("editing", shown.editing());
        model.addAttribute("entries", entries(view, stage, shown.editing()));
        model.addAttribute("several", SEVERAL.contains(stage));
        model.addAttribute(BASE, documents.write(shown.base()));
        return page(view, stage, model);
    }

    private static List<EntryLine> entries(JobView view, RouteStage stage, String editing) {
        List<EntryLine> lines = new ArrayList<>();
        JobView.Station station = view.station(stage);
        for (StageEntry entry : station.entries()) {
            String state = station.changed().contains(entry)
                    ? "recalculate"
                    : entry.draft() ? "draft" : entry.complete() ? "kept" : "incomplete";
            lines.add(new EntryLine(
                    entry.of(), words(view, stage, entry), state, entry.of().equals(editing)));
        }
        return lines;
    }

    private void diagnosis(StageRule.Work work, JobView view, Model model) {
        VerdictInput input = (VerdictInput) work.reading().record();
        model.addAttribute(
                "diagnosis",
                DiagnosisView.of(
                        Diagnosis.of(input.asked(), knowledge.current().cases()),
                        String.valueOf(model.getAttribute("look"))));
        model.addAttribute("roadCard", "/jobs/" + view.job().id() + "/diagnose/road");
        String at = Sheet.of(work.outcome().facts()).text(FactKey.VERDICT_AT);
        Optional<Place> elsewhere = Place.of(view.vehicle().kind(), at)
                .filter(place -> !place.code().equals(view.position().code()));
        model.addAttribute("elsewhere", elsewhere.orElse(null));
    }

    /** The road-test card of a job under way, by what was noted so far on this browser. */
    @GetMapping("/road")
    String road(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk, Model model) {
        RouteStage stage = used(code);
        if (stage != RouteStage.DIAGNOSE) {
            throw unknown();
        }
        JobView view = view(id);
        if (view.job().state().frozen()) {
            return "redirect:/jobs/" + id + "/" + code;
        }
        Typed kept = view.station(stage).entries().isEmpty()
                ? fresh(view, stage, Map.of())
                : view.station(stage).typed();
        Typed typed = drafts.at(id, stage, desk).map(DraftService.Draft::typed).orElse(kept);
        Knowledge known = knowledge.current();
        StageRule.Work work = rule(view, stage, typed).work(typed, view.sheetFor(stage), known);
        model.addAttribute(
                "card",
                work.ok()
                        ? RoadView.of(
                                Diagnosis.of(((VerdictInput) work.reading().record()).asked(), known.cases()))
                        : null);
        model.addAttribute("back", "/jobs/" + id + "/" + code);
        return "road";
    }

    private String merge(JobView view, RouteStage stage, String editing, Typed base, Typed mine, Model model) {
        JobView.Station station = view.station(stage);
        Merge merge = Merge.of(
                rule(view, stage, mine),
                base,
                mine,
                station.entry(editing).map(StageEntry::typed).orElse(Typed.NOTHING));
        show(
                view,
                stage,
                new Shown(station.version(), editing, base, own(view, stage, merge.typed(Map.of())), false),
                model);
        model.addAttribute("merge", merge);
        model.addAttribute("mine", documents.write(mine));
        model.addAttribute("keptAt", station.savedAt().atZone(clock.getZone()));
        return page(view, stage, model);
    }

    private String page(JobView view, RouteStage stage, Model model) {
        model.addAttribute("view", view);
        model.addAttribute("station", view.station(stage));
        if (stage == RouteStage.INTAKE || stage == RouteStage.LOG) {
            model.addAttribute("history", jobs.newest(view.position().id(), JobPages.SHORT_LIST));
        }
        return "job/stage";
    }

    private static Typed own(JobView view, RouteStage stage, Typed typed) {
        return own(view, stage, typed, Map.of());
    }

    /** The texts that belong to a stage: its fields and ticks, nothing else that was sent along. */
    private static Typed own(JobView view, RouteStage stage, Typed typed, Map<String, String> sent) {
        Map<String, String> texts = new HashMap<>();
        rule(view, stage, typed).asked().forEach(name -> texts.put(name, typed.text(name)));
        if (stage == RouteStage.SET && SetWay.of(typed.text(SetWay.BY)).isPresent()) {
            texts.put(SetWay.BY, typed.text(SetWay.BY));
        }
        if (stage == RouteStage.PROVE && AssemblyKind.find(typed.text(ASSEMBLY)).isPresent()) {
            texts.put(ASSEMBLY, typed.text(ASSEMBLY));
        }
        if (stage == RouteStage.DIAGNOSE) {
            texts.putAll(Observations.touched(texts, sent));
        }
        if (stage == RouteStage.INSPECT) {
            texts.putAll(Brush.touched(texts, sent));
        }
        typed.texts().forEach((name, text) -> {
            if (StageForm.isTick(name) && !text.isBlank()) {
                texts.put(name, "yes");
            }
        });
        return new Typed(texts, typed.apart(), typed.units());
    }

    private static StageRule<?> rule(JobView view, RouteStage stage, Typed typed) {
        return StageRules.of(stage, view.sheetFor(stage), typed.texts());
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
