package unbo.app.job;

import java.time.Instant;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** An answer that no stage asks for, kept in a job with its inputs. */
@Entity
class JobAnswer {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long jobId;
    private String question;
    private String title;
    private String texts;
    private String answer;
    private String hangsOn;
    private Instant keptAt;

    protected JobAnswer() {}

    JobAnswer(long jobId, String question) {
        this.jobId = jobId;
        this.question = question;
    }

    void keep(String newTitle, String newTexts, String newHangsOn, String newAnswer, Instant at) {
        title = newTitle;
        texts = newTexts;
        hangsOn = newHangsOn;
        answer = newAnswer;
        keptAt = at;
    }

    long jobId() {
        return jobId;
    }

    String question() {
        return question;
    }

    String title() {
        return title;
    }

    String texts() {
        return texts;
    }

    String answer() {
        return answer;
    }

    String hangsOn() {
        return hangsOn;
    }

    Instant keptAt() {
        return keptAt;
    }
}
