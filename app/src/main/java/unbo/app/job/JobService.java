package unbo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.catalogue.KnowledgeService;
import unbo.app.data.Like;
import unbo.app.data.Paged;
import unbo.app.data.Window;
import unbo.app.data.Words;
import unbo.app.people.DoneBy;
import unbo.app.people.Person;
import unbo.app.people.SecondEyes;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopService;
import unbo.core.assembly.AssemblyKind;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Level;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.inspect.Carried;
import unbo.core.people.Right;
import unbo.core.route.EntryName;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.PositionFacts;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleKind;

/** Opens, carries on and signs jobs. Every call is one transaction: whole or not at all. */
@Service
@Transactional
public class JobService {

    /** Stages that the other side begins with what was typed on this one. */
    private static final List<RouteStage> SAME_ON_BOTH_SIDES = List.of(
            RouteStage.INTAKE,
            RouteStage.IDENTIFY,
            RouteStage.STRIP,
            RouteStage.FIT,
            RouteStage.GREASE,
            RouteStage.SET);
    /** Of them those that claim no work: why the vehicle came, and what it is. */
    private static final List<RouteStage> KEPT_ON_BOTH_SIDES = List.of(RouteStage.INTAKE, RouteStage.IDENTIFY);

    /** What is measured, or read off the part, on each side anew. */
    private static final Set<String> MEASURED = Set.of("freeAngleDeg", "measuredMinMm", "measuredMaxMm", "batch");

    private static final int MOST_PAST = 12;
    private static final int LONGEST_NUMBERS = 255;
    private static final int PAPERS_AT_ONCE = 50;

    private final Jobs jobs;
    private final Visits visits;
    private final Notes notes;
    private final PaperRows papers;
    private final ReadPapers read = new ReadPapers();
    private final PaperWriter writer;
    private final Documents documents;
    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final KnowledgeService knowledge;
    private final ApplicationEventPublisher events;

    JobService(
            Jobs jobs,
            Visits visits,
            Notes notes,
            PaperRows papers,
            PaperWriter writer,
            Documents documents,
            VehicleService vehicles,
            WorkshopService workshops,
            KnowledgeService knowledge,
            ApplicationEventPublisher events) {
        this.jobs = jobs;
        this.visits = visits;
        this.notes = notes;
        this.papers = papers;
        this.writer = writer;
        this.documents = documents;
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.knowledge = knowledge;
        this.events = events;
    }

    /** A stage was kept with a result. @param facts of all its entries */
    public record StageKept(long jobId, RouteStage stage, List<Fact> facts, Instant at) {}

    /**
     * What the documents of a job's stages say was changed.
     *
     * @param documents by stage, those that changed
     * @param closedOrOpened true where it was signed, opened again or taken in
     */
    public record Recorded(long jobId, long positionId, Map<RouteStage, String> documents, boolean closedOrOpened) {}

    /** The parts list of a job was kept. @param texts of its rows, as a document */
    public record PartsKept(long jobId, String texts) {}

    /** A job was signed. */
    public record Signed(long jobId, long positionId, LocalDate day, Sheet sheet) {}

    /** A closed job was opened again. */
    public record Reopened(long jobId) {}

    /** What keeping a stage came to. */
    public enum Kept {
        /** Kept, with a result. */
        DONE,
        /** Kept as typed; it cannot be computed yet. */
        DRAFT,
        /** Not kept: somebody else changed the stage since it was shown. */
        CHANGED_MEANWHILE,
        /** Not kept: the job is signed or abandoned. */
        FROZEN,
        /** Not kept: it is not known yet at which position the work is. */
        NOWHERE
    }

    /**
     * What is to be kept.
     *
     * @param version of the stage when it was shown; −1 where nothing was kept yet
     * @param editing code of the entry that was shown; empty for a new one
     */
    public record Keeping(RouteStage stage, int version, String editing, Typed typed) {}

    /** Opens a visit with one job on a position. @return the job's number */
    public long open(long vehicleId, String positionCode, Instant at) {
        return open(vehicleId, positionCode, null, at);
    }

    /**
     * The same; the same form sent twice opens one. @param once tells the form from every other; null where there is
     * none
     */
    public long open(long vehicleId, String positionCode, String once, Instant at) {
        Optional<Long> already =
                once == null ? Optional.empty() : jobs.ofForm(once).stream().findFirst();
        if (already.isPresent()) {
            return already.get();
        }
        Vehicle vehicle = vehicles.find(vehicleId).orElseThrow();
        Position position = vehicles.position(vehicle, positionCode).orElseThrow();
        Visit visit = visits.save(new Visit(vehicle, at, once));
        Job job = jobs.save(new Job(visit, position, at));
        headline(job);
        return job.id();
    }

