package unbo.app.job;

import java.util.Collection;
import java.util.List;
import java.util.Optional;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PaperRows extends Repository<PaperRow, Long> {

    Optional<PaperRow> findByJobId(long jobId);

    List<PaperRow> findByJobIdIn(Collection<Long> jobIds);

    @Modifying
    @Query(
            nativeQuery = true,
            value = "insert into job_paper (job_id, content) values (:jobId, :content) on "
                    + "duplicate key update content = values(content)")
    void put(long jobId, String content);

    @Modifying
    @Query("delete from PaperRow p where p.jobId = :jobId")
    void forget(long jobId);

    /** Closed jobs that an older release closed without keeping their paper, the newest first. */
    @Query("select j.id from Job j where j.state in (unbo.app.job.JobState.SIGNED, unbo.app.job.JobState.ABANDONED) "
            + "and not exists (select 1 from PaperRow p where p.jobId = j.id) order by j.id desc")
    List<Long> missing(Limit limit);
}
