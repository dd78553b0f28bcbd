package unbo.app.job;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.answer.Answer;
import unbo.core.input.Typed;

/** Answers that a job keeps beside its stages: one for each question of the bench, frozen with the job. */
@Service
@Transactional
public class AnswerService {

    private final JobAnswers answers;
    private final Jobs jobs;
    private final Documents documents;

    /**
     * What is kept.
     *
     * @param typed inputs as typed
     * @param hangsOn by box, what facts of the job had filled in and nobody typed over
     */
    public record Kept(
            String question, String title, Typed typed, Map<String, String> hangsOn, Answer answer, Instant keptAt) {

        public Map<String, String> texts() {
            return typed.texts();
        }
    }

    AnswerService(JobAnswers answers, Jobs jobs, Documents documents) {
        this.answers = answers;
        this.jobs = jobs;
        this.documents = documents;
    }

    @Transactional(readOnly = true)
    public List<Kept> of(long jobId) {
        return answers.findByJobIdOrderById(jobId).stream().map(this::kept).toList();
    }

    /** Of several jobs, by their numbers; of some only. */
    @Transactional(readOnly = true)
    Map<Long, List<Kept>> ofAll(Collection<Long> jobIds) {
        return answers.findByJobIdInOrderById(jobIds).stream()
                .collect(Collectors.groupingBy(JobAnswer::jobId, Collectors.mapping(this::kept, Collectors.toList())));
    }

    @Transactional(readOnly = true)
    public Optional<Kept> of(long jobId, String question) {
        return answers.findByJobIdAndQuestion(jobId, question).map(this::kept);
    }

    /**
     * The newest answer to the question from another job at the same position: what was typed then need not be typed
     * again.
     */
    @Transactional(readOnly = true)
    public Optional<Kept> earlier(long jobId, String question) {
        return answers.earlier(jobId, question, Limit.of(1)).stream()
                .findFirst()
                .map(this::kept);
    }

    private Kept kept(JobAnswer a) {
        return new Kept(
                a.question(),
                a.title(),
                documents.typed(a.texts()),
                a.hangsOn() == null ? Map.of() : documents.texts(a.hangsOn()),
                documents.answer(a.answer()),
                a.keptAt());
    }

    /** Keeps an answer in the place of an earlier one to the same question. @return false when the job is closed */
    public boolean keep(long jobId, Kept kept) {
        if (jobs.whole(jobId).orElseThrow().state().frozen()) {
            return false;
        }
        put(jobId, kept);
        return true;
    }

    /** The same into a job that is taken in from a file, whatever its state. */
    void put(long jobId, Kept kept) {
        JobAnswer answer = answers.findByJobIdAndQuestion(jobId, kept.question())
                .orElseGet(() -> new JobAnswer(jobId, kept.question()));
        answer.keep(
                kept.title(),
                documents.write(kept.typed()),
                documents.write(kept.hangsOn()),
                documents.write(kept.answer().printed()),
                kept.keptAt());
        answers.save(answer);
    }

    /** Lets go of one. @return false when the job is closed */
    public boolean drop(long jobId, String question) {
        if (jobs.whole(jobId).orElseThrow().state().frozen()) {
            return false;
        }
        answers.findByJobIdAndQuestion(jobId, question).ifPresent(answers::delete);
        return true;
    }
}
