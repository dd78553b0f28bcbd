package unbo.app.vehicle;

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

    protected Immersion() {}

    Immersion(Long vehicleId, LocalDate day, int times, String note) {
        this.vehicleId = vehicleId;
        this.day = day;
        this.times = times;
        this.note = note;
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
