package unbo.app.owner;

import java.util.List;

import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface OwnerAnswers extends Repository<OwnerAnswer, Long> {

    @Query("select a from OwnerAnswer a where a.jobId = :jobId order by a.afterKm")
    List<OwnerAnswer> every(long jobId);

    OwnerAnswer save(OwnerAnswer answer);
}
