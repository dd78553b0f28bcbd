package unbo.app.diagnosis;

import java.util.List;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface OwnCaseRows extends Repository<OwnCase, Long> {

    List<OwnCase> findAll();

    OwnCase save(OwnCase row);

    @Modifying
    @Query("delete from OwnCase c where c.jobId = :jobId")
    void forget(long jobId);
}
