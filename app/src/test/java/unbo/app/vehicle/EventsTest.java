package unbo.app.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.core.route.FromSheet;
import unbo.core.sheet.Sheet;
import unbo.core.tools.running.WheelFields;
import unbo.core.vehicle.VehicleInput;

/** What a vehicle goes through makes its hubs due sooner, says why, and is told to Diagnose, until they are served. */
@Served
@Transactional
class EventsTest {

    private static final LocalDate DAY = LocalDate.parse("2026-03-10");

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private JobService jobs;

    @Autowired
    private EntityManager entities;

    private static VehicleEvent.Told told(String kind, LocalDate day, int hard) {
        return new VehicleEvent.Told(kind, day, 1, null, null, hard, "");
    }

    private Vehicle van() {
        Vehicle van = vehicles.add(new VehicleInput("van", "Event van", "EV 1", "E.V.", "km", 9000.0, "dry", 1));
        entities.flush();
        return vehicles.find(van.id()).orElseThrow();
    }

    private Position front(Vehicle van) {
        Position front = van.position("front-left").orElseThrow();
        front.lastJob(DAY.minusMonths(3), 1000.0);
        front.served(DAY.minusMonths(3), 0);
        front.due(DAY.plusYears(1), null, null);
        return front;
    }

    @Test
    void aBlowPullsADueForwardAndSaysWhy() {
        Vehicle van = van();
        Position front = front(van);
        vehicles.went(van.id(), "", told("blow", DAY, 2));
        assertThat(front.dueOn()).isEqualTo(DAY.plusDays(7));
        assertThat(front.dueWhy()).startsWith("kerb or pothole blow on 2026-03-10");
        assertThat(front.wentThrough()).isEqualTo("kerb-strike");
        assertThat(van.position("rear-left").orElseThrow().dueOn()).isNull();
    }

    @Test
    void onePlaceAloneIsLookedAtThoughNothingIsKnownOfIt() {
        Vehicle van = van();
        Position front = front(van);
        vehicles.went(van.id(), "rear-left", told("flood", DAY, 3));
        assertThat(front.dueOn()).isEqualTo(DAY.plusYears(1));
        assertThat(van.position("rear-left").orElseThrow().dueOn()).isEqualTo(DAY.plusDays(1));
    }

    @Test
    void whatWasBeforeTheServiceIsSettledAndWhatCameAfterStays() {
        Vehicle van = van();
        Position front = front(van);
        vehicles.went(van.id(), "", told("blow", DAY, 3));
        vehicles.went(van.id(), "", told("wash", DAY.plusDays(20), 3));
        front.due(DAY.plusYears(1), null, null);
        vehicles.served(front, DAY.plusDays(5));
        assertThat(front.wentThrough()).isEqualTo("pressure-washing");
        assertThat(front.dueOn()).isEqualTo(DAY.plusDays(50));
        vehicles.went(van.id(), "", told("overload", DAY.plusDays(4), 3));
        assertThat(front.wentThrough()).isEqualTo("pressure-washing");
    }

    /** A job at a hub that stood in water begins the life of its bearings with dirt in them. */
    @Test
    void whatItWentThroughIsWhatALifeIsCountedWith() {
        Vehicle van = van();
        front(van);
        vehicles.went(van.id(), "", told("flood", DAY, 2));
        vehicles.went(van.id(), "", told("blow", DAY, 3));
        entities.flush();
        long job = jobs.open(van.id(), "front-left", Instant.parse("2026-03-12T09:00:00Z"));
        Sheet sheet = jobs.view(job).orElseThrow().sheet();
        Map<String, String> wheel = FromSheet.of(WheelFields.LIST, sheet);
        assertThat(wheel).containsEntry("exactContamination", "0.2 ").containsEntry("impact", "5 ");
        assertThat(wheel).doesNotContainKey("loadFactor");
    }

    /** A counter that is read with an event makes due what may go no farther. */
    @Test
    void aCounterThatIsReachedMakesDue() {
        Vehicle van = van();
        Position front = front(van);
        front.due(DAY.plusYears(1), 12_000.0, null);
        vehicles.went(van.id(), "", new VehicleEvent.Told("run", DAY, 1, 40.0, 11_900.0, 2, ""));
        assertThat(front.dueOn()).isEqualTo(DAY.plusYears(1));
        vehicles.went(van.id(), "", new VehicleEvent.Told("run", DAY.plusDays(1), 1, 200.0, 12_100.0, 2, ""));
        assertThat(front.dueOn()).isEqualTo(DAY.plusDays(1));
        assertThat(front.dueWhy()).isEqualTo("the counter reached 12100 on 2026-03-11");
        entities.flush();
        assertThat(vehicles.due(DAY.plusDays(2), 500))
                .anySatisfy(line -> assertThat(line.why()).startsWith("the counter reached"));
    }
}