    /**
     * Opens a job at a position in a visit that is there already, with what that was told as drafts. @return its
     * number; that of the job which is there already
     */
    long openIn(Visit visit, Position position, Instant at) {
        List<Long> there = jobs.inVisit(visit.id(), position.id());
        if (!there.isEmpty()) {
            return there.get(0);
        }
        Optional<Job> told = jobs.ofVisit(visit.id()).stream()
                .map(id -> jobs.whole(id).orElseThrow())
                .filter(job -> done(job, RouteStage.INTAKE))
                .findFirst();
        Job job = jobs.save(new Job(visit, position, at));
        told.ifPresent(from -> alike(from, job, RouteStage.INTAKE, at));
        headline(job);
        return job.id();
    }

    /**
     * Opens the twin's job in the same visit, with what both sides have in common: why it came and what it is are kept,
     * unless they were measured, the rest is filled in as drafts. @return its number, empty where there is no twin
     */
    public Optional<Long> openTwin(long jobId, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        Vehicle vehicle = vehicles.find(job.position().vehicle().id()).orElseThrow();
        Optional<Position> twin = vehicle.position(job.position().twin());
        if (twin.isEmpty()) {
            return Optional.empty();
        }
        List<Long> there = jobs.inVisit(job.visit().id(), twin.get().id());
        if (!there.isEmpty()) {
            return Optional.of(there.get(0));
        }
        Job other = jobs.save(new Job(job.visit(), twin.get(), at));
        SAME_ON_BOTH_SIDES.stream().filter(stage -> done(job, stage)).forEach(stage -> alike(job, other, stage, at));
        headline(other);
        keepSame(job, other, at);
        return Optional.of(other.id());
    }

    private static boolean done(Job job, RouteStage stage) {
        return job.stage(stage).filter(s -> s.state() == Stage.State.DONE).isPresent();
    }

    /** What was typed at a stage of one job as drafts of another. */
    private void alike(Job from, Job to, RouteStage stage, Instant at) {
        List<StageEntry> drafts = opened(from).document(stage).entries().stream()
                .map(entry -> asDraft(entry, at))
                .toList();
        to.stageOrNew(stage)
                .keep(
                        Stage.State.DRAFT,
                        false,
                        documents.write(new StageDocument(StageDocument.VERSION, drafts, "")),
                        at);
    }

    /** Keeps what is the same on both sides; nothing that was measured, and nothing that says that work was done. */
    private void keepSame(Job from, Job other, Instant at) {
        for (RouteStage stage : KEPT_ON_BOTH_SIDES) {
            boolean measured = opened(from).document(stage).facts().stream().anyMatch(f -> f.how() == How.MEASURED);
            if (measured) {
                continue;
            }
            for (StageEntry draft : opened(other).document(stage).entries()) {
                Stage there = other.stage(stage).orElseThrow();
                keep(other.id(), new Keeping(stage, there.version(), draft.of(), draft.typed()), at);
            }
        }
    }

    /** What is known from the beginning of a place whose kind was said, as its position keeps it. */
    public String facts(AssemblyKind kind) {
        return documents.facts(List.of(Fact.words(FactKey.ASSEMBLY, kind.code(), How.TYPED, "position")));
    }

    /** What was typed, without what has to be measured on each side anew. */
    private static StageEntry asDraft(StageEntry entry, Instant at) {
        Typed common = entry.typed()
                .without(name -> MEASURED.contains(name) || name.endsWith("Batch") || StageForm.isTick(name));
        return new StageEntry(
                entry.of(), entry.words(), common, List.of(), Map.of(), null, false, true, at.toEpochMilli());
    }

    /** The job as its pages need it. */
    @Transactional(readOnly = true)
    public Optional<JobView> view(long jobId) {
        return jobs.whole(jobId).map(job -> opened(job).view());
    }

    /** A job as it is printed: of a closed one, as it stood when it was closed. */
    public Paper paper(JobView view) {
        Job job = view.job();
        if (!job.state().frozen()) {
            return writer.write(view);
        }
        return papers.findByJobId(job.id())
                .map(row -> read.of(job.id(), row.content(), documents::paper))
                .orElseGet(() -> freeze(job, writer.writeOlder(view)));
    }

    private Paper paper(Job job) {
        return paper(opened(job).view());
    }

    /**
     * One station of the paper of a closed job, without the others, and without what the job knows; empty where it has
     * no such station.
     */
    public Optional<Paper> paper(JobView view, RouteStage stage) {
        return papers.findByJobId(view.job().id())
                .map(row -> documents.paper(row.content(), stage.code()))
                .or(() -> Optional.of(paper(view)))
                .filter(paper -> paper.station(stage.code()).isPresent());
    }

    private Paper freeze(Job job, Paper paper) {
        papers.put(job.id(), documents.write(paper));
        return paper;
    }

