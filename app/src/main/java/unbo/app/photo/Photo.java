package unbo.app.photo;

import java.time.Instant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/**
 * A picture taken at a stage of a job, written anew by this application: no more than {@link Pictures#LONGEST_SIDE} on
 * a side, nothing of the camera with it.
 */
@Entity
class Photo {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long jobId;
    private String stage;
    private String words;
    private Instant addedAt;
    private int width;
    private int height;

    @Column(columnDefinition = "LONGBLOB")
    private byte[] jpeg;

    protected Photo() {}

    Photo(long jobId, String stage, String words, Instant addedAt, Pictures.Picture picture) {
        this.jobId = jobId;
        this.stage = stage;
        this.words = words;
        this.addedAt = addedAt;
        this.width = picture.width();
        this.height = picture.height();
        this.jpeg = picture.jpeg();
    }

    Long id() {
        return id;
    }

    byte[] jpeg() {
        return jpeg;
    }
}
