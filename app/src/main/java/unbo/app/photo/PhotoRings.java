package unbo.app.photo;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PhotoRings extends Repository<PhotoRing, Long> {

    @Query("select r from PhotoRing r where r.jobId = :jobId and r.place = :place order by r.ring desc")
    List<PhotoRing> of(long jobId, String place);

    @Query("select r from PhotoRing r where r.id = :id and r.jobId = :jobId")
    Optional<PhotoRing> one(long jobId, long id);

    @Modifying
    @Query("delete from PhotoRing r where r.jobId = :jobId and r.place = :place and r.ring = :ring")
    void forget(long jobId, String place, String ring);

    PhotoRing save(PhotoRing ring);
}
