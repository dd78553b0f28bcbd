package unbo.app.diagnosis;

import java.util.List;
import java.util.stream.Stream;

import jakarta.persistence.QueryHint;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;
import org.springframework.data.repository.Repository;

interface OwnCaseRows extends Repository<OwnCase, Long> {

    /** Read five hundred at a time, none of them held. */
    @QueryHints({
        @QueryHint(name = "org.hibernate.fetchSize", value = "500"),
        @QueryHint(name = "org.hibernate.readOnly", value = "true")
    })
    @Query("select new unbo.app.diagnosis.OwnCase(c.jobId, c.vehicle, c.cause, c.position, c.checks) from OwnCase c")
    Stream<OwnCase> all();

    OwnCase save(OwnCase row);

    /** Sends what is kept to the database, for those who read it there. */
    void flush();

    @Query("select count(c) > 0 from OwnCase c where c.jobId = :jobId")
    boolean exists(long jobId);

    @Modifying
    @Query("delete from OwnCase c where c.jobId = :jobId")
    void forget(long jobId);

    /** How many changes there were of a name; null where none. */
    @Query(nativeQuery = true, value = "select n from known_change where name = :name")
    Long changes(String name);

    /** Changes after one and up to another, the oldest first. */
    @Query("select c from OwnCaseChange c where c.n > :after and c.n <= :upTo order by c.n")
    List<OwnCaseChange> changes(long after, long upTo);

    /** Notes that a job is counted from now on, or no longer. */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "insert into own_case_change (n, moved, vehicle, cause, position, checks) "
                    + "select :n, :by, vehicle, cause, position, checks from own_case where job_id = :jobId")
    void note(long n, int by, long jobId);

    @Modifying
    @Query("delete from OwnCaseChange c where c.n <= :upTo")
    void forgetChanges(long upTo);
}
