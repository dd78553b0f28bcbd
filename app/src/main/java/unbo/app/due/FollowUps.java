package unbo.app.due;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import jakarta.persistence.QueryHint;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;
import org.springframework.data.repository.Repository;

interface FollowUps extends Repository<FollowUpRow, Long> {

    @Query("select new unbo.app.due.FollowUpLine(f.id, f.jobId, f.positionId, v.name, "
            + "v.kind, p.code, f.words, f.fromKm, f.toKm, f.dueOn) "
            + "from FollowUpRow f join Position p on p.id = f.positionId join p.vehicle v "
            + "where v.listed = true and f.doneAt is null and f.dueOn <= :until order by f.dueOn, f.id")
    List<FollowUpLine> open(LocalDate until, Limit limit);

    @QueryHints(@QueryHint(name = "org.hibernate.fetchSize", value = "500"))
    @Query("select new unbo.app.due.FollowUpLine(f.id, f.jobId, f.positionId, v.name, "
            + "v.kind, p.code, f.words, f.fromKm, f.toKm, f.dueOn) "
            + "from FollowUpRow f join Position p on p.id = f.positionId join p.vehicle v "
            + "where v.listed = true and f.doneAt is null")
    Stream<FollowUpLine> everyOpen();

    Optional<FollowUpRow> findById(long id);

    FollowUpRow save(FollowUpRow row);

    @Query("select new unbo.app.due.FollowUpService$Open(f.code, f.dueOn) from "
            + "FollowUpRow f where f.jobId = :jobId and f.doneAt is null order by f.dueOn, f.id")
    List<FollowUpService.Open> of(long jobId);

    @Query("select distinct f.jobId from FollowUpRow f where f.doneAt is null")
    Set<Long> jobs();

    @Modifying
    @Query("update FollowUpRow f set f.doneAt = :at where f.positionId = :positionId and "
            + "f.jobId <> :jobId and f.doneAt is null")
    void settle(long positionId, long jobId, Instant at);

    @Modifying
    @Query("delete from FollowUpRow f where f.jobId = :jobId and f.doneAt is null")
    void forget(long jobId);

    @Query("select count(f) > 0 from FollowUpRow f where f.jobId = :jobId and f.code = :code")
    boolean there(long jobId, String code);
}
