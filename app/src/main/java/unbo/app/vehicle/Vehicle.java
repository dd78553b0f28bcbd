package unbo.app.vehicle;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Version;

import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/** A vehicle that comes to the workshop, with its positions. */
@Entity
public class Vehicle {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    private String kind;
    private String name;
    private String mark;
    private String owner;
    private String counterUnit;
    private Double yearlyDistance;

    @Column(name = "use_code")
    private String use;

    private int axles;
    /** Counted by the database from closed jobs. */
    @Column(insertable = false, updatable = false)
    private String failures = "";

    /** A vehicle of the practice bench; no list of the workshop shows it. */
    private boolean practice;

    private Instant awayAt;
    private String awayWhy;
    /** False for one of the practice bench, and for one that was taken away; told by the database. */
    @Column(insertable = false, updatable = false)
    private Boolean listed;

    @OneToMany(mappedBy = "vehicle", cascade = CascadeType.ALL)
    @OrderBy("id")
    private List<Position> positions = new ArrayList<>();

    protected Vehicle() {}

    static Vehicle of(VehicleInput input) {
        Vehicle vehicle = new Vehicle();
        vehicle.change(input);
        return vehicle;
    }

    /** A vehicle of the practice bench. */
    static Vehicle ofPractice(VehicleInput input) {
        Vehicle vehicle = of(input);
        vehicle.practice = true;
        return vehicle;
    }

    /** Puts the vehicle right; positions it has gained are added, none is ever taken away. */
    void change(VehicleInput input) {
        kind = input.kind();
        name = input.name();
        mark = input.mark();
        owner = input.owner();
        counterUnit = input.counterUnit();
        yearlyDistance = input.yearly();
        use = input.use();
        axles = input.axles();
        for (Place place : input.places()) {
            if (position(place.code()).isEmpty()) {
                positions.add(new Position(this, place.code()));
            }
        }
    }

    public Long id() {
        return id;
    }

    /** As its form has it. */
    public VehicleInput input() {
        return new VehicleInput(kind, name, mark, owner, counterUnit, yearlyDistance, use, axles);
    }

    /** The places that a vehicle of its kind has bearings at, without those of the workshop's own naming. */
    public List<Place> places() {
        return input().places();
    }

    /** When it was taken away; null where it is here. */
    public Instant awayAt() {
        return awayAt;
    }

    public String awayWhy() {
        return awayWhy;
    }

    /** Takes it away, or puts it back where both are null. */
    void away(Instant at, String why) {
        awayAt = at;
        awayWhy = why;
    }

    /** True for one of the practice bench. */
    public boolean practice() {
        return practice;
    }

    public int version() {
        return version;
    }

    public String kind() {
        return kind;
    }

    public String name() {
        return name;
    }

    public String mark() {
        return mark;
    }

    public String owner() {
        return owner;
    }

    public String counterUnit() {
        return counterUnit;
    }

    public Double yearlyDistance() {
        return yearlyDistance;
    }

    public String use() {
        return use;
    }

    public int axles() {
        return axles;
    }

    /** Bearings that failed before, by position, as Diagnose reads them. */
    public String failures() {
        return failures;
    }

    public boolean immersed() {
        return use.equals("immersed");
    }

    public List<Position> positions() {
        return positions;
    }

    /** The position of a job whose place is not known yet; there from the first such job on. */
    Position unknown() {
        return position(Place.UNKNOWN).orElseGet(() -> {
            Position unknown = new Position(this, Place.UNKNOWN);
            positions.add(unknown);
            return unknown;
        });
    }

    /** Adds a place that the workshop has named itself. @return empty where it is there already */
    Optional<Position> add(Place own) {
        if (position(own.code()).isPresent()) {
            return Optional.empty();
        }
        Position position = new Position(this, own.code());
        positions.add(position);
        return Optional.of(position);
    }

    public Optional<Position> position(String code) {
        return positions.stream().filter(p -> p.code().equals(code)).findFirst();
    }
}
