package unbo.app.owner;

import java.time.Instant;
import java.time.LocalDate;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A link that was handed to an owner; only what its secret hashes to is kept. */
@Entity
@Table(name = "owner_check")
class OwnerCheck {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long jobId;
    private String token;
    private Instant made;
    private LocalDate ends;

    protected OwnerCheck() {}

    OwnerCheck(long jobId, String token, Instant made, LocalDate ends) {
        this.jobId = jobId;
        this.token = token;
        this.made = made;
        this.ends = ends;
    }

    long jobId() {
        return jobId;
    }

    LocalDate ends() {
        return ends;
    }
}
