package unbo.app.vehicle;

import java.time.LocalDate;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

import unbo.core.vehicle.Place;

/** One hub, head, pivot or shaft of a vehicle: what outlives a job, and when it is due. */
@Entity
@Table(name = "vehicle_position")
public class Position {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;
    @Version
    private int version;
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "vehicle_id")
    private Vehicle vehicle;
    private String code;
    @Column(columnDefinition = "LONGTEXT")
    private String facts = "[]";
    private String numbers = "";
    private LocalDate lastWorkedOn;
    private LocalDate dueOn;
    private Double dueCounter;
    private Integer dueImmersions;

    protected Position() {
    }

    Position(Vehicle vehicle, String code) {
        this.vehicle = vehicle;
        this.code = code;
    }

    public Long id() {
        return id;
    }

    public Vehicle vehicle() {
        return vehicle;
    }

    public String code() {
        return code;
    }

    /** The position in the trade's words. */
    public String label() {
        return Place.of(vehicle.kind(), code).map(Place::label).orElse(code);
    }

    /** Code of the same position on the other side; empty where there is none. */
    public String twin() {
        return Place.of(vehicle.kind(), code).map(Place::twin).orElse("");
    }

    /** True where a wheel turns on it, so that it can be an adjustable hub. */
    public boolean wheel() {
        return Place.of(vehicle.kind(), code).map(Place::wheel).orElse(false);
    }

    /** Facts that outlive a job, as JSON. */
    public String facts() {
        return facts;
    }

    /** Numbers on its rings, for searching. */
    public String numbers() {
        return numbers;
    }

    public LocalDate lastWorkedOn() {
        return lastWorkedOn;
    }

    public LocalDate dueOn() {
        return dueOn;
    }

    public Double dueCounter() {
        return dueCounter;
    }

    public Integer dueImmersions() {
        return dueImmersions;
    }

    /** Takes over what a signed job leaves behind. */
    public void remember(String newFacts, String newNumbers, LocalDate workedOn, LocalDate due, Double atCounter, Integer immersions) {
        facts = newFacts;
        numbers = newNumbers;
        lastWorkedOn = workedOn;
        dueOn = due;
        dueCounter = atCounter;
        dueImmersions = immersions;
    }
}