    /** The papers of those of some jobs that are closed, as they are kept. */
    Map<Long, KeptPaper> kept(Collection<Job> some) {
        Map<Long, KeptPaper> kept = new HashMap<>();
        papers.findByJobIdIn(some.stream().map(Job::id).toList())
                .forEach(row -> kept.put(row.jobId(), new KeptPaper(row.content())));
        some.stream()
                .filter(job -> job.state().frozen())
                .forEach(job -> kept.computeIfAbsent(job.id(), id -> new KeptPaper(documents.write(paper(job)))));
        return kept;
    }

    /** Keeps the paper of some jobs that an older release closed without it. @return how many there were */
    public int freezeOlder() {
        List<Long> without = papers.missing(Limit.of(PAPERS_AT_ONCE));
        without.forEach(id -> paper(jobs.whole(id).orElseThrow()));
        return without.size();
    }

    /**
     * Puts the paper of a job that is taken in from a file beside it: what a paper holds, and nothing else that stands
     * there.
     */
    void keepPaper(long jobId, KeptPaper paper) {
        papers.put(jobId, documents.write(Documents.paper(paper).orElseThrow()));
    }

    /** Keeps texts that were typed in the workshop's present system, as the only entry or a new one. */
    public Kept keep(long jobId, RouteStage stage, int version, Map<String, String> texts, Instant at) {
        return keep(jobId, new Keeping(stage, version, "", Typed.of(texts, workshops.units())), at);
    }

    /**
     * Keeps an entry of a stage: with its result where the texts can be used, as a draft where not. Nothing that was
     * typed is lost: an entry about another bearing, ring or way stands beside those that are there.
     */
    public Kept keep(long jobId, Keeping keeping, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        RouteStage stage = keeping.stage();
        if (job.state().frozen()) {
            return Kept.FROZEN;
        }
        if (job.stage(stage).map(Stage::version).orElse(-1) != keeping.version()) {
            return Kept.CHANGED_MEANWHILE;
        }
        if (nowhere(job, stage)) {
            return Kept.NOWHERE;
        }
        OpenedJob opened = opened(job);
        Sheet sheet = opened.sheetBut(stage);
        StageRule<?> rule = StageRules.of(stage, sheet, keeping.typed().texts());
        StageRule.Work work = rule.work(keeping.typed(), sheet, knowledge.current());
        StageDocument before = opened.document(stage);
        EntryName name = rule.entry(keeping.typed());
        List<StageEntry> replaced = replaced(before, name, keeping, sheet);
        StageEntry entry = work.ok()
                ? new StageEntry(
                        name.code(),
                        name.words(),
                        keeping.typed(),
                        work.outcome().facts(),
                        rule.hangsOn(sheet, keeping.typed()),
                        work.outcome().answer().printed(),
                        work.outcome().complete(),
                        false,
                        at.toEpochMilli())
                : draft(name, keeping.typed(), replaced, at);
        StageDocument after = before.with(entry, replaced);
        boolean done = after.entries().stream().noneMatch(StageEntry::draft);
        boolean complete = done && after.entries().stream().allMatch(StageEntry::complete);
        job.stageOrNew(stage).keep(done ? Stage.State.DONE : Stage.State.DRAFT, complete, documents.write(after), at);
        headline(job);
        recorded(job, stage);
        if (work.ok()) {
            kept(job, new StageKept(jobId, stage, after.facts(), at));
        }
        done(job, "kept", (stage.title() + " " + name.words()).strip(), was(replaced, keeping.typed()));
        return work.ok() ? Kept.DONE : Kept.DRAFT;
    }

    /**
     * True where work is meant while it is not known yet at which position: nothing is done, or remembered, by an
     * unknown one.
     */
    private static boolean nowhere(Job job, RouteStage stage) {
        return job.position().unknown() && stage.atPlace();
    }

    /**
     * Entries that a new one takes the place of: one of the same bearing, ring and way, and a draft that it was typed
     * from.
     */
    private static List<StageEntry> replaced(StageDocument before, EntryName name, Keeping keeping, Sheet sheet) {
        return before.entries().stream()
                .filter(entry ->
                        StageRules.of(keeping.stage(), sheet, entry.typed().texts())
                                        .entry(entry.typed())
                                        .code()
                                        .equals(name.code())
                                || entry.draft() && entry.of().equals(keeping.editing()))
                .toList();
    }

    private static StageEntry draft(EntryName name, Typed typed, List<StageEntry> replaced, Instant at) {
        StageEntry earlier = replaced.isEmpty() ? null : replaced.get(replaced.size() - 1);
        return new StageEntry(
                name.code(),
                name.words(),
                typed,
                earlier == null ? List.of() : earlier.facts(),
                earlier == null ? Map.of() : earlier.hangsOn(),
                earlier == null ? null : earlier.answer(),
                false,
                true,
                at.toEpochMilli());
    }

