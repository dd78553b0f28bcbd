package unbo.app.job;

import java.time.Instant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;

/** One station of a job: its document, and the version by which two browsers are kept apart. */
@Entity
class Stage {

    /** How far a station is. */
    enum State {
        DRAFT,
        DONE,
        SKIPPED
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "job_id")
    private Job job;

    private String code;

    @Enumerated(EnumType.STRING)
    private State state = State.DRAFT;

    private boolean complete;

    @Column(columnDefinition = "LONGTEXT")
    private String document = "{}";

    private Instant savedAt;

    protected Stage() {}

    Stage(Job job, String code) {
        this.job = job;
        this.code = code;
    }

    String code() {
        return code;
    }

    int version() {
        return version;
    }

    State state() {
        return state;
    }

    boolean complete() {
        return complete;
    }

    String document() {
        return document;
    }

    Instant savedAt() {
        return savedAt;
    }

    void keep(State newState, boolean isComplete, String newDocument, Instant at) {
        state = newState;
        complete = isComplete;
        document = newDocument;
        savedAt = at;
    }
}
