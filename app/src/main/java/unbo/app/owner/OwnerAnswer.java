package unbo.app.owner;

import java.time.Instant;
import java.util.Locale;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

import unbo.core.handover.AfterDrive;

/** What an owner answered, once after so many kilometres. */
@Entity
@Table(name = "owner_answer")
class OwnerAnswer {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long jobId;
    private int afterKm;
    private String heat;
    private boolean noise;
    private boolean loose;
    private boolean leaks;
    private String note;
    private Instant told;

    protected OwnerAnswer() {}

    OwnerAnswer(long jobId, AfterDrive drive, Instant told) {
        this.jobId = jobId;
        afterKm = drive.afterKm();
        heat = drive.heat().name().toLowerCase(Locale.ROOT);
        noise = drive.noise();
        loose = drive.loose();
        leaks = drive.leaks();
        note = drive.note();
        this.told = told;
    }

    AfterDrive drive() {
        return new AfterDrive(
                afterKm, AfterDrive.Heat.valueOf(heat.toUpperCase(Locale.ROOT)), noise, loose, leaks, note);
    }

    Instant told() {
        return told;
    }
}
