package unbo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Version;

import unbo.app.vehicle.Position;
import unbo.core.stage.RouteStage;

/** Work on one position. */
@Entity
public class Job {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "visit_id")
    private Visit visit;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "position_id")
    private Position position;

    @Enumerated(EnumType.STRING)
    private JobState state = JobState.OPEN;

    private String complainedOf;
    private String waitingFor = "";
    private Instant openedAt;
    private Instant closedAt;
    private Instant awayAt;
    /** Open or waiting, and here; kept by the database. */
    @Column(insertable = false, updatable = false)
    private Boolean underWay;

    private String awayWhy;
    private LocalDate workedOn;
    private Double counter;
    private String complaint = "";
    private String cause = "";
    private String signedBy = "";
    private String numbers = "";
    private String rail = "";
    /**
     * Code of the position it was opened for, unlike in its visit, so that no second one is opened; null in older jobs.
     */
    private String slot;
    /** Code of the position it was moved from last; empty where it never was. */
    private String movedFrom = "";
    /** What was known before it when it was first closed, as JSON; null until then. */
    @Column(columnDefinition = "LONGTEXT")
    private String knownBefore;

    @Column(columnDefinition = "LONGTEXT")
    private String sheet;
    /**
     * Kept by {@link Jobs#keepParts} alone, so that whoever saves the job for another reason never puts an old list
     * back.
     */
    @Column(columnDefinition = "LONGTEXT", updatable = false)
    private String parts;

    @Column(updatable = false)
    private int partsVersion;

    @OneToMany(mappedBy = "job", cascade = CascadeType.ALL)
    @OrderBy("id")
    private List<Stage> stages = new ArrayList<>();

    @OneToMany(mappedBy = "job", cascade = CascadeType.ALL)
    @OrderBy("id")
    private List<JobNote> notes = new ArrayList<>();

    protected Job() {}

    Job(Visit visit, Position position, Instant openedAt) {
        this.visit = visit;
        this.position = position;
        this.complainedOf = position.code();
        this.slot = position.code();
        this.openedAt = openedAt;
    }

    public Long id() {
        return id;
    }

    Visit visit() {
        return visit;
    }

    public Position position() {
        return position;
    }

    public JobState state() {
        return state;
    }

    public String waitingFor() {
        return waitingFor;
    }

    public Instant openedAt() {
        return openedAt;
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

    public Instant closedAt() {
        return closedAt;
    }

    public LocalDate workedOn() {
        return workedOn;
    }

    public Double counter() {
        return counter;
    }

    public String complaint() {
        return complaint;
    }

    public String cause() {
        return cause;
    }

    public String signedBy() {
        return signedBy;
    }

    public String numbers() {
        return numbers;
    }

    Rail rail() {
        return Rail.read(rail);
    }

    /** The facts as they stood when the job was signed; null while it is open. */
    String sheet() {
        return sheet;
    }

    /** The rows of its parts list, as JSON; null while none was kept. */
    String parts() {
        return parts;
    }

    int partsVersion() {
        return partsVersion;
    }

    List<Stage> stages() {
        return stages;
    }

    Optional<Stage> stage(RouteStage stage) {
        return stages.stream().filter(s -> s.code().equals(stage.code())).findFirst();
    }

    Stage stageOrNew(RouteStage stage) {
        return stage(stage).orElseGet(() -> {
            Stage fresh = new Stage(this, stage.code());
            stages.add(fresh);
            return fresh;
        });
    }

    /** What a search or the board wants of the intake and of the rings. */
    void headline(String newComplaint, LocalDate day, Double newCounter, String newNumbers, Rail newRail) {
        complaint = newComplaint;
        workedOn = day;
        counter = newCounter;
        numbers = newNumbers;
        rail = newRail.text();
    }

    /** Code of the position it was opened for, which stays when the job moves. */
    String complainedOf() {
        return complainedOf;
    }

    /** Puts the job where Diagnose found its cause. */
    void move(Position where) {
        movedFrom = position.code();
        position = where;
    }

    /** Code of the position it was moved from last; empty where it never was. */
    public String movedFrom() {
        return movedFrom;
    }

    String knownBefore() {
        return knownBefore;
    }

    /** Keeps what was known before it, once. */
    void knewBefore(String facts) {
        if (knownBefore == null) {
            knownBefore = facts;
        }
    }

    void await(String what) {
        state = JobState.WAITING;
        waitingFor = what;
    }

    void goOn() {
        state = JobState.OPEN;
        waitingFor = "";
    }

    void sign(String initials, String causeCode, String frozenSheet, Instant at) {
        state = JobState.SIGNED;
        signedBy = initials;
        cause = causeCode;
        sheet = frozenSheet;
        closedAt = at;
    }

    void abandon(Instant at) {
        state = JobState.ABANDONED;
        closedAt = at;
    }

    void reopen() {
        state = JobState.OPEN;
        closedAt = null;
        sheet = null;
        signedBy = "";
    }

    /**
     * Puts a job taken in from a file where it stood.
     *
     * @param frozenSheet its sheet as JSON; null while it is open
     * @param partsDocument null where it has no list
     * @param before what was known before it, as JSON; null until it was first closed
     */
    void restore(JobRecord record, String frozenSheet, String partsDocument, String before) {
        state = record.state();
        complainedOf = record.complainedOf() == null ? position.code() : record.complainedOf();
        slot = null;
        movedFrom = record.movedFrom();
        knownBefore = before;
        waitingFor = record.waitingFor();
        closedAt = record.closedAt();
        workedOn = record.workedOn();
        counter = record.counter();
        complaint = record.complaint();
        cause = record.cause() == null ? "" : record.cause();
        signedBy = record.signedBy();
        numbers = record.numbers();
        sheet = frozenSheet;
        parts = partsDocument;
    }

    void note(String kind, String text, Instant at) {
        notes.add(new JobNote(this, kind, text, at));
    }
}
