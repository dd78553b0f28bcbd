package unbo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Like;
import unbo.app.diagnosis.CaseService;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.route.RouteStage;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.Fact;
import unbo.core.sheet.FactKey;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;

import unbo.app.workshop.WorkshopService;

/** Opens, carries on and signs jobs. Every call is one transaction: whole or not at all. */
@Service
@Transactional
public class JobService {

    private static final int MOST_PAST = 12;
    private static final Limit LONGEST_LIST = Limit.of(100);

    private final Jobs jobs;
    private final Visits visits;
    private final Notes notes;
    private final Documents documents;
    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final CaseService cases;
    private final ApplicationEventPublisher events;

    JobService(Jobs jobs, Visits visits, Notes notes, Documents documents, VehicleService vehicles, WorkshopService workshops, CaseService cases, ApplicationEventPublisher events) {
        this.jobs = jobs;
        this.visits = visits;
        this.notes = notes;
        this.documents = documents;
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.cases = cases;
        this.events = events;
    }

    /** A stage was kept with a result. */
    public record StageKept(long jobId, RouteStage stage, List<Fact> facts, Instant at) {
    }

    /** What keeping a stage came to. */
    public enum Kept {
        /** Kept, with a result. */
        DONE,
        /** Kept as typed; it cannot be computed yet. */
        DRAFT,
        /** Not kept: somebody else changed the stage since it was shown. */
        CHANGED_MEANWHILE,
        /** Not kept: the job is signed or abandoned. */
        FROZEN
    }

    /** Opens a visit with one job on a position. @return the job's number */
    public long open(long vehicleId, String positionCode, Instant at) {
        Vehicle vehicle = vehicles.find(vehicleId).orElseThrow();
        Position position = vehicles.position(vehicle, positionCode).orElseThrow();
        Visit visit = visits.save(new Visit(vehicle, at));
        Job job = jobs.save(new Job(visit, position, at));
        headline(job);
        return job.id();
    }

