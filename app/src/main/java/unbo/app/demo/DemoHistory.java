package unbo.app.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Starting;
import unbo.app.job.JobService;
import unbo.app.vehicle.CareService;
import unbo.app.vehicle.SealService;
import unbo.app.vehicle.VehicleEvent;
import unbo.app.vehicle.VehicleService;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.measure.Show;
import unbo.core.route.StageRules;
import unbo.core.seal.SealState;
import unbo.core.service.Care;
import unbo.core.sheet.Sheet;
import unbo.core.simulation.WorkshopHistory;
import unbo.core.stage.RouteStage;
import unbo.core.tools.identify.SealLedgerFields;
import unbo.core.vehicle.VehicleInput;

/**
 * Ten years of a fleet of harbour vans, made up by a seed with a truth of its own, so that the record has something to
 * tell. Every job goes through the same service as one typed by hand.
 */
@Component
@Order(1)
class DemoHistory implements ApplicationRunner {

    private static final long SEED = 7;
    private static final int VANS = 3;
    private static final int YEARS = 10;
    private static final double YEARLY = 18_000;
    private static final double BETA = 2.0;
    private static final double ETA = 70_000;
    private static final String UNIT = "HB 40-74";
    private static final List<String> NAMES = List.of("Ice van", "Sail-loft van", "Harbour office van");

    /** Minutes of a step of which nobody says what it takes. */
    private static final double READY_MINUTES = 2;
    /** How the demo's hands stand to the plan, as logarithms: mean and spread. */
    private static final double SLOWER = 0.18;

    private static final double SPREAD = 0.35;

    private final DemoData demo;
    private final VehicleService vehicles;
    private final CareService cares;
    private final SealService seals;
    private final JobService jobs;
    private final Clock clock;

    DemoHistory(
            DemoData demo,
            VehicleService vehicles,
            CareService cares,
            SealService seals,
            JobService jobs,
            Clock clock) {
        this.demo = demo;
        this.vehicles = vehicles;
        this.cares = cares;
        this.seals = seals;
        this.jobs = jobs;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (demo.loaded()) {
            Starting.now("the demo's history is loaded");
            load();
        }
    }

    /** Loads the fleet and its jobs, and what the vans went through lately. */
    private void load() {
        LocalDate today = LocalDate.now(clock);
        List<Long> vans = new ArrayList<>();
        for (int i = 0; i < VANS; i++) {
            vans.add(vehicles.add(new VehicleInput(
                            "van", NAMES.get(i), "HB 70" + (i + 1), "H.O.", "km", YEARLY, i == 0 ? "wet" : "dry", 1))
                    .id());
        }
        WorkshopHistory history = WorkshopHistory.of(
                new WorkshopHistory.Plan(
                        VANS,
                        List.of("front-left", "front-right", "rear-left", "rear-right"),
                        today.minusYears(YEARS),
                        today.minusDays(2),
                        YEARLY,
                        BETA,
                        ETA),
                SEED);
        history.visits().forEach(visit -> job(vans.get(visit.vehicle()), visit));
        Map<Integer, Double> counters = new HashMap<>();
        for (int i = 0; i < VANS; i++) {
            counters.put(i, history.lastCounter(i));
        }
        lookAfter(vans, counters, today);
        wentThrough(vans, counters, today);
    }

    private void job(long van, WorkshopHistory.Visit visit) {
        Instant at = visit.day().atTime(9, 30).atZone(clock.getZone()).toInstant();
        long job = jobs.open(van, visit.position(), at);
        keep(
                job,
                RouteStage.INTAKE,
                Map.of(
                        "complaint",
                        visit.failed() ? "Growls, louder in one bend." : "Renewed with the other side.",
                        "day",
                        visit.day().toString(),
                        "counter",
                        Show.number(visit.counter(), 0),
                        "load",
                        "420"),
                at);
        keep(job, RouteStage.IDENTIFY, Map.of("assembly", "unit-bolted", "outerCone", UNIT), at);
        keep(job, RouteStage.STRIP, Map.of(), at);
        keep(job, RouteStage.STRIP, ticks(job, visit.day().atTime(9, 30)), at);
        keep(job, RouteStage.SET, Map.of("torque", "220", "maker", "220", "newNut", "yes"), at);
        Map<String, String> proofs = new TreeMap<>(Map.of("initials", visit.vehicle() == 1 ? "AH" : "BW"));
        List.of("bolts", "axle-nut", "no-play", "turns-free", "encoder")
                .forEach(proof -> proofs.put("proof-" + proof, "right"));
        keep(job, RouteStage.PROVE, proofs, at);
        keep(
                job,
                RouteStage.LOG,
                Map.of("cause", visit.failed() ? "wheel-bearing" : "regular-service", "serviceSchool", "condition"),
                at);
        List<String> refused = jobs.sign(job, at);
        if (!refused.isEmpty()) {
            throw new IllegalStateException("a job of the demo's history is not signed: " + refused);
        }
    }

