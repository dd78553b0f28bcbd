package unbo.app.job;

import java.time.Instant;
import java.util.Optional;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface StageDrafts extends Repository<StageDraft, Long> {

    @Query("select d from StageDraft d where d.jobId = :jobId and d.code = :code and d.desk = :desk")
    Optional<StageDraft> at(long jobId, String code, String desk);

    @Modifying(clearAutomatically = true)
    @Query(
            nativeQuery = true,
            value = "insert into stage_draft (job_id, code, desk, version, base, texts, seq, kept, typed_at) "
                    + "values (:jobId, :code, :desk, :version, :base, :texts, :seq, :kept, :at) "
                    + "on duplicate key update version = values(version), base = values(base), texts = values(texts), "
                    + "seq = greatest(seq, values(seq)), kept = values(kept), typed_at = values(typed_at)")
    void put(
            long jobId,
            String code,
            String desk,
            int version,
            String base,
            String texts,
            long seq,
            boolean kept,
            Instant at);

    @Modifying
    @Query("delete from StageDraft d where d.typedAt < :before")
    void forgetOlder(Instant before);
}