    /** Opens the twin's job in the same visit, with what both sides have in common filled in as drafts. @return its number, empty where there is no twin */
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
        OpenedJob opened = opened(job);
        Job other = jobs.save(new Job(job.visit(), twin.get(), at));
        for (RouteStage stage : List.of(RouteStage.INTAKE, RouteStage.IDENTIFY, RouteStage.GREASE, RouteStage.SET)) {
            job.stage(stage).filter(s -> s.state() == Stage.State.DONE).ifPresent(done -> {
                Map<String, String> texts = new HashMap<>(opened.document(stage).texts());
                texts.keySet().removeIf(name -> name.equals("freeAngleDeg") || name.startsWith("tick-"));
                other.stageOrNew(stage).keep(Stage.State.DRAFT, false, documents.write(new StageDocument(StageDocument.VERSION, texts,
                        List.of(), Map.of(), null, "")), at);
            });
        }
        headline(other);
        return Optional.of(other.id());
    }

    /** The job as its pages need it. */
    @Transactional(readOnly = true)
    public Optional<JobView> view(long jobId) {
        return jobs.whole(jobId).map(job -> opened(job).view());
    }

    /** Keeps a stage: with its result where the texts can be used, as a draft where not. Nothing that was typed is lost. */
    public Kept keep(long jobId, RouteStage stage, int version, Map<String, String> texts, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen()) {
            return Kept.FROZEN;
        }
        if (job.stage(stage).map(Stage::version).orElse(-1) != version) {
            return Kept.CHANGED_MEANWHILE;
        }
        OpenedJob opened = opened(job);
        Sheet sheet = opened.sheetBut(stage);
        StageRule<?> rule = StageRules.of(stage, sheet, texts);
        StageRule.Work work = rule.work(texts, sheet, workshops.units(), cases.current());
        Stage kept = job.stageOrNew(stage);
        if (work.ok()) {
            kept.keep(Stage.State.DONE, work.outcome().complete(), documents.write(new StageDocument(StageDocument.VERSION, texts, work.outcome().facts(),
                    rule.hangsOn(sheet), work.outcome().answer().printed(), "")), at);
        } else {
            StageDocument before = opened.document(stage);
            kept.keep(Stage.State.DRAFT, false, documents.write(new StageDocument(StageDocument.VERSION, texts, before.facts(),
                    before.hangsOn(), before.answer(), "")), at);
        }
        headline(job);
        if (work.ok()) {
            events.publishEvent(new StageKept(jobId, stage, work.outcome().facts(), at));
        }
        return work.ok() ? Kept.DONE : Kept.DRAFT;
    }

    /** Passes a stage over with a word why. @return false when the job is frozen, or Prove is meant while there is work at a hub */
    public boolean skip(long jobId, RouteStage stage, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        OpenedJob opened = opened(job);
        if (job.state().frozen() || stage == RouteStage.PROVE && opened.hubWork() || why.isBlank()) {
            return false;
        }
        StageDocument before = opened.document(stage);
        Stage skipped = job.stageOrNew(stage);
        skipped.keep(Stage.State.SKIPPED, false, documents.write(new StageDocument(StageDocument.VERSION, before.texts(), before.facts(), before.hangsOn(), before.answer(), why)), at);
        job.note("skipped", stage.title() + ": " + why, at);
        headline(job);
        return true;
    }

    /** Passes over everything from Identify to Prove: Diagnose found nothing to do at a hub. @return false when it did, or the job is frozen */
    public boolean noHubWork(long jobId, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen() || opened(job).hubWork()) {
            return false;
        }
        for (RouteStage stage : RouteStage.route()) {
            boolean between = stage.compareTo(RouteStage.DIAGNOSE) > 0 && stage != RouteStage.LOG;
            if (between && job.stage(stage).map(s -> s.state() == Stage.State.DRAFT).orElse(true)) {
                skip(jobId, stage, why, at);
            }
        }
        return true;
    }

    /** Puts the job where its cause was found. @return false when it is frozen or the vehicle has no such position */
    public boolean move(long jobId, String positionCode, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        Optional<Position> to = vehicles.find(job.position().vehicle().id()).orElseThrow().position(positionCode);
        if (job.state().frozen() || to.isEmpty()) {
            return false;
        }
        job.note("moved", "from " + job.position().label() + " to " + to.get().label(), at);
        job.move(to.get());
        headline(job);
        return true;
    }

    /** Signs and closes the job: results, worksheets and facts are frozen as they stand. @return why not; empty when signed */
    public List<String> sign(long jobId, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen()) {
            return List.of("This job is " + job.state().words() + " already.");
        }
        JobView view = opened(job).view();
        List<String> reasons = new ArrayList<>(view.signOff().reasons());
        view.stations().stream().filter(JobView.Station::recalculate)
                .forEach(s -> reasons.add(s.stage().title() + " was computed from facts that have changed since: keep it again."));
        Sheet sheet = view.sheet();
        if (!sheet.has(FactKey.DAY)) {
            reasons.add("Intake gives the day of the work: it cannot be left out.");
        }
        if (!view.hubWork() && !sheet.has(FactKey.INITIALS)) {
            reasons.add("Initials are missing: Diagnose asks for them.");
        }
        if (!reasons.isEmpty()) {
            return reasons;
        }
        LocalDate day = LocalDate.parse(sheet.text(FactKey.DAY));
        job.sign(sheet.text(FactKey.INITIALS), sheet.text(FactKey.CAUSE), documents.facts(sheet.all()), at);
        if (view.station(RouteStage.PROVE).state().equals("DONE")) {
            job.position().remember(documents.facts(outliving(sheet, day)), numbers(sheet));
            job.position().due(date(sheet.text(FactKey.DUE_ON)), plain(sheet.text(FactKey.DUE_COUNTER)),
                    sheet.has(FactKey.DUE_IMMERSIONS) ? Integer.valueOf(sheet.text(FactKey.DUE_IMMERSIONS)) : null);
            worked(job.position(), day, job.counter());
        }
        count(job);
        return List.of();
    }

    /** What the position keeps: the facts that outlive the job, and what was read off its races with the day. */
    private static List<Fact> outliving(Sheet sheet, LocalDate day) {
        List<Fact> facts = new ArrayList<>(sheet.all().stream().filter(f -> f.key().outlives()).toList());
        List<String> past = new ArrayList<>(Stream.of(sheet.text(FactKey.PAST_DAMAGE).split(";")).map(String::strip).filter(p -> !p.isEmpty()).toList());
        Stream.of(sheet.text(FactKey.DAMAGE).split(",")).map(String::strip).filter(d -> !d.isEmpty()).forEach(d -> past.add(d + " " + day));
        if (!past.isEmpty()) {
            facts.add(Fact.words(FactKey.PAST_DAMAGE, String.join("; ", past.subList(Math.max(0, past.size() - MOST_PAST), past.size())), How.COMPUTED, "history"));
        }
        return facts;
    }

    /** Lets Diagnose learn from a closed job. */
    void count(Job job) {
        cases.closed(job.id(), job.position().vehicle().kind(), job.cause(), job.position().code(), opened(job).document(RouteStage.DIAGNOSE).texts().getOrDefault("checks", ""));
        countFailures(job.position().vehicle().id());
    }

    private void countFailures(long vehicleId) {
        jobs.failures(vehicleId, jobs.failures(vehicleId).stream().map(row -> row[0] + "=" + row[1]).collect(Collectors.joining(" ")));
    }

    private void worked(Position position, LocalDate day, Double counter) {
        position.worked(day, counter, vehicles.immersionsAfter(position.vehicle().id(), day));
        headlines(position.vehicle().id());
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
        return true;
    }

    /** Opens a frozen job again, with the reason in its notes. */
    public boolean reopen(long jobId, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (!job.state().frozen() || why.isBlank()) {
            return false;
        }
        job.reopen();
        job.note("reopened", why, at);
        cases.opened(jobId);
        Optional<Job> earlier = jobs.signedBesides(job.position().id(), jobId, Limit.of(1)).stream().findFirst();
        worked(job.position(), earlier.map(Job::workedOn).orElse(null), earlier.map(Job::counter).orElse(null));
        countFailures(job.position().vehicle().id());
        return true;
    }

    /** Jobs under way, the newest first. @param page counted from 0 */
    @Transactional(readOnly = true)
    public List<OpenLine> underWay(int page, int size) {
        return jobs.underWay(PageRequest.of(page, size));
    }

    @Transactional(readOnly = true)
    public List<JobLine> history(long positionId) {
        return jobs.history(positionId, LONGEST_LIST);
    }

    @Transactional(readOnly = true)
    public List<JobLine> ofVehicle(long vehicleId) {
        return jobs.ofVehicle(vehicleId, LONGEST_LIST);
    }

    /** Every closed job, the oldest first, one at a time. */
    @Transactional(readOnly = true)
    public void eachClosed(Consumer<JobLine> reader) {
        try (Stream<JobLine> closed = jobs.closed()) {
            closed.forEach(reader);
        }
    }

    /** By number of the job, numbers on the rings, or words of the complaint. */
    @Transactional(readOnly = true)
    public List<JobLine> search(String words) {
        List<Long> found = new ArrayList<>(jobs.search(Like.containing(words), Limit.of(50)));
        String digits = words.strip().replaceFirst("^#", "");
        if (digits.matches("\\d{1,15}")) {
            found.add(Long.parseLong(digits));
        }
        return jobs.lines(found);
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

    private void headline(Job job) {
        OpenedJob opened = opened(job);
        Sheet sheet = opened.sheet();
        job.headline(sheet.text(FactKey.COMPLAINT), date(sheet.text(FactKey.DAY)), plain(sheet.text(FactKey.COUNTER)), numbers(sheet), opened.rail());
    }

    private OpenedJob opened(Job job) {
        return new OpenedJob(job, documents);
    }

    private static String numbers(Sheet sheet) {
        return String.join(" ", List.of(sheet.text(FactKey.OUTER_CONE), sheet.text(FactKey.OUTER_CUP), sheet.text(FactKey.INNER_CONE),
                sheet.text(FactKey.INNER_CUP), sheet.text(FactKey.SEAL).toUpperCase(java.util.Locale.ROOT))).strip();
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
    public record PartsTexts(int version, Map<String, String> texts) {
    }

    @Transactional(readOnly = true)
    public PartsTexts parts(long jobId) {
        Job job = jobs.whole(jobId).orElseThrow();
        return new PartsTexts(job.partsVersion(), job.parts() == null ? Map.of() : documents.texts(job.parts()));
    }

    /** Keeps a job's parts list. @return false when another was kept meanwhile or the job is closed: then nothing is */
    public boolean keepParts(long jobId, int version, Map<String, String> texts) {
        return !jobs.whole(jobId).orElseThrow().state().frozen() && jobs.keepParts(jobId, version, documents.write(texts)) == 1;
    }

    /** The notes of a job, oldest first. */
    @Transactional(readOnly = true)
    public List<JobNote> notes(long jobId) {
        return notes.of(jobId);
    }
}
