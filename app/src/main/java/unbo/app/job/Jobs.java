package unbo.app.job;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import jakarta.persistence.QueryHint;

import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;
import org.springframework.data.repository.Repository;

interface Jobs extends Repository<Job, Long> {

    /** Sends what is kept to the database, for those who read it there. */
    void flush();

    /** So many rows are held at once while they are read one by one. */
    String AT_ONCE = "500";

    String FETCH_SIZE = "org.hibernate.fetchSize";
    String LINE = "select new unbo.app.job.JobLine(j.id, v.id, v.name, v.mark, v.kind, p.id, "
            + "p.code, j.state, j.workedOn, j.openedAt, j.counter, j.complaint, j.cause, j.numbers, j.signedBy) "
            + "from Job j join j.position p join p.vehicle v ";
    String CLOSED = "j.awayAt is null and j.state in (unbo.app.job.JobState.SIGNED, unbo.app.job.JobState.ABANDONED) ";
    String OPEN = "j.underWay = true ";

    @Query("select j from Job j join fetch j.visit join fetch j.position p join fetch "
            + "p.vehicle left join fetch j.stages where j.id = :id")
    Optional<Job> whole(long id);

    @Query("select distinct j from Job j join fetch j.visit join fetch j.position p join "
            + "fetch p.vehicle left join fetch j.stages where j.id in :ids order by j.id")
    List<Job> wholeOf(Collection<Long> ids);

    @Query("select new unbo.app.job.OpenLine(j.id, v.name, v.kind, p.code, j.complaint, "
            + "j.openedAt, j.state, j.waitingFor, j.rail) "
            + "from Job j join j.position p join p.vehicle v where v.listed = true and " + OPEN
            + "order by j.openedAt desc, j.id desc")
    List<OpenLine> underWay(Pageable page);

    /** Jobs whose stages read what a vehicle or a position knows. */
    @Query("select distinct j from Job j join fetch j.position p join fetch p.vehicle v "
            + "left join fetch j.stages where v.id = :vehicleId and " + OPEN)
    List<Job> openOf(long vehicleId);

    @Query("select j.id from Job j where j.rail = '' and " + OPEN)
    List<Long> withoutRail();

    @Query(LINE + "where p.id = :positionId and " + CLOSED + "order by j.closedAt desc, j.id desc")
    List<JobLine> history(long positionId, Pageable page);

    @QueryHints(@QueryHint(name = FETCH_SIZE, value = AT_ONCE))
    @Query(LINE + "where v.listed = true and " + CLOSED + "order by j.closedAt, j.id")
    Stream<JobLine> closed();

    @QueryHints(@QueryHint(name = FETCH_SIZE, value = AT_ONCE))
    @Query(LINE + "where p.id = :positionId and " + CLOSED + "order by j.closedAt, j.id")
    Stream<JobLine> closedAt(long positionId);

    /** Numbers of the jobs of a visit, in the order in which they were opened. */
    @Query("select j.id from Job j where j.visit.id = :visitId and j.awayAt is null order by j.id")
    List<Long> ofVisit(long visitId);

    /** The job that a form opened. */
    @Query("select j.id from Job j where j.visit.once = :once order by j.id")
    List<Long> ofForm(String once);

    @Query(LINE + "where v.id = :vehicleId and j.awayAt is null order by j.openedAt desc, j.id desc")
    List<JobLine> ofVehicle(long vehicleId, Pageable page);

    /**
     * Of the newest jobs those whose complaint or rings hold some words, and of the newest remarks and pictures the
     * jobs in whose margin, or under which, they stand.
     */
    @Query(
            nativeQuery = true,
            value = "(select id from (select id, complaint, numbers, opened_at from job order by opened_at desc "
                    + "limit :newest) j where complaint like :like escape '!' or numbers like :like escape '!' "
                    + "order by opened_at desc limit :most) "
                    + "union (select job_id from (select id, job_id, text from job_note order by id desc "
                    + "limit :newest) n where text like :like escape '!' order by id desc limit :most) "
                    + "union (select job_id from (select id, job_id, words from photo order by id desc "
                    + "limit :newest) p where words like :like escape '!' order by id desc limit :most)")
    List<Long> search(String like, int newest, int most);

    /**
     * Of all jobs those whose complaint, margin or pictures have words that begin so, or whose rings hold a number: the
     * newest of each.
     */
    @Query(
            nativeQuery = true,
            value = "(select id from job where match (complaint) against (:words in boolean mode) "
                    + "order by opened_at desc limit :most) "
                    + "union (select j.id from job j join (select numbers from job group by numbers "
                    + "having numbers like :like escape '!') n on n.numbers = j.numbers "
                    + "order by j.opened_at desc limit :most) "
                    + "union (select job_id from job_note where match (text) against (:words in boolean mode) "
                    + "limit :most) "
                    + "union (select job_id from photo where match (words) against (:words in boolean mode) "
                    + "limit :most)")
    List<Long> searchAll(String words, String like, int most);

    @Query(LINE + "where v.listed = true and j.awayAt is null and j.id in :ids order by j.openedAt desc, j.id desc")
    List<JobLine> lines(Collection<Long> ids);

    @Query("select j.id from Job j where j.visit.id = :visitId and j.position.id = :positionId "
            + "and j.awayAt is null order by j.id")
    List<Long> inVisit(long visitId, long positionId);

    @Query("select j.id from Job j where j.position.id = :positionId order by j.id")
    List<Long> atPosition(long positionId);

    @Query("select j from Job j where j.position.id = :positionId and j.id <> :besides "
            + "and j.state = unbo.app.job.JobState.SIGNED order by j.workedOn desc, j.id desc")
    List<Job> signedBesides(long positionId, long besides);

    /** How often the wheel bearing of each position of a vehicle turned out to be the cause: code and number. */
    @Query("select p.code, count(j) from Job j join j.position p where p.vehicle.id = "
            + ":vehicleId and j.state = unbo.app.job.JobState.SIGNED "
            + "and j.cause = 'wheel-bearing' and p.code <> 'unknown' group by p.code order by p.code")
    List<Object[]> failures(long vehicleId);

    /** Writes them to the vehicle; its version stays, nobody edits them. */
    @Modifying
    @Query(nativeQuery = true, value = "UPDATE vehicle SET failures = :failures WHERE id = :vehicleId")
    void failures(long vehicleId, String failures);

    /** Puts a parts list in place of the one of a version. @return 0 when another was kept meanwhile */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "UPDATE job SET parts = :parts, parts_version = parts_version + 1 WHERE id = "
                    + ":id AND parts_version = :version")
    int keepParts(long id, int version, String parts);

    /** Jobs that were taken away since a moment, the newest first. */
    @Query(LINE + "where j.awayAt > :since order by j.awayAt desc")
    List<JobLine> away(Instant since);

    Job save(Job job);
}
