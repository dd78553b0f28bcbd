package unbo.app.due;

import java.time.Instant;
import java.time.LocalDate;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

import unbo.core.proof.FollowUp;

/** Something that a signed job left to be done. */
@Entity
@Table(name = "follow_up")
class FollowUpRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long jobId;
    private long positionId;
    private String code;
    private String words;
    private double fromKm;
    private double toKm;
    private LocalDate dueOn;
    private Instant doneAt;

    protected FollowUpRow() {}

    FollowUpRow(long jobId, long positionId, FollowUp what, LocalDate dueOn) {
        this.jobId = jobId;
        this.positionId = positionId;
        this.code = what.code();
        this.words = what.words();
        this.fromKm = what.fromKm();
        this.toKm = what.toKm();
        this.dueOn = dueOn;
    }

    /** @return false where it was done before */
    boolean done(Instant at) {
        boolean open = doneAt == null;
        if (open) {
            doneAt = at;
        }
        return open;
    }
}
