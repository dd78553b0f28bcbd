package unbo.app.job;

import java.time.Instant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What somebody is typing at a stage and has not kept yet. */
@Entity
class StageDraft {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private Long jobId;
    private String code;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String desk;

    private int version;

    @Column(columnDefinition = "LONGTEXT")
    private String base;

    @Column(columnDefinition = "LONGTEXT")
    private String texts;

    private long seq;
    private boolean kept;
    private Instant typedAt;

    protected StageDraft() {}

    int version() {
        return version;
    }

    String base() {
        return base;
    }

    String texts() {
        return texts;
    }

    /** Of what was sent last; see {@link DraftService.Draft}. */
    long seq() {
        return seq;
    }

    /** True where what was typed was kept, or let go: a mark, not a draft. */
    boolean kept() {
        return kept;
    }

    Instant typedAt() {
        return typedAt;
    }
}