    /**
     * How many entries of a stage beside one are filled in and could be kept as they stand, as it is with what was
     * taken from the other side. None where one of them stops the work, or where Inspect found what this stage must
     * heed: each is looked at by itself then.
     */
    int waiting(JobView view, RouteStage stage, String beside) {
        Sheet sheet = view.sheetFor(stage);
        return (int) view.station(stage).entries().stream()
                .filter(entry -> entry.draft() && !entry.of().equals(beside) && usable(stage, entry, sheet))
                .count();
    }

    private boolean usable(RouteStage stage, StageEntry entry, Sheet sheet) {
        if (!Carried.to(stage.code(), sheet).isEmpty()) {
            return false;
        }
        StageRule<?> rule = StageRules.of(stage, sheet, entry.typed().texts());
        Typed typed = StageTexts.filled(rule, sheet, entry.typed(), workshops.units());
        StageRule.Outcome outcome = rule.work(typed, sheet, knowledge.current()).outcome();
        return outcome != null && outcome.complete() && outcome.answer().level() != Level.STOP;
    }

    /**
     * Keeps what is filled in at a stage as it stands, with what this job knows, unless something there cannot be used
     * or stops the work. @return false where an entry stays as it was for that
     */
    public boolean keepWaiting(long jobId, RouteStage stage, Instant at) {
        Sheet sheet = view(jobId).orElseThrow().sheetFor(stage);
        boolean all = true;
        for (StageEntry entry :
                opened(jobs.whole(jobId).orElseThrow()).document(stage).entries()) {
            if (entry.draft()) {
                all &= usable(stage, entry, sheet) && keep(jobId, waiting(jobId, stage, entry, sheet), at) == Kept.DONE;
            }
        }
        return all;
    }

    private Keeping waiting(long jobId, RouteStage stage, StageEntry entry, Sheet sheet) {
        int version = jobs.whole(jobId).orElseThrow().stage(stage).orElseThrow().version();
        StageRule<?> rule = StageRules.of(stage, sheet, entry.typed().texts());
        return new Keeping(
                stage, version, entry.of(), StageTexts.filled(rule, sheet, entry.typed(), workshops.units()));
    }

    /**
     * Lets go of one entry of a stage. @return false when the job is closed, the stage was kept meanwhile, or it has no
     * such entry
     */
    public boolean letGo(long jobId, RouteStage stage, int version, String of, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        StageDocument before = opened(job).document(stage);
        Optional<StageEntry> gone =
                before.entries().stream().filter(entry -> entry.of().equals(of)).findFirst();
        if (job.state().frozen()
                || gone.isEmpty()
                || before.entries().size() < 2
                || job.stage(stage).map(Stage::version).orElse(-1) != version) {
            return false;
        }
        StageDocument after = before.without(gone.get());
        boolean done = after.entries().stream().noneMatch(StageEntry::draft);
        job.stageOrNew(stage)
                .keep(
                        done ? Stage.State.DONE : Stage.State.DRAFT,
                        done && after.entries().stream().allMatch(StageEntry::complete),
                        documents.write(after),
                        at);
        job.note(
                "let go",
                stage.title() + ": "
                        + (gone.get().words().isEmpty()
                                ? "an entry"
                                : gone.get().words()),
                at);
        headline(job);
        recorded(job, stage);
        kept(job, new StageKept(jobId, stage, after.facts(), at));
        done(
                job,
                "let go",
                (stage.title() + " " + gone.get().words()).strip(),
                was(List.of(gone.get()), Typed.NOTHING));
        return true;
    }

    /**
     * Passes a stage over with a word why. @return false when the job is frozen, or Prove is meant while there is work
     * at a hub
     */
    public boolean skip(long jobId, RouteStage stage, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        OpenedJob opened = opened(job);
        if (job.state().frozen() || stage.needed() && opened.hubWork() || why.isBlank()) {
            return false;
        }
        job.stageOrNew(stage)
                .keep(
                        Stage.State.SKIPPED,
                        false,
                        documents.write(opened.document(stage).skippedFor(why)),
                        at);
        job.note("skipped", stage.title() + ": " + why, at);
        done(job, "skipped", stage.title() + ": " + why);
        headline(job);
        recorded(job, stage);
        return true;
    }

