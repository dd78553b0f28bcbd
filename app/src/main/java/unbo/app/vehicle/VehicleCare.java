package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;

import unbo.core.measure.Show;
import unbo.core.service.Care;

/** Something of a vehicle that is looked after by a rule of its own. */
@Entity
@Table(name = "vehicle_care")
public class VehicleCare {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "vehicle_id")
    private Vehicle vehicle;

    private String what;
    private Integer everyMonths;
    private Double everyCounter;
    private LocalDate doneOn;
    private Double doneCounter;
    private LocalDate dueOn;
    private Double dueCounter;
    private String dueWhy = "";

    protected VehicleCare() {}

    VehicleCare(Vehicle vehicle, Care care) {
        this.vehicle = vehicle;
        keep(care);
    }

    void keep(Care care) {
        what = care.what();
        everyMonths = care.everyMonths();
        everyCounter = care.everyCounter();
        doneOn = care.doneOn();
        doneCounter = care.doneCounter();
        dueOn = care.dueOn(vehicle.yearlyDistance());
        dueCounter = care.dueCounter();
        dueWhy = "";
    }

    /** A counter was read on a day: what may go no farther is due then. */
    void counted(LocalDate day, double counter) {
        if (dueCounter != null && counter >= dueCounter && (dueOn == null || day.isBefore(dueOn))) {
            dueOn = day;
            dueWhy = "the counter reached " + Show.number(counter, 0) + " on " + day;
        }
    }

    public Long id() {
        return id;
    }

    public Vehicle vehicle() {
        return vehicle;
    }

    public Care care() {
        return new Care(what, everyMonths, everyCounter, doneOn, doneCounter);
    }

    public LocalDate dueOn() {
        return dueOn;
    }

    public Double dueCounter() {
        return dueCounter;
    }

    public String dueWhy() {
        return dueWhy;
    }

    /** When it is due, in a few words. */
    public String when() {
        String counter = dueCounter == null || vehicle.counterUnit().equals("none")
                ? ""
                : "at " + Show.number(dueCounter, 0) + " " + vehicle.counterUnit();
        String day = dueOn == null ? "" : "by " + dueOn;
        return Stream.of(day, counter).filter(text -> !text.isEmpty()).collect(Collectors.joining(" or "))
                + (dueWhy.isEmpty() ? "" : ": " + dueWhy);
    }
}
