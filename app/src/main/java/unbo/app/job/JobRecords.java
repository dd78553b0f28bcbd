package unbo.app.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.core.route.RouteStage;
import unbo.core.sheet.Fact;

/** Writes jobs into the form that files hold, and takes them in again under new numbers. */
@Service
@Transactional
public class JobRecords {

    /** A job and where it is taken in. */
    public record Placed(JobRecord job, Position position) {
    }

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

    /** One job, or every job at a position; {@code visitNumbers} counts visits as they are met. */
    @Transactional(readOnly = true)
    public List<JobRecord> of(List<Long> ids, Map<Long, Integer> visitNumbers) {
        return ids.stream().map(id -> of(jobs.whole(id).orElseThrow(), visitNumbers)).toList();
    }

    /** The facts that outlive the jobs of a position. */
    @Transactional(readOnly = true)
    public List<Fact> facts(Position position) {
        return documents.facts(position.facts());
    }

    /** Facts as a position keeps them. */
    public String facts(List<Fact> facts) {
        return documents.facts(facts);
    }

    @Transactional(readOnly = true)
    public List<Long> atPosition(long positionId) {
        return jobs.atPosition(positionId);
    }

    private JobRecord of(Job job, Map<Long, Integer> visitNumbers) {
        int visit = visitNumbers.computeIfAbsent(job.visit().id(), id -> visitNumbers.size() + 1);
        List<JobRecord.StageRecord> stages = new ArrayList<>();
        job.stages().forEach(s -> stages.add(new JobRecord.StageRecord(s.code(), s.state().name(), s.complete(), s.savedAt(), documents.stage(s))));
        return new JobRecord(visit, job.visit().openedAt(), job.state(), job.waitingFor(), job.openedAt(), job.closedAt(), job.workedOn(), job.counter(),
                job.complaint(), job.cause(), job.signedBy(), job.numbers(), job.sheet() == null ? null : documents.facts(job.sheet()), stages,
                notes.of(job.id()).stream().map(n -> new JobRecord.NoteRecord(n.writtenAt(), n.kind(), n.text())).toList(), job.complainedOf(), job.parts() == null ? Map.of() : documents.texts(job.parts()),
                answers.of(job.id()).stream().map(a -> new JobRecord.AnswerRecord(a.question(), a.title(), a.keptAt(), a.texts(), a.answer())).toList());
    }

    /** Takes jobs in at their positions of one vehicle. @return their new numbers, in the order of the records */
    public List<Long> take(Vehicle vehicle, List<Placed> placed) {
        Map<Integer, Visit> opened = new HashMap<>();
        List<Long> ids = new ArrayList<>();
        for (Placed one : placed) {
            JobRecord record = one.job();
            Visit visit = opened.computeIfAbsent(record.visit(), n -> visits.save(new Visit(vehicle, record.visitOpenedAt())));
            Job job = new Job(visit, one.position(), record.openedAt());
            job.restore(record, record.sheet() == null ? null : documents.facts(record.sheet()), record.parts().isEmpty() ? null : documents.write(record.parts()));
            for (JobRecord.StageRecord stage : record.stages()) {
                job.stageOrNew(RouteStage.of(stage.code()).orElseThrow())
                        .keep(Stage.State.valueOf(stage.state()), stage.complete(), documents.write(stage.document()), stage.savedAt());
            }
            record.notes().forEach(note -> job.note(note.kind(), note.text(), note.writtenAt()));
            ids.add(jobs.save(job).id());
            record.answers().forEach(a -> answers.put(job.id(), new AnswerService.Kept(a.question(), a.title(), a.texts(), a.answer(), a.keptAt())));
            if (job.state() == JobState.SIGNED) {
                service.count(job);
            }
        }
        service.headlines(vehicle.id());
        return ids;
    }
}
