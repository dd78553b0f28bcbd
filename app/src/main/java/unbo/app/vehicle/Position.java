package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.Set;

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

import unbo.core.event.EventKind;
import unbo.core.measure.Show;
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
    private Double lastCounter;
    private LocalDate servedOn;
    private int immersed;
    private String dueWhy = "";
    private String wentThrough = "";
    /** What is left of the immersions until it is due; kept by the database. */
    @Column(insertable = false, updatable = false)
    private Integer immersionsLeft;

    protected Position() {}

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

    /** True for the position of a job whose place is not known yet: nothing is remembered by it. */
    public boolean unknown() {
        return code.equals(Place.UNKNOWN);
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

    /** Counter at the last signed job here; null when unknown. */
    public Double lastCounter() {
        return lastCounter;
    }

    /** Times under water since its bearings were last looked after. */
    public int immersed() {
        return immersed;
    }

    /** Takes over what a signed job leaves behind: facts as JSON, and the numbers on the rings. */
    public void remember(String newFacts, String newNumbers) {
        facts = newFacts;
        numbers = newNumbers;
    }

    /** When the next service is due, each null where it is not due by that. */
    public void due(LocalDate day, Double atCounter, Integer immersions) {
        dueOn = day;
        dueCounter = atCounter;
        dueImmersions = immersions;
        dueWhy = "";
    }

    /** Why it is due sooner than its rule says; empty where it is not. */
    public String dueWhy() {
        return dueWhy;
    }

    /** Codes of what it went through since its bearings were last looked after, as Diagnose knows them. */
    public String wentThrough() {
        return wentThrough;
    }

    /** Went through something on a day, where its bearings were not looked after since. */
    void wentThrough(VehicleEvent event, EventKind kind) {
        if (unknown() || servedOn != null && !event.day().isAfter(servedOn)) {
            return;
        }
        if (!kind.circumstance().isEmpty() && !Set.of(wentThrough.split(" ")).contains(kind.circumstance())) {
            wentThrough = (wentThrough + " " + kind.circumstance()).strip();
        }
        LocalDate by = kind.dueBy(event.day(), event.hard());
        boolean asItStands = by != null && by.equals(dueOn) && dueWhy.isEmpty();
        if (by != null && (dueOn == null || by.isBefore(dueOn) || asItStands)) {
            dueOn = by;
            dueWhy = kind.because(event.day());
        }
    }

    /** The vehicle's counter was read: it is due now where that is as far as it may go. */
    void counted(VehicleEvent event) {
        Double reached = event.told().counter();
        if (dueCounter != null
                && reached != null
                && reached >= dueCounter
                && (dueOn == null || event.day().isBefore(dueOn))) {
            dueOn = event.day();
            dueWhy = "the counter reached " + Show.number(reached, 0) + " on " + event.day();
        }
    }

    /** Somebody told of it what wants a look: due on that day at the latest, and why. */
    public void wanted(LocalDate day, String why) {
        dueOn = dueOn == null || day.isBefore(dueOn) ? day : dueOn;
        dueWhy = why;
    }

    /** True where something that the whole vehicle went through reaches it. */
    boolean reachedBy(EventKind kind) {
        return Place.of(vehicle.kind(), code).map(kind::reaches).orElse(false);
    }

    /** True where something is known of it, so that it is looked at after what the whole vehicle went through. */
    boolean lookedAfter() {
        return lastWorkedOn != null || !numbers.isEmpty();
    }

    /** The last signed job here; day and counter null when there is none. */
    public void lastJob(LocalDate day, Double counter) {
        lastWorkedOn = day;
        lastCounter = counter;
    }

    /**
     * Its bearings were looked after on a day; null when they never were here. @param immersedSince times under water
     * after that day
     */
    public void served(LocalDate day, int immersedSince) {
        servedOn = day;
        immersed = immersedSince;
        wentThrough = "";
    }

    /** The day on which its bearings were last looked after; null when they never were here. */
    public LocalDate servedOn() {
        return servedOn;
    }

    /** Went under water on a day. */
    void immersed(LocalDate day, int times) {
        if (servedOn == null || day.isAfter(servedOn)) {
            immersed = Math.max(0, immersed + times);
        }
    }
}
