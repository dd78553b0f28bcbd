package unbo.app.job;

import java.util.Collection;
import java.util.List;
import java.util.Optional;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface JobAnswers extends Repository<JobAnswer, Long> {

    List<JobAnswer> findByJobIdOrderById(long jobId);

    List<JobAnswer> findByJobIdInOrderById(Collection<Long> jobIds);

    Optional<JobAnswer> findByJobIdAndQuestion(long jobId, String question);

    /** To the same question in other jobs at the position of this one, the newest first. */
    @Query("select a from JobAnswer a, Job j, Job here where here.id = :jobId and "
            + "j.position = here.position and j.id <> here.id and a.jobId = j.id and "
            + "a.question = :question order by a.keptAt desc, a.id desc")
    List<JobAnswer> earlier(long jobId, String question, Limit limit);

    JobAnswer save(JobAnswer answer);

    void delete(JobAnswer answer);
}
