package unbo.app.timer;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface TimerRows extends Repository<Timer, Long> {

    @Query("select t from Timer t order by t.endsAt, t.id")
    List<Timer> running();

    @Query("select t from Timer t where t.jobId = :jobId and t.code = :code")
    Optional<Timer> of(long jobId, String code);

    Timer save(Timer timer);

    @Modifying
    @Query("delete from Timer t where t.id = :id")
    void end(long id);

    @Modifying
    @Query("delete from Timer t where t.jobId = :jobId and t.code = :code")
    void end(long jobId, String code);
}