    /** Every step of Strip with the minute in which it was done: longer than planned by a fifth, give or take. */
    private Map<String, String> ticks(long job, LocalDateTime begun) {
        Answer strip = jobs.view(job).orElseThrow().station(RouteStage.STRIP).answer();
        Random hand = new Random(SEED * 31 + job);
        Map<String, String> ticks = new TreeMap<>();
        LocalDateTime at = begun;
        for (Step step : strip == null ? List.<Step>of() : strip.steps()) {
            double usual = step.minutes() == null ? READY_MINUTES : step.minutes();
            at = at.plusMinutes(Math.max(1, Math.round(usual * Math.exp(SLOWER + SPREAD * hand.nextGaussian()))));
            ticks.put("tick-" + step.code(), at.toString());
        }
        return ticks;
    }

    private void keep(long job, RouteStage stage, Map<String, String> said, Instant at) {
        Sheet sheet = jobs.view(job).orElseThrow().sheetFor(stage);
        Map<String, String> texts =
                new TreeMap<>(StageRules.of(stage, sheet, said).prefill(sheet, said));
        texts.putAll(said);
        int version = jobs.view(job).orElseThrow().station(stage).version();
        JobService.Kept kept = jobs.keep(job, stage, version, texts, at);
        if (kept != JobService.Kept.DONE) {
            throw new IllegalStateException("stage " + stage + " of the demo's history is " + kept);
        }
    }

    private void wentThrough(List<Long> vans, Map<Integer, Double> counters, LocalDate today) {
        for (int month = 1; month <= 14; month++) {
            went(vans.get(0), "wash", today.minusDays(29L * month), 2, null, "");
        }
        went(vans.get(0), "blow", today.minusDays(5), 2, null, "kerb at the ferry ramp");
        went(vans.get(1), "overload", today.minusDays(12), 2, 900.0, "a keel in one piece");
        went(vans.get(2), "trip", today.minusDays(60), 2, 1400.0, "boat show and back");
        for (int i = 0; i < VANS; i++) {
            vehicles.went(
                    vans.get(i),
                    "",
                    new VehicleEvent.Told(
                            "run", today.minusDays(1), 1, 40.0, counters.get(i) + 1500, 1, "counter read"));
        }
    }

    /** Seals of a van as they were last looked at: one side sound, the other worn by a spacer that ran loose. */
    private void seals(long van, int i, LocalDate today) {
        seals.keep(
                van,
                List.of(
                        new SealLedgerFields.Line(
                                "front left, inner",
                                "45x65x8",
                                SealState.Lip.CLINGS,
                                0.05,
                                "there",
                                9.0,
                                today.minusMonths(26)),
                        new SealLedgerFields.Line(
                                "front right, inner",
                                "45x65x8",
                                i == 0 ? SealState.Lip.LOOSE : SealState.Lip.CLINGS,
                                i == 0 ? 0.2 : 0.04,
                                "there",
                                11.0,
                                today.minusMonths(26))),
                "");
    }

    private void lookAfter(List<Long> vans, Map<Integer, Double> counters, LocalDate today) {
        for (int i = 0; i < VANS; i++) {
            double counter = Math.floor(counters.get(i));
            seals(vans.get(i), i, today);
            cares.add(vans.get(i), new Care("gearbox oil", 36, 60_000.0, today.minusMonths(20), counter - 30_000));
            cares.add(
                    vans.get(i), new Care("belt and tensioner", 60, 90_000.0, today.minusMonths(57), counter - 84_000));
        }
    }

    private void went(long van, String kind, LocalDate day, int hard, Double amount, String note) {
        vehicles.went(van, "", new VehicleEvent.Told(kind, day, 1, amount, null, hard, note));
    }
}
