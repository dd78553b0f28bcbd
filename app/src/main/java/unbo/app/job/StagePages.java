package unbo.app.job;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
import unbo.app.vehicle.PlacesPlan;
import unbo.app.vehicle.Position;
import unbo.app.web.Desk;
import unbo.app.web.DisputeLine;
import unbo.app.web.Fragments;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Step;
import unbo.core.input.Typed;
import unbo.core.route.Asking;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRule;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.school.Dispute;

/**
 * One stage of a job under way: asked, answered as one types, kept; of two who keep at once the second merges. A closed
 * one is printed.
 */
@Page
@RequestMapping("/jobs/{id}/{code}")
class StagePages {

    private static final String BASE = "base";
    private static final int LONGEST_WHY = 200;
    private static final String NOTE = "note";
    private static final String NEW_ENTRY = "new";
    /** Why a stage is skipped, as it is said most often. */
    private static final List<String> SKIPS =
            List.of("not needed here", "done before", "no instrument at hand", "done elsewhere");
    /** Touches of the page that change a text and stay where they are. */
    private static final List<String> TOUCHES = List.of(NOTE, "undo", "toggle", "paint", "unpaint", "wipe", "copy");

    private final JobService jobs;
    private final DraftService drafts;
    private final Documents documents;
    private final WorkshopService workshops;
    private final KnowledgeService knowledge;
    private final StageFaces faces;
    private final StageTexts texts;
    private final Clock clock;

    StagePages(
            JobService jobs,
            DraftService drafts,
            Documents documents,
            WorkshopService workshops,
            KnowledgeService knowledge,
            StageFaces faces,
            StageTexts texts,
            Clock clock) {
        this.jobs = jobs;
        this.drafts = drafts;
        this.documents = documents;
        this.workshops = workshops;
        this.knowledge = knowledge;
        this.faces = faces;
        this.texts = texts;
        this.clock = clock;
    }

