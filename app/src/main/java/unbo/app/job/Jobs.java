package unbo.app.job;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface Jobs extends Repository<Job, Long> {

    @Query("select j from Job j join fetch j.visit join fetch j.position p join fetch p.vehicle left join fetch j.stages where j.id = :id")
    Optional<Job> whole(long id);

    @Query("select distinct j from Job j join fetch j.position p join fetch p.vehicle left join fetch j.stages where j.state in (unbo.app.job.JobState.OPEN, unbo.app.job.JobState.WAITING) order by j.openedAt desc, j.id desc")
    List<Job> underWay();

    @Query("select j from Job j join fetch j.position p join fetch p.vehicle where p.id = :positionId and j.state in (unbo.app.job.JobState.SIGNED, unbo.app.job.JobState.ABANDONED) order by j.closedAt desc, j.id desc limit 100")
    List<Job> history(long positionId);

    @Query("select j from Job j join fetch j.position p join fetch p.vehicle where p.vehicle.id = :vehicleId order by j.openedAt desc, j.id desc limit 100")
    List<Job> ofVehicle(long vehicleId);

    @Query("select j from Job j join fetch j.position p join fetch p.vehicle where j.id = :number or j.numbers like :like escape '!' or j.complaint like :like escape '!' order by j.openedAt desc limit 50")
    List<Job> search(String like, long number);

    @Query("select j from Job j where j.visit.id = :visitId and j.position.id = :positionId")
    List<Job> inVisit(long visitId, long positionId);

    @Query("select j from Job j where j.position.id = :positionId and j.id <> :besides and j.state = unbo.app.job.JobState.SIGNED order by j.workedOn desc, j.id desc limit 1")
    List<Job> signedBesides(long positionId, long besides);

    Job save(Job job);
}
