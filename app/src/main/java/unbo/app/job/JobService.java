package unbo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Like;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.route.RouteStage;
import unbo.core.route.SignOff;
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

    private final Jobs jobs;
    private final Visits visits;
    private final Documents documents;
    private final VehicleService vehicles;
    private final WorkshopService workshops;

    JobService(Jobs jobs, Visits visits, Documents documents, VehicleService vehicles, WorkshopService workshops) {
        this.jobs = jobs;
        this.visits = visits;
        this.documents = documents;
        this.vehicles = vehicles;
        this.workshops = workshops;
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
        Position position = vehicle.position(positionCode).orElseThrow();
        Visit visit = visits.save(new Visit(vehicle, at));
        return jobs.save(new Job(visit, position, at)).id();
    }

    /** Opens the twin's job in the same visit, with what both sides have in common filled in as drafts. @return its number, empty where there is no twin */
    public Optional<Long> openTwin(long jobId, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        Vehicle vehicle = vehicles.find(job.position().vehicle().id()).orElseThrow();
        Optional<Position> twin = vehicle.position(job.position().twin());
        if (twin.isEmpty()) {
            return Optional.empty();
        }
        List<Job> there = jobs.inVisit(job.visit().id(), twin.get().id());
        if (!there.isEmpty()) {
            return Optional.of(there.get(0).id());
        }
        Job other = jobs.save(new Job(job.visit(), twin.get(), at));
        for (RouteStage stage : List.of(RouteStage.INTAKE, RouteStage.IDENTIFY, RouteStage.GREASE, RouteStage.SET)) {
            job.stage(stage).filter(s -> s.state() == Stage.State.DONE).ifPresent(done -> {
                Map<String, String> texts = new HashMap<>(documents.stage(done).texts());
                texts.keySet().removeIf(name -> name.equals("freeAngleDeg") || name.startsWith("tick-"));
                other.stageOrNew(stage).keep(Stage.State.DRAFT, false, documents.write(new StageDocument(StageDocument.VERSION, texts,
                        List.of(), Map.of(), null, "")), at);
            });
        }
        return Optional.of(other.id());
    }

    /** The job as its pages need it. */
    @Transactional(readOnly = true)
    public Optional<JobView> view(long jobId) {
        return jobs.whole(jobId).map(this::view);
    }

    /** What a stage's texts come to, without keeping them. */
    @Transactional(readOnly = true)
    public StageRule.Work preview(long jobId, RouteStage stage, Map<String, String> texts) {
        Job job = jobs.whole(jobId).orElseThrow();
        return StageRules.of(stage).work(texts, sheetBut(job, stage), workshops.units());
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
        Sheet sheet = sheetBut(job, stage);
        StageRule.Work work = StageRules.of(stage).work(texts, sheet, workshops.units());
        Stage kept = job.stageOrNew(stage);
        if (!work.ok()) {
            StageDocument before = documents.stage(kept);
            kept.keep(Stage.State.DRAFT, false, documents.write(new StageDocument(StageDocument.VERSION, texts, before.facts(),
                    before.hangsOn(), before.answer(), "")), at);
            return Kept.DRAFT;
        }
        kept.keep(Stage.State.DONE, work.outcome().complete(), documents.write(new StageDocument(StageDocument.VERSION, texts, work.outcome().facts(),
                StageRules.of(stage).hangsOn(sheet), work.outcome().answer().printed(), "")), at);
        headline(job);
        return Kept.DONE;
    }

    /** Passes a stage over with a word why. @return false when the job is frozen or Prove is meant */
    public boolean skip(long jobId, RouteStage stage, String why, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen() || stage == RouteStage.PROVE || why.isBlank()) {
            return false;
        }
        Stage skipped = job.stageOrNew(stage);
        StageDocument before = documents.stage(skipped);
        skipped.keep(Stage.State.SKIPPED, false, documents.write(new StageDocument(StageDocument.VERSION, before.texts(), before.facts(), before.hangsOn(), before.answer(), why)), at);
        job.note("skipped", stage.title() + ": " + why, at);
        return true;
    }

    /** Signs and closes the job: results, worksheets and facts are frozen as they stand. @return why not; empty when signed */
    public List<String> sign(long jobId, Instant at) {
        Job job = jobs.whole(jobId).orElseThrow();
        if (job.state().frozen()) {
            return List.of("This job is " + job.state().words() + " already.");
        }
        SignOff signOff = signOff(job);
        List<String> reasons = new ArrayList<>(signOff.reasons());
        view(job).stations().stream().filter(JobView.Station::recalculate)
                .forEach(s -> reasons.add(s.stage().title() + " was computed from facts that have changed since: keep it again."));
        if (!reasons.isEmpty()) {
            return reasons;
        }
        Sheet sheet = sheet(job);
        job.sign(sheet.text(FactKey.INITIALS), sheet.text(FactKey.CAUSE), documents.facts(sheet.all()), at);
        job.position().remember(documents.facts(sheet.all().stream().filter(f -> f.key().outlives()).toList()), numbers(sheet),
                LocalDate.parse(sheet.text(FactKey.DAY)), date(sheet.text(FactKey.DUE_ON)),
                plain(sheet.text(FactKey.DUE_COUNTER)), sheet.has(FactKey.DUE_IMMERSIONS) ? Integer.valueOf(sheet.text(FactKey.DUE_IMMERSIONS)) : null);
        return List.of();
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
        return true;
    }

    @Transactional(readOnly = true)
    public List<JobView> underWay() {
        return jobs.underWay().stream().map(this::view).toList();
    }

    @Transactional(readOnly = true)
    public List<JobLine> history(long positionId) {
        return jobs.history(positionId).stream().map(JobLine::of).toList();
    }

    @Transactional(readOnly = true)
    public List<JobLine> ofVehicle(long vehicleId) {
        return jobs.ofVehicle(vehicleId).stream().map(JobLine::of).toList();
    }

    /** By number of the job, numbers on the rings, or words of the complaint. */
    @Transactional(readOnly = true)
    public List<JobLine> search(String words) {
        String digits = words.strip().replaceFirst("^#", "");
        long number = digits.matches("\\d{1,15}") ? Long.parseLong(digits) : -1;
        return jobs.search(Like.containing(words), number).stream().map(JobLine::of).toList();
    }

    /** What a position knows before any job: facts that outlived earlier ones. */
    @Transactional(readOnly = true)
    public Sheet known(Position position) {
        return Sheet.of(documents.facts(position.facts()));
    }

    private void headline(Job job) {
        Sheet sheet = sheet(job);
        job.headline(sheet.text(FactKey.COMPLAINT), date(sheet.text(FactKey.DAY)), plain(sheet.text(FactKey.COUNTER)), numbers(sheet));
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

    private Sheet sheet(Job job) {
        return job.sheet() != null ? Sheet.of(documents.facts(job.sheet())) : sheetBut(job, null);
    }

    /** The sheet without what one stage gave, which is what that stage may read. */
    private Sheet sheetBut(Job job, RouteStage left) {
        return sheetBut(job, left, before(job));
    }

    /** What was known before this job: of its position, its vehicle, and the job before it. */
    private Sheet before(Job job) {
        return Sheet.of(documents.facts(job.position().facts())).with(fromVehicle(job.position().vehicle())).with(fromLastJob(job));
    }

    private Sheet sheetBut(Job job, RouteStage left, Sheet before) {
        Sheet sheet = before;
        for (RouteStage stage : RouteStage.route()) {
            Optional<Stage> kept = job.stage(stage);
            if (stage != left && kept.isPresent()) {
                sheet = sheet.with(documents.stage(kept.get()).facts());
            }
        }
        return sheet;
    }

    private static List<Fact> fromVehicle(Vehicle vehicle) {
        List<Fact> facts = new ArrayList<>();
        facts.add(Fact.words(FactKey.USE, vehicle.use(), How.TYPED, "vehicle"));
        facts.add(Fact.words(FactKey.COUNTER_UNIT, vehicle.counterUnit(), How.TYPED, "vehicle"));
        if (vehicle.yearlyDistance() != null) {
            facts.add(Fact.words(FactKey.YEARLY, Show.number(vehicle.yearlyDistance(), 1), How.ESTIMATED, "vehicle"));
        }
        return facts;
    }

    /** Day and counter of the job signed before this one; a job opened again does not count from itself. */
    private List<Fact> fromLastJob(Job job) {
        List<Fact> facts = new ArrayList<>();
        jobs.signedBesides(job.position().id(), job.id()).stream().findFirst().ifPresent(last -> {
            if (last.counter() != null) {
                facts.add(Fact.words(FactKey.LAST_COUNTER, Show.number(last.counter(), 1), How.TYPED, "position"));
            }
            if (last.workedOn() != null) {
                facts.add(Fact.words(FactKey.LAST_DAY, last.workedOn().toString(), How.TYPED, "position"));
            }
        });
        return facts;
    }

    private SignOff signOff(Job job) {
        Map<RouteStage, SignOff.Station> stations = new EnumMap<>(RouteStage.class);
        for (RouteStage stage : RouteStage.route()) {
            job.stage(stage).ifPresent(s -> {
                StageDocument document = documents.stage(s);
                stations.put(stage, new SignOff.Station(s.state() == Stage.State.DONE, s.state() == Stage.State.SKIPPED, s.complete(),
                        document.answer() == null ? List.of() : document.answer().findings()));
            });
        }
        return SignOff.of(stations);
    }

    private JobView view(Job job) {
        List<JobView.Station> stations = new ArrayList<>();
        Sheet before = job.state().frozen() ? null : before(job);
        for (RouteStage stage : RouteStage.values()) {
            Optional<Stage> kept = job.stage(stage);
            StageDocument document = kept.map(documents::stage).orElse(StageDocument.EMPTY);
            boolean stale = before != null && kept.map(s -> s.state() == Stage.State.DONE).orElse(false)
                    && !StageRules.of(stage).hangsOn(sheetBut(job, stage, before)).equals(document.hangsOn());
            Level level = document.answer() == null ? Level.OPEN : document.answer().level();
            stations.add(new JobView.Station(stage, kept.map(s -> s.state().name()).orElse(stage.used() ? "OPEN" : "UNUSED"),
                    kept.map(Stage::complete).orElse(false), stale, level, kept.map(Stage::version).orElse(-1),
                    kept.map(Stage::savedAt).orElse(null), document.texts(), document.answer(), document.skipped()));
        }
        return new JobView(job, job.position(), job.position().vehicle(), stations, sheet(job), signOff(job));
    }

    /** The sheet that a stage of this job reads. */
    @Transactional(readOnly = true)
    public Sheet sheetFor(long jobId, RouteStage stage) {
        return sheetBut(jobs.whole(jobId).orElseThrow(), stage);
    }

    /** The notes of a job, oldest first. */
    @Transactional(readOnly = true)
    public List<JobNote> notes(long jobId) {
        return List.copyOf(jobs.whole(jobId).orElseThrow().notes());
    }
}
