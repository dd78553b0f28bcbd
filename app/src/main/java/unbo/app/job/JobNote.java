package unbo.app.job;

import java.time.Instant;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;

/** A remark in a job's margin; {@code kind}: note, reopened, abandoned, waiting, skipped. */
@Entity
public class JobNote {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "job_id")
    private Job job;

    private Instant writtenAt;
    private String kind;
    private String text;

    protected JobNote() {}

    JobNote(Job job, String kind, String text, Instant writtenAt) {
        this.job = job;
        this.kind = kind;
        this.text = text;
        this.writtenAt = writtenAt;
    }

    Job job() {
        return job;
    }

    public Instant writtenAt() {
        return writtenAt;
    }

    public String kind() {
        return kind;
    }

    public String text() {
        return text;
    }
}
