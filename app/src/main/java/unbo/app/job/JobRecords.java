package unbo.app.job;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.vehicle.Position;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.stage.RouteStage;

/** Writes jobs into the form that files hold, and takes them in again under new numbers. */
@Service
@Transactional
public class JobRecords {

    /** A job that was taken in. @param visit that it belongs to */
    public record Placed(long job, long visit) {}

    private final Jobs jobs;
    private final Visits visits;
    private final Notes notes;
    private final Documents documents;
    private final JobService service;
    private final AnswerService answers;

    JobRecords(Jobs jobs, Visits visits, Notes notes, Documents documents, JobService service, AnswerService answers) {
        this.jobs = jobs;
        this.visits = visits;
        this.notes = notes;
        this.documents = documents;
        this.service = service;
        this.answers = answers;
    }

    /** Some jobs, in the order they are named; {@code visitNumbers} counts visits as they are met. */
    public List<JobRecord> of(List<Long> ids, Map<Long, Integer> visitNumbers) {
        Map<Long, Job> some = jobs.wholeOf(ids).stream().collect(Collectors.toMap(Job::id, job -> job));
        Map<Long, List<JobNote>> noted = notes.ofAll(ids).stream()
                .collect(Collectors.groupingBy(note -> note.job().id()));
        Map<Long, List<AnswerService.Kept>> answered = answers.ofAll(ids);
        Map<Long, KeptPaper> papers = service.kept(some.values());
        return ids.stream()
                .map(id -> of(
                        some.get(id),
                        visitNumbers,
                        noted.getOrDefault(id, List.of()),
                        answered.getOrDefault(id, List.of()),
                        papers.get(id)))
                .toList();
    }

    /** The facts that outlive the jobs of a position. */
    @Transactional(readOnly = true)
    public List<Fact> facts(Position position) {
        return documents.facts(position.facts());
    }

    /** Facts as a position keeps them; null for none. */
    public String facts(List<Fact> facts) {
        return facts == null ? null : documents.facts(facts);
    }

    @Transactional(readOnly = true)
    public List<Long> atPosition(long positionId) {
        return jobs.atPosition(positionId);
    }

    private JobRecord of(
            Job job,
            Map<Long, Integer> visitNumbers,
            List<JobNote> noted,
            List<AnswerService.Kept> answered,
            KeptPaper paper) {
        int visit = visitNumbers.computeIfAbsent(job.visit().id(), id -> visitNumbers.size() + 1);
        return new JobRecord(
                visit,
                job.visit().openedAt(),
                job.state(),
                job.waitingFor(),
                job.openedAt(),
                job.closedAt(),
                job.workedOn(),
                job.counter(),
                job.complaint(),
                job.cause(),
                job.signedBy(),
                job.numbers(),
                job.sheet() == null ? null : documents.facts(job.sheet()),
                job.stages().stream()
                        .map(s -> new JobRecord.StageRecord(
                                s.code(), s.state().name(), s.complete(), s.savedAt(), documents.stage(s)))
                        .toList(),
                noted.stream()
                        .map(n -> new JobRecord.NoteRecord(n.writtenAt(), n.kind(), n.text()))
                        .toList(),
                job.complainedOf(),
                job.movedFrom(),
                job.parts() == null ? Map.of() : documents.texts(job.parts()),
                answered.stream()
                        .map(a -> new JobRecord.AnswerRecord(
                                a.question(), a.title(), a.keptAt(), null, a.typed(), a.hangsOn(), a.answer()))
                        .toList(),
                job.knownBefore() == null ? null : documents.facts(job.knownBefore()),
                job.state().frozen() ? paper : null);
    }

    /**
     * Takes a job in at a position.
     *
     * @param visitId number of the visit that an earlier job of the file opened; null for the first
     * @param otherwise system of texts of an older release, which did not say it
     */
    public Placed take(JobRecord record, Position position, Long visitId, UnitSystem otherwise) {
        Visit visit = visitId == null
                ? visits.save(new Visit(position.vehicle(), record.visitOpenedAt(), null))
                : visits.findById(visitId).orElseThrow();
        Job job = new Job(visit, position, record.openedAt());
        job.restore(
                record,
                facts(record.sheet()),
                record.parts().isEmpty() ? null : documents.write(record.parts()),
                facts(record.knownBefore()));
        for (JobRecord.StageRecord stage : record.stages()) {
            job.stageOrNew(RouteStage.of(stage.code()).orElseThrow())
                    .keep(
                            Stage.State.valueOf(stage.state()),
                            stage.complete(),
                            documents.write(stage.document().typedIn(otherwise)),
                            stage.savedAt());
        }
        record.notes().forEach(note -> job.note(note.kind(), note.text(), note.writtenAt()));
        jobs.save(job);
        record.answers()
                .forEach(a -> answers.put(
                        job.id(),
                        new AnswerService.Kept(
                                a.question(),
                                a.title(),
                                a.typed() == null ? Typed.of(a.texts(), otherwise) : a.typed(),
                                a.hangsOn() == null ? Map.of() : a.hangsOn(),
                                a.answer(),
                                a.keptAt())));
        if (record.paper() != null && job.state().frozen()) {
            service.keepPaper(job.id(), record.paper());
        }
        service.headline(job);
        service.taken(job);
        if (job.state() == JobState.SIGNED) {
            service.count(job);
        }
        return new Placed(job.id(), visit.id());
    }
}
