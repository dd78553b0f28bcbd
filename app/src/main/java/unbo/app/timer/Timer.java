package unbo.app.timer;

import java.time.Instant;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** Something of a job that needs time and nobody: a cure, a soak. */
@Entity
class Timer {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long jobId;
    private String code;
    private String words;
    private Instant endsAt;

    protected Timer() {}

    Timer(long jobId, String code, String words, Instant endsAt) {
        this.jobId = jobId;
        this.code = code;
        this.words = words;
        this.endsAt = endsAt;
    }

    Long id() {
        return id;
    }

    long jobId() {
        return jobId;
    }

    String words() {
        return words;
    }

    Instant endsAt() {
        return endsAt;
    }

    void ends(String newWords, Instant at) {
        words = newWords;
        endsAt = at;
    }
}
