package unbo.app.vehicle;

import java.time.LocalDate;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

import unbo.core.event.EventKind;
import unbo.core.measure.Show;

/** Something that a vehicle went through. */
@Entity
@Table(name = "vehicle_event")
public class VehicleEvent {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private Long vehicleId;
    private Long positionId;
    private String kind;
    private LocalDate day;
    private int times;
    private Double amount;
    private Double counter;
    private int hard;
    private String note;

    /**
     * As it is written down.
     *
     * @param kind code of an {@link EventKind}
     * @param amount distance, mass or days, as the kind asks; null where it was not written
     * @param counter how the vehicle's counter stood; null where it was not read
     * @param hard 1 easy to 3 hard
     */
    public record Told(String kind, LocalDate day, int times, Double amount, Double counter, int hard, String note) {}

    protected VehicleEvent() {}

    VehicleEvent(long vehicleId, Long positionId, Told told) {
        this.vehicleId = vehicleId;
        this.positionId = positionId;
        this.kind = told.kind();
        this.day = told.day();
        this.times = told.times();
        this.amount = told.amount();
        this.counter = told.counter();
        this.hard = told.hard();
        this.note = told.note();
    }

    public LocalDate day() {
        return day;
    }

    public String kind() {
        return kind;
    }

    /** Null where all of the vehicle went through it. */
    public Long positionId() {
        return positionId;
    }

    public Told told() {
        return new Told(kind, day, times, amount, counter, hard, note);
    }

    public int hard() {
        return hard;
    }

    public String note() {
        return note;
    }

    /** What it was, in words. */
    public String label() {
        return EventKind.find(kind).map(EventKind::label).orElse(kind);
    }

    /** How much of it. @param unit of the vehicle's counter */
    public String much(String unit) {
        String often = times > 1 ? times + " times" : "";
        if (amount == null) {
            return often;
        }
        String in = EventKind.find(kind)
                .map(known -> switch (known.asks()) {
                    case DISTANCE -> unit.equals("none") ? "km" : unit;
                    case MASS -> "kg";
                    case DAYS -> "days";
                    case NONE -> "";
                })
                .orElse("");
        return (Show.number(amount, 1) + " " + in).strip() + (often.isEmpty() ? "" : ", " + often);
    }
}
