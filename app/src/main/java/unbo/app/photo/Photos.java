package unbo.app.photo;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface Photos extends Repository<Photo, Long> {

    @Query("select new unbo.app.photo.PhotoLine(p.id, p.stage, p.words, p.addedAt, "
            + "p.width, p.height) from Photo p where p.jobId = :jobId order by p.id")
    List<PhotoLine> of(long jobId);

    @Query("select p from Photo p where p.id = :id and p.jobId = :jobId")
    Optional<Photo> one(long jobId, long id);

    @Query("select distinct p.jobId from Photo p")
    Set<Long> jobs();

    @Query("select count(p) from Photo p where p.jobId = :jobId")
    int count(long jobId);

    Photo save(Photo photo);

    @Modifying
    @Query("delete from Photo p where p.id = :id and p.jobId = :jobId")
    void forget(long jobId, long id);
}
