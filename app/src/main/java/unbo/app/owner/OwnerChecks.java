package unbo.app.owner;

import java.util.Optional;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface OwnerChecks extends Repository<OwnerCheck, Long> {

    Optional<OwnerCheck> findByToken(String token);

    @Modifying
    @Query("delete from OwnerCheck c where c.jobId = :jobId")
    void endThose(long jobId);

    OwnerCheck save(OwnerCheck check);
}
