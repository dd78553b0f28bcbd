package unbo.app.vehicle;

import java.time.Instant;
import java.time.LocalDate;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** A day on which a vehicle's hubs went under water. */
@Entity
public class Immersion {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private Long vehicleId;
    private LocalDate day;
    private int times;
    private String note;
    private Instant awayAt;
    private String awayWhy;

    protected Immersion() {}

    Immersion(Long vehicleId, LocalDate day, int times, String note) {
        this.vehicleId = vehicleId;
        this.day = day;
        this.times = times;
        this.note = note;
    }

    public Long id() {
        return id;
    }

    public Long vehicleId() {
        return vehicleId;
    }

    /** When it was taken away; null while it is here. */
    public Instant awayAt() {
        return awayAt;
    }

    public String awayWhy() {
        return awayWhy;
    }

    /** @param at null puts it back */
    void away(Instant at, String why) {
        awayAt = at;
        awayWhy = why;
    }

    public LocalDate day() {
        return day;
    }

    public int times() {
        return times;
    }

    public String note() {
        return note;
    }
}
