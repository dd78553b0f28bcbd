package unbo.app.job;

import java.util.Collection;
import java.util.List;

import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface Notes extends Repository<JobNote, Long> {

    @Query("select n from JobNote n where n.job.id = :jobId order by n.id")
    List<JobNote> of(long jobId);

    @Query("select n from JobNote n where n.job.id in :jobIds order by n.id")
    List<JobNote> ofAll(Collection<Long> jobIds);
}
