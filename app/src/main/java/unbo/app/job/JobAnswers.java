package unbo.app.job;

import java.util.List;
import java.util.Optional;

import org.springframework.data.repository.Repository;

interface JobAnswers extends Repository<JobAnswer, Long> {

    List<JobAnswer> findByJobIdOrderById(long jobId);

    Optional<JobAnswer> findByJobIdAndQuestion(long jobId, String question);

    JobAnswer save(JobAnswer answer);

    void delete(JobAnswer answer);
}