    /**
     * Passes over everything from Identify to Prove: Diagnose found nothing to do at a hub. @return false when it did,
     * or the job is frozen
     */
    public boolean noHubWork(long jobId, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen() || opened(job).hubWork()) {
            return false;
        }
        for (RouteStage stage : RouteStage.route()) {
            boolean between = stage.atPlace();
            if (between
                    && job.stage(stage).map(s -> s.state() == Stage.State.DRAFT).orElse(true)) {
                skip(jobId, stage, why, at);
            }
        }
        return true;
    }

    /** The vehicle of a job, with all its positions. */
    @Transactional(readOnly = true)
    public Vehicle vehicle(JobView view) {
        return vehicles.find(view.vehicle().id()).orElseThrow();
    }

    /**
     * Puts the job where its cause was found, or back. @return false when it is frozen, is there already, or the
     * vehicle has no such position
     */
    public boolean move(long jobId, String positionCode, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        Optional<Position> to =
                vehicles.find(job.position().vehicle().id()).orElseThrow().position(positionCode);
        if (job.state().frozen()
                || to.isEmpty()
                || to.get().code().equals(job.position().code())) {
            return false;
        }
        job.note("moved", "from " + job.position().label() + " to " + to.get().label(), at);
        job.move(to.get());
        done(job, "moved", "to " + to.get().label());
        headline(job);
        return true;
    }

    /**
     * Signs and closes the job: results, worksheets and facts are frozen as they stand. @return why not; empty when
     * signed
     */
    public List<String> sign(long jobId, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen()) {
            return List.of("This job is " + job.state().words() + " already.");
        }
        OpenedJob opened = opened(job);
        List<String> reasons = reasons(opened.view());
        events.publishEvent(asked(opened.view(), reasons));
        if (!reasons.isEmpty()) {
            return List.copyOf(reasons);
        }
        Sheet sheet = opened.sheet();
        LocalDate day = LocalDate.parse(sheet.text(FactKey.DAY));
        boolean hubWork = opened.hubWork();
        boolean proved = job.stage(RouteStage.PROVE)
                .map(s -> s.state() == Stage.State.DONE)
                .orElse(false);
        job.knewBefore(documents.facts(opened.before().all()));
        String initials = Person.here()
                .map(Person::initials)
                .filter(own -> !own.isEmpty())
                .orElse("");
        job.sign(
                initials.isEmpty() ? sheet.text(FactKey.INITIALS) : initials,
                sheet.text(FactKey.CAUSE),
                documents.facts(sheet.all()),
                at);
        if (!job.position().unknown()) {
            remember(job, sheet, day, hubWork, proved);
        }
        count(job);
        freeze(job, writer.write(opened(job).view()));
        closedOrOpened(job);
        events.publishEvent(new Signed(jobId, job.position().id(), day, sheet));
        done(job, "signed", "");
        return List.of();
    }

    private static SecondEyes.Asked asked(JobView view, List<String> reasons) {
        boolean stops =
                view.stations().stream().anyMatch(station -> station.standing().level() == Level.STOP);
        Instant changed = view.stations().stream()
                .map(JobView.Station::savedAt)
                .filter(Objects::nonNull)
                .max(Comparator.naturalOrder())
                .orElse(Instant.EPOCH);
        return new SecondEyes.Asked(view.job().id(), stops, changed, reasons);
    }

    /** Says what was done by who is here; on the practice bench nobody asks. */
    private void done(Job job, String what, String words) {
        done(job, what, words, null);
    }

    private void done(Job job, String what, String words, String was) {
        if (!job.position().vehicle().practice()) {
            events.publishEvent(new DoneBy.Done(what, job.id(), words, was));
        }
    }

    /**
     * The boxes that said something else before, a line each, with the system where it is not the metric one; null
     * where none did.
     */
    private static String was(List<StageEntry> replaced, Typed now) {
        String was = replaced.stream()
                .flatMap(entry -> new TreeMap<>(entry.typed().texts())
                        .entrySet().stream()
                                .filter(box -> !box.getValue().isBlank()
                                        && !(box.getValue().equals(now.text(box.getKey()))
                                                && entry.typed().of(box.getKey()) == now.of(box.getKey())))
                                .map(box -> box.getKey() + ": " + box.getValue()
                                        + (entry.typed().of(box.getKey()) == UnitSystem.INCH ? " (inch)" : "")))
                .collect(Collectors.joining("\n"));
        return was.isEmpty() ? null : was;
    }

    private static List<String> reasons(JobView view) {
        List<String> reasons = new ArrayList<>(view.signOff().reasons());
        if (view.vehicle().practice()) {
            reasons.add("A practice job is handed in; it is never signed.");
        }
        if (!view.sheet().has(FactKey.DAY)) {
            reasons.add("Intake gives the day of the work: it cannot be left out.");
        }
        if (!view.sheet().has(FactKey.INITIALS)) {
            reasons.add(
                    view.hubWork()
                            ? "Initials are missing: Prove asks for them."
                            : "Initials are missing: Diagnose asks for them.");
        }
        if (view.position().unknown() && view.hubWork()) {
            reasons.add("It is not known yet at which position the work is: move the job there first.");
        }
        return reasons;
    }

    /** What the position keeps of a signed job. One that is older than what was done there since takes nothing back. */
    private void remember(Job job, Sheet sheet, LocalDate day, boolean hubWork, boolean proved) {
        Position position = job.position();
        if (position.lastWorkedOn() != null && position.lastWorkedOn().isAfter(day)) {
            return;
        }
        position.remember(documents.facts(outliving(sheet, day)), numbers(sheet));
        position.lastJob(day, job.counter());
        if (hubWork && proved) {
            position.due(
                    date(sheet.text(FactKey.DUE_ON)),
                    plain(sheet.text(FactKey.DUE_COUNTER)),
                    sheet.has(FactKey.DUE_IMMERSIONS) ? Integer.valueOf(sheet.text(FactKey.DUE_IMMERSIONS)) : null);
            vehicles.served(position, day);
        }
        headlines(position.vehicle().id());
    }

    /** What the position keeps: the facts that outlive the job, and what was read off its races with the day. */
    private static List<Fact> outliving(Sheet sheet, LocalDate day) {
        List<Fact> facts = new ArrayList<>(PositionFacts.of(sheet));
        List<String> past =
                new ArrayList<>(Stream.of(sheet.text(FactKey.PAST_DAMAGE).split(";"))
                        .map(String::strip)
                        .filter(p -> !p.isEmpty())
                        .toList());
        sheet.each(PlaceProperty.DAMAGE).stream()
                .flatMap(found -> Stream.of(found.text().split(",")))
                .map(String::strip)
                .filter(d -> !d.isEmpty())
                .distinct()
                .forEach(d -> past.add(d + " " + day));
        if (!past.isEmpty()) {
            facts.add(Fact.words(
                    FactKey.PAST_DAMAGE,
                    String.join("; ", past.subList(Math.max(0, past.size() - MOST_PAST), past.size())),
                    How.COMPUTED,
                    "history"));
        }
        return facts;
    }

    /** Lets Diagnose learn from a closed job. */
    void count(Job job) {
        String like = VehicleKind.like(job.position().vehicle().kind());
        if (!like.isEmpty()) {
            knowledge
                    .cases()
                    .closed(
                            job.id(),
                            like,
                            job.cause(),
                            job.position().code(),
                            opened(job).document(RouteStage.DIAGNOSE).typed().text("checks"));
        }
        countFailures(job.position().vehicle().id());
    }

    private String countFailures(long vehicleId) {
        String failures = jobs.failures(vehicleId).stream()
                .map(row -> row[0] + "=" + row[1])
                .collect(Collectors.joining(" "));
        jobs.failures(vehicleId, failures);
        return failures;
    }

    public void note(long jobId, String text, Instant at) {
        jobs.whole(jobId).orElseThrow().note("note", text, at);
    }

    /** Sets the job aside until parts come. @return false when it is frozen */
    public boolean await(long jobId, String what, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen()) {
            return false;
        }
        job.await(what);
        job.note("waiting", what, at);
        return true;
    }

    public void goOn(long jobId) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state() == JobState.WAITING) {
            job.goOn();
        }
    }

    /** Ends a job that will not be done. @return false when it is frozen already */
    public boolean abandon(long jobId, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen()) {
            return false;
        }
        job.abandon(at);
        job.note("abandoned", why, at);
        done(job, "abandoned", why);
        freeze(job, writer.write(opened(job).view()));
        return true;
    }

    /**
     * Takes a job out of every list, with a reason. @return false where it is signed: that is opened again first; or
     * where it is away
     */
    public boolean takeAway(long jobId, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state() == JobState.SIGNED || job.awayAt() != null || why.isBlank()) {
            return false;
        }
        job.away(at, why);
        done(job, "taken away", why);
        return true;
    }

    /** Puts it back. @return false where it was taken away too long ago, or never */
    public boolean putBack(long jobId, Instant now) {
        Job job = jobs.whole(jobId).orElseThrow();
        boolean there = job.awayAt() != null && job.awayAt().isAfter(now.minus(VehicleService.KEPT));
        if (there) {
            job.away(null, null);
            done(job, "put back", "");
        }
        return there;
    }

    /** Jobs that can be put back, the newest first. */
    @Transactional(readOnly = true)
    public List<JobLine> away(Instant now) {
        return jobs.away(now.minus(VehicleService.KEPT));
    }

    /**
     * Opens a frozen job again, with the reason in its notes. What it left at its position is taken back, unless a
     * later job was signed there.
     */
    public boolean reopen(long jobId, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        boolean may = Person.here().map(one -> one.role().may(Right.REOPEN)).orElse(true);
        if (!job.state().frozen() || why.isBlank() || !may) {
            return false;
        }
        boolean signed = job.state() == JobState.SIGNED;
        LocalDate day = job.workedOn();
        job.reopen();
        job.note("reopened", why, at);
        done(job, "opened again", why);
        papers.forget(jobId);
        knowledge.cases().opened(jobId);
        String failures = countFailures(job.position().vehicle().id());
        if (signed) {
            takeBack(job, day, failures);
        }
        headlines(job.position().vehicle().id());
        closedOrOpened(job);
        events.publishEvent(new Reopened(jobId));
        return true;
    }

    private void takeBack(Job job, LocalDate day, String failures) {
        Position position = job.position();
        List<Job> others = jobs.signedBesides(position.id(), job.id());
        boolean later = others.stream()
                .anyMatch(other -> day != null
                        && other.workedOn() != null
                        && other.workedOn().isAfter(day));
        Optional<Job> earlier = others.stream()
                .filter(other -> day == null
                        || other.workedOn() == null
                        || !other.workedOn().isAfter(day))
                .findFirst();
        job.knewBefore(documents.facts(knownWithout(position, day, earlier, failures)));
        if (later) {
            return;
        }
        Sheet known = Sheet.of(documents.facts(job.knownBefore()));
        List<Fact> left = known.all().stream()
                .filter(f -> f.key().outlives() || f.key().equals(FactKey.PAST_DAMAGE))
                .toList();
        position.remember(documents.facts(left), numbers(known));
        position.lastJob(
                earlier.map(Job::workedOn).orElse(null),
                earlier.map(Job::counter).orElse(null));
        LocalDate served = earlier.map(Job::workedOn).orElse(null);
        vehicles.served(position, served);
    }

    /**
     * What was known before a job that an older release closed without writing it down: what its position knows,
     * without what is of its own day.
     */
    private List<Fact> knownWithout(Position position, LocalDate day, Optional<Job> earlier, String failures) {
        List<Fact> known = new ArrayList<>();
        for (Fact fact : documents.facts(position.facts())) {
            if (fact.key().equals(FactKey.PAST_DAMAGE)) {
                String others = Stream.of(fact.text().split(";"))
                        .map(String::strip)
                        .filter(past -> day == null || !past.endsWith(day.toString()))
                        .collect(Collectors.joining("; "));
                if (!others.isEmpty()) {
                    known.add(Fact.words(FactKey.PAST_DAMAGE, others, How.COMPUTED, "history"));
                }
            } else {
                known.add(fact);
            }
        }
        earlier.map(Job::counter)
                .ifPresent(counter ->
                        known.add(Fact.words(FactKey.LAST_COUNTER, OpenedJob.counted(counter), How.TYPED, "position")));
        earlier.map(Job::workedOn)
                .ifPresent(last -> known.add(Fact.words(FactKey.LAST_DAY, last.toString(), How.TYPED, "position")));
        if (!failures.isEmpty()) {
            known.add(Fact.words(FactKey.FAILURES, failures, How.COMPUTED, "history"));
        }
        return known;
    }

    /** Jobs under way, the newest first. @param page counted from 0 */
    @Transactional(readOnly = true)
    public List<OpenLine> underWay(int page, int size) {
        return jobs.underWay(PageRequest.of(page, size));
    }

    /** The newest closed jobs of a position. */
    @Transactional(readOnly = true)
    public List<JobLine> newest(long positionId, int most) {
        return jobs.history(positionId, PageRequest.of(0, most));
    }

    /** Closed jobs of a position, the newest first. */
    @Transactional(readOnly = true)
    public Paged<JobLine> history(long positionId, int page) {
        int number = Paged.number(page);
        return Paged.of(jobs.history(positionId, Window.page(number)), "", number);
    }

    /** Jobs of a vehicle, the newest first. */
    @Transactional(readOnly = true)
    public Paged<JobLine> ofVehicle(long vehicleId, int page) {
        int number = Paged.number(page);
        return Paged.of(jobs.ofVehicle(vehicleId, Window.page(number)), "", number);
    }

    /** Every closed job, the oldest first, one at a time. */
    @Transactional(readOnly = true)
    public void eachClosed(Consumer<JobLine> reader) {
        try (Stream<JobLine> closed = jobs.closed()) {
            closed.forEach(reader);
        }
    }

    /** Every closed job of a position, the oldest first, one at a time. */
    @Transactional(readOnly = true)
    public void eachClosedAt(long positionId, Consumer<JobLine> reader) {
        try (Stream<JobLine> closed = jobs.closedAt(positionId)) {
            closed.forEach(reader);
        }
    }

    /**
     * By number of the job, numbers on the rings, or words of the complaint; one more than is shown tells that there
     * are more.
     */
    @Transactional(readOnly = true)
    public List<JobLine> search(String words) {
        String like = Like.containing(words);
        List<Long> found = new ArrayList<>(jobs.searchAll(Words.all(words), like, Words.LISTED));
        if (found.isEmpty() || !Words.keptAll(words)) {
            found.addAll(jobs.search(like, Words.AS_THEY_STAND, Words.LISTED));
        }
        String digits = words.strip().replaceFirst("^#", "");
        if (digits.matches("\\d{1,15}")) {
            found.add(Long.parseLong(digits));
        }
        List<JobLine> lines = new ArrayList<>(jobs.lines(found));
        lines.sort(Comparator.comparing(line -> !digits.equals(String.valueOf(line.id()))));
        return lines.stream().limit(Words.LISTED).toList();
    }

    /** What a position knows before any job: facts that outlived earlier ones. */
    @Transactional(readOnly = true)
    public Sheet known(Position position) {
        return Sheet.of(documents.facts(position.facts()));
    }

    @EventListener
    public void vehicleChanged(VehicleService.VehicleChanged changed) {
        headlines(changed.id());
    }

    /** Brings the lines on the board of a vehicle's open jobs up to date, after something they read has changed. */
    void headlines(long vehicleId) {
        jobs.openOf(vehicleId).forEach(this::headline);
    }

    /** Gives jobs of an older release the rail that the board reads. */
    public void fillRails() {
        jobs.withoutRail().forEach(id -> headline(jobs.whole(id).orElseThrow()));
    }

    /** Writes the line of a job that was taken in from a file. */
    void headline(Job job) {
        OpenedJob opened = opened(job);
        Sheet sheet = opened.sheet();
        job.headline(
                sheet.text(FactKey.COMPLAINT),
                date(sheet.text(FactKey.DAY)),
                plain(sheet.text(FactKey.COUNTER)),
                numbers(sheet),
                opened.rail());
    }

    private OpenedJob opened(Job job) {
        return new OpenedJob(job, documents);
    }

    private static String numbers(Sheet sheet) {
        String numbers = Stream.concat(
                        sheet.places().stream()
                                .flatMap(place -> Stream.of(PlaceProperty.CONE, PlaceProperty.CUP, PlaceProperty.FITTED)
                                        .map(property -> property.at(place.code())))
                                .map(sheet::text),
                        Stream.of(sheet.text(FactKey.SEAL).toUpperCase(Locale.ROOT)))
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining(" "));
        return numbers.substring(0, Math.min(LONGEST_NUMBERS, numbers.length()));
    }

    private static Double plain(String text) {
        return text.isBlank() ? null : Double.valueOf(text);
    }

    private static LocalDate date(String text) {
        return text.isBlank() ? null : LocalDate.parse(text);
    }

    /**
     * The rows of a job's parts list as typed.
     *
     * @param version to be handed back when it is kept
     */
    public record PartsTexts(int version, Map<String, String> texts) {}

    @Transactional(readOnly = true)
    public PartsTexts parts(long jobId) {
        Job job = jobs.whole(jobId).orElseThrow();
        return new PartsTexts(job.partsVersion(), job.parts() == null ? Map.of() : documents.texts(job.parts()));
    }

    /** Keeps a job's parts list. @return false when another was kept meanwhile or the job is closed: then nothing is */
    public boolean keepParts(long jobId, int version, Map<String, String> texts) {
        String written = documents.write(texts);
        Job job = jobs.whole(jobId).orElseThrow();
        boolean kept = !job.state().frozen() && jobs.keepParts(jobId, version, written) == 1;
        if (kept && !job.position().vehicle().practice()) {
            events.publishEvent(new PartsKept(jobId, written));
            done(job, "kept", "Parts");
        }
        return kept;
    }

    /** Says that a stage was kept; on the practice bench nothing cures and nothing falls due. */
    private void kept(Job job, StageKept kept) {
        if (!job.position().vehicle().practice()) {
            events.publishEvent(kept);
        }
    }

    private void recorded(Job job, RouteStage stage) {
        if (job.position().vehicle().practice()) {
            return; // no record of the workshop's tells of it
        }
        String document = job.stage(stage).map(Stage::document).orElse("{}");
        events.publishEvent(new Recorded(job.id(), job.position().id(), Map.of(stage, document), false));
    }

    /** Says that a job was signed or opened again; what was read off it is counted anew. */
    private void closedOrOpened(Job job) {
        if (job.position().vehicle().practice()) {
            return;
        }
        jobs.flush();
        events.publishEvent(new Recorded(job.id(), job.position().id(), Map.of(), true));
    }

    /** Says all that a job which was taken in tells. */
    void taken(Job job) {
        Map<RouteStage, String> all = new EnumMap<>(RouteStage.class);
        job.stages().forEach(stage -> RouteStage.of(stage.code()).ifPresent(code -> all.put(code, stage.document())));
        jobs.flush();
        events.publishEvent(new Recorded(job.id(), job.position().id(), all, job.state() == JobState.SIGNED));
        if (job.parts() != null) {
            events.publishEvent(new PartsKept(job.id(), job.parts()));
        }
    }

    /** The notes of a job, oldest first. */
    @Transactional(readOnly = true)
    public List<JobNote> notes(long jobId) {
        return notes.of(jobId);
    }
}