    /**
     * What a stage's page shows and what its form began with.
     *
     * @param editing code of the entry that is shown; empty for a new one
     * @param judged false while somebody is still typing
     * @param asks false where nobody looks at what is asked next
     * @param at code of the part that was touched; empty where none was
     */
    private record Shown(
            int version, String editing, Typed base, Typed typed, boolean judged, boolean asks, String at) {

        Shown(int version, String editing, Typed base, Typed typed, boolean judged) {
            this(version, editing, base, typed, judged, true, "");
        }
    }

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
        RouteStage stage = named(code);
        if (view.job().state().frozen()) {
            return closed(view, stage, model);
        }
        JobView.Station station = view.station(stage);
        StageFace face = faces.of(stage);
        Optional<StageEntry> entry = entry(face, view, sent);
        Typed base = entry.map(there -> begun(view, stage, there)).orElseGet(() -> texts.fresh(view, stage, sent));
        DraftService.Draft draft = drafts.at(id, stage, desk)
                .filter(left -> !sent.containsKey("of") && of(face, left.typed(), sent))
                .orElse(null);
        String editing = entry.map(StageEntry::of).orElse("");
        if (draft != null && draft.version() != station.version()) {
            if (!draft.typed().says(base)) {
                return merge(view, stage, editing, draft.base(), draft.typed(), model);
            }
            draft = null; // its preview came in after the very same was kept
        }
        Typed typed = base;
        if (draft != null) {
            Typed left = draft.typed();
            typed = base.with(left).without(name -> StageForm.isTick(name) && !left.has(name));
            model.addAttribute("draftFrom", draft.at().atZone(clock.getZone()));
        }
        typed = fromBench(view, stage, typed, sent, model);
        if (entry.isEmpty()) {
            typed = face.begun(StageTexts.rule(view, stage, typed), typed);
        }
        model.addAttribute("look", sent.getOrDefault("look", ""));
        return show(
                view,
                stage,
                new Shown(
                        station.version(),
                        editing,
                        base,
                        typed,
                        station.state().equals("DRAFT"),
                        true,
                        sent.getOrDefault("at", "")),
                model);
    }

    /** What an entry begins with: as it was kept; what was only filled in takes up what this job knows besides. */
    private Typed begun(JobView view, RouteStage stage, StageEntry entry) {
        return entry.draft()
                ? StageTexts.filled(
                        StageTexts.rule(view, stage, entry.typed()),
                        view.sheetFor(stage),
                        entry.typed(),
                        workshops.units())
                : entry.typed();
    }

    /** True where a draft is about what an address asks for; where a stage has one entry at a time it always is. */
    private static boolean of(StageFace face, Typed draft, Map<String, String> sent) {
        return !face.several()
                || face.chooses().stream()
                        .filter(sent::containsKey)
                        .allMatch(name -> draft.text(name).equals(sent.get(name)));
    }

    /**
     * The entry that an address asks for: by its code, or as its stage tells; where it asks for none, one that is
     * filled in and not kept, else the last kept.
     */
    private static Optional<StageEntry> entry(StageFace face, JobView view, Map<String, String> sent) {
        if (NEW_ENTRY.equals(sent.get("of"))) {
            return Optional.empty();
        }
        if (face.chooses().stream().anyMatch(sent::containsKey)) {
            return face.entry(view, sent);
        }
        JobView.Station station = view.station(face.stage());
        return sent.containsKey("of")
                ? station.entry(sent.get("of"))
                : station.waiting().or(() -> station.entry(""));
    }

    /**
     * Texts that came with the address lie over what stands there; the address says in which system they were typed.
     */
    private Typed fromBench(JobView view, RouteStage stage, Typed typed, Map<String, String> sent, Model model) {
        Typed bench = TypedForm.read(sent, workshops.units());
        Typed filled = typed;
        boolean came = false;
        for (String name : StageTexts.rule(view, stage, typed).asked()) {
            if (bench.has(name) && !faces.of(stage).chooses().contains(name)) {
                filled = filled.with(name, bench.text(name), bench.of(name));
                came = true;
            }
        }
        Map<String, String> noted =
                bench.has(NOTE) ? faces.of(stage).touched(filled.texts(), Map.of(NOTE, bench.text(NOTE))) : Map.of();
        if (!noted.isEmpty()) {
            filled = filled.with(Typed.of(noted, filled.units()));
            came = true;
        }
        if (came) {
            model.addAttribute("good", "Taken from the bench: nothing is kept until you keep it.");
        }
        return filled;
    }

    @PostMapping("/preview")
    String preview(
            @PathVariable long id,
            @PathVariable String code,
            @ModelAttribute("desk") String desk,
            @RequestParam Map<String, String> sent,
            Model model) {
        int version = version(sent);
        JobView view = view(id);
        RouteStage stage = named(code);
        if (view.job().state().frozen()) {
            return closed(view, stage, model);
        }
        Typed typed = texts.own(view, stage, TypedForm.read(sent, workshops.units()), sent);
        Typed base = documents.typed(sent.getOrDefault(BASE, "{}"));
        String editing = sent.getOrDefault("of", "");
        JobView.Station station = view.station(stage);
        drafts.typed(
                id,
                stage,
                desk,
                new DraftService.Draft(version, base, typed, seq(sent), clock.instant()),
                station.entry(editing).map(StageEntry::typed).orElse(Typed.NOTHING));
        if (station.version() != version) {
            model.addAttribute("meanwhile", station.savedAt().atZone(clock.getZone()));
        }
        model.addAttribute("look", sent.getOrDefault("look", ""));
        if (sent.containsKey("asks")) {
            model.addAttribute(Fragments.ANSWERING, false);
        }
        return show(
                view,
                stage,
                new Shown(version, editing, base, typed, false, sent.containsKey("asks"), sent.getOrDefault("at", "")),
                model);
    }

    @PostMapping
    String keep(
            @PathVariable long id,
            @PathVariable String code,
            @ModelAttribute("desk") String desk,
            @RequestParam Map<String, String> sent,
            Model model,
            RedirectAttributes flash) {
        RouteStage stage = named(code);
        Typed typed = texts.own(view(id), stage, TypedForm.read(sent, workshops.units()), sent);
        Keep keep = new Keep(
                id,
                desk,
                new JobService.Keeping(stage, version(sent), sent.getOrDefault("of", ""), typed),
                documents.typed(sent.getOrDefault(BASE, "{}")),
                seq(sent),
                After.of(sent),
                sent.getOrDefault("move", ""),
                then(sent));
        if (untouched(keep)) {
            flash.addFlashAttribute("good", "Nothing was said at " + stage.title() + ": it stays open.");
            return "redirect:/jobs/" + id + "/"
                    + view(id).after(stage).orElse(stage).code();
        }
        return keep(keep, model, flash);
    }

    /** True where somebody goes on past a stage that may be left out, and what stands there is not whole by itself. */
    private boolean untouched(Keep keep) {
        RouteStage stage = keep.stage();
        Typed typed = keep.keeping().typed();
        if (keep.after() != After.ON || !stage.optional() || !typed.says(keep.base())) {
            return false;
        }
        JobView view = view(keep.id());
        StageRule.Outcome outcome = StageTexts.rule(view, stage, typed)
                .work(typed, view.sheetFor(stage), knowledge.current())
                .outcome();
        return view.station(stage).state().equals("OPEN") && (outcome == null || !outcome.complete());
    }

    /** What follows once a stage is kept. */
    private enum After {
        ON,
        STAY,
        /** The stage's other entries that are filled in are kept with it. */
        ALL,
        SIGN;

        private static After of(Map<String, String> sent) {
            if (sent.containsKey("sign")) {
                return SIGN;
            }
            if (sent.containsKey("all")) {
                return ALL;
            }
            return sent.containsKey("stay") || TOUCHES.stream().anyMatch(sent::containsKey) ? STAY : ON;
        }
    }

    /**
     * What is to be kept and what follows.
     *
     * @param move code of the position that the job moves to with it; empty where it stays
     * @param then address of the stage's entry that follows, with its question mark; empty where the next stage does
     */
    private record Keep(
            long id,
            String desk,
            JobService.Keeping keeping,
            Typed base,
            long seq,
            After after,
            String move,
            String then) {

        private RouteStage stage() {
            return keeping.stage();
        }
    }

    /** The version of the stage that a form began with; −1 where it had none, or says what is none. */
    private static int version(Map<String, String> sent) {
        String version = sent.getOrDefault("version", "");
        return version.matches("\\d{1,9}") ? Integer.parseInt(version) : -1;
    }

    private static String then(Map<String, String> sent) {
        String then = sent.getOrDefault("then", "");
        return then.matches("[a-zA-Z]+=[a-z0-9-]+(&[a-zA-Z]+=[a-z0-9-]+)?") ? "?" + then : "";
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
            Model model,
            RedirectAttributes flash) {
        int version = version(sent);
        RouteStage stage = named(code);
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
        Typed typed = texts.own(
                view,
                stage,
                Merge.of(StageTexts.rule(view, stage, mine), base, mine, theirs).typed(picks),
                Map.of());
        return keep(
                new Keep(
                        id,
                        desk,
                        new JobService.Keeping(stage, version, editing, typed),
                        base,
                        seq(sent),
                        After.STAY,
                        "",
                        ""),
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
                    // the same was sent twice: its answer had been lost on the way
                    flash.addFlashAttribute("good", stage.title() + " is kept.");
                    return onward(keep, flash);
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
        if (keep.after() == After.SIGN) {
            return JobPages.signed(jobs.sign(keep.id(), clock.instant()), keep.id(), flash);
        }
        if (!keep.move().isEmpty() && jobs.move(keep.id(), keep.move(), clock.instant())) {
            flash.addFlashAttribute(
                    "good",
                    keep.stage().title() + " is kept; the job stands at "
                            + view(keep.id()).position().label() + " now.");
        }
        if (keep.after() == After.ALL && !jobs.keepWaiting(keep.id(), keep.stage(), clock.instant())) {
            flash.addFlashAttribute("good", keep.stage().title() + " is kept, but for what stands here.");
            return "redirect:/jobs/" + keep.id() + "/" + keep.stage().code();
        }
        if (!keep.then().isEmpty() && keep.after() == After.ON) {
            return "redirect:/jobs/" + keep.id() + "/" + keep.stage().code() + keep.then();
        }
        RouteStage next = keep.after() == After.STAY
                ? keep.stage()
                : view(keep.id()).after(keep.stage()).orElse(keep.stage());
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
        String now = StageTexts.rule(before, keep.stage(), keeping.typed())
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
        return StageTexts.rule(view, stage, entry.typed()).entry(entry.typed()).code();
    }

    private static String words(JobView view, RouteStage stage, StageEntry entry) {
        String words = entry.words().isEmpty()
                ? StageTexts.rule(view, stage, entry.typed())
                        .entry(entry.typed())
                        .words()
                : entry.words();
        return words.isEmpty() ? "an earlier one" : words;
    }

    /** Lets go of what was typed here and not kept. */
    @PostMapping("/drop")
    String drop(@PathVariable long id, @PathVariable String code, @ModelAttribute("desk") String desk) {
        drafts.mark(id, named(code), desk, clock.millis(), clock.instant());
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
        RouteStage stage = named(code);
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
        RouteStage stage = named(code);
        if (!jobs.skip(id, stage, JobPages.cut(why, LONGEST_WHY), clock.instant())) {
            flash.addFlashAttribute(
                    "bad",
                    why.isBlank()
                            ? "Say in a word why " + stage.title() + " is skipped."
                            : stage.title() + " is not skipped while there is work at a hub.");
            return "redirect:/jobs/" + id + "/" + code;
        }
        return "redirect:/jobs/" + id + "/"
                + view(id).after(stage).orElse(stage).code();
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
        StageRule<?> rule = StageTexts.rule(view, stage, typed);
        Sheet sheet = view.sheetFor(stage);
        Knowledge known = knowledge.current();
        StageRule.Work work = rule.work(typed, sheet, known);
        StageForm form =
                StageForm.of(new StageForm.Shown(stage, rule, typed, work, sheet, shown.judged()), known.bearings());
        model.addAttribute("stage", form);
        Long seconds = seconds(work);
        boolean inHand =
                seconds != null && form.next() != null && form.next().code().equals(Step.IN_HAND);
        model.addAttribute("seconds", inHand ? null : seconds);
        model.addAttribute("inHand", inHand ? seconds : null);
        model.addAttribute("units", workshops.units());
        StageFace face = faces.of(stage);
        StageFace.Showing showing = new StageFace.Showing(view, stage, rule, work, typed, sheet);
        face.show(showing, model);
        face.byPlace().ifPresent(asks -> {
            List<PlaceRow> rows = PlaceRow.of(showing, asks);
            model.addAttribute("places", rows);
            model.addAttribute("placeNow", PlaceRow.now(rows));
            model.addAttribute("further", PlaceRow.further(rows).orElse(null));
            model.addAttribute("waiting", jobs.waiting(view, stage, shown.editing()));
        });
        Asking asking = shown.asks()
                ? Asking.of(
                        new Asking.Stand(rule, work, typed, sheet, known, kept(view, stage, shown)),
                        face.asksFirst(showing),
                        Stream.concat(face.apart(showing).stream(), face.plays(showing).stream())
                                .collect(Collectors.toSet()))
                : Asking.NOTHING;
        model.addAttribute("check", Check.of(form.form(), face.plays(showing)).orElse(null));
        model.addAttribute(
                "disputes",
                DisputeLine.of(
                        Dispute.at(stage, sheet.kind().orElse(null), rule.asked()), typed.texts(), rule.asked()));
        model.addAttribute("card", StageCard.of(form.form(), asking, showing, face));
        model.addAttribute("surface", Surface.of(showing, face, form.section(), known.bearings(), shown.at()));
        if (view.position().unknown() && stage.atPlace()) {
            model.addAttribute("plan", PlacesPlan.of(jobs.vehicle(view), Position::numbers));
        }
        model.addAttribute("version", shown.version());
        model.addAttribute("editing", shown.editing());
        model.addAttribute("entries", entries(view, stage, shown.editing()));
        model.addAttribute("several", face.several());
        model.addAttribute("face", face);
        model.addAttribute("at", shown.at());
        model.addAttribute("skips", SKIPS);
        model.addAttribute(BASE, documents.write(shown.base()));
        return page(view, stage, model);
    }

    /** True where what is shown is what was kept. */
    private static boolean kept(JobView view, RouteStage stage, Shown shown) {
        return view.station(stage).entries().stream()
                .anyMatch(entry -> entry.of().equals(shown.editing())
                        && !entry.draft()
                        && entry.complete()
                        && entry.typed().says(shown.typed()));
    }

    /** Seconds that there are once the step begins; null where nothing runs out. */
    private static Long seconds(StageRule.Work work) {
        Double seconds = work.ok() ? work.outcome().seconds() : null;
        return seconds == null || seconds < 1 ? null : Long.valueOf(Math.round(seconds));
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

    private String merge(JobView view, RouteStage stage, String editing, Typed base, Typed mine, Model model) {
        JobView.Station station = view.station(stage);
        Merge merge = Merge.of(
                StageTexts.rule(view, stage, mine),
                base,
                mine,
                station.entry(editing).map(StageEntry::typed).orElse(Typed.NOTHING));
        show(
                view,
                stage,
                new Shown(
                        station.version(),
                        editing,
                        base,
                        texts.own(view, stage, merge.typed(Map.of()), Map.of()),
                        false),
                model);
        model.addAttribute("merge", merge);
        model.addAttribute("mine", documents.write(mine));
        model.addAttribute("keptAt", station.savedAt().atZone(clock.getZone()));
        return page(view, stage, model);
    }

    private String page(JobView view, RouteStage stage, Model model) {
        model.addAttribute("view", view);
        model.addAttribute("station", view.station(stage));
        return "job/stage";
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(StagePages::unknown);
    }

    private static RouteStage named(String code) {
        return RouteStage.of(code).orElseThrow(StagePages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
