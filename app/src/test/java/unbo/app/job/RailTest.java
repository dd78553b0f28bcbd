package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** The line on the board says what the job itself says, whatever was done to it. */
@Served
@Transactional
class RailTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private void agrees(long job) {
        JobView view = jobs.view(job).orElseThrow();
        assertThat(view.job().rail()).isEqualTo(JobView.rail(view.stations()));
        jobs.underWay(0, 500).stream()
                .filter(line -> line.id() == job)
                .forEach(line -> assertThat(line.next()).isEqualTo(view.next()));
    }

    @Test
    void theBoardAndTheJobAgreeThroughEverything() {
        Vehicle trailer =
                vehicles.add(new VehicleInput("trailer", "Rail trailer", "R 1", "X.Y.", "none", 2000.0, "wet", 1));
        long job = jobs.open(trailer.id(), "axle1-left", NOW);
        agrees(job);
        jobs.keep(job, RouteStage.INTAKE, -1, Map.of("complaint", "hum", "day", "2026-05-04"), NOW);
        agrees(job);
        jobs.keep(
                job,
                RouteStage.IDENTIFY,
                -1,
                Map.of("outerCone", "L44643", "outerCup", "L44610", "innerCone", "L68149", "innerCup", "L68110"),
                NOW);
        jobs.keep(job, RouteStage.GREASE, -1, Map.of("kind", "CaS", "oldKind", "CaS"), NOW);
        agrees(job);
        jobs.keep(
                job,
                RouteStage.IDENTIFY,
                0,
                Map.of("outerCone", "LM67048", "outerCup", "LM67010", "innerCone", "LM501349", "innerCup", "LM501310"),
                NOW);
        assertThat(jobs.view(job).orElseThrow().next()).isEqualTo("Grease · recalculate");
        agrees(job);
        jobs.keep(job, RouteStage.SET, -1, Map.of("pitch", "x"), NOW);
        jobs.skip(job, RouteStage.GREASE, "packed by its owner", NOW);
        agrees(job);
        jobs.await(job, "seal 38x59x9", NOW);
        agrees(job);
        jobs.goOn(job);
        long twin = jobs.openTwin(job, NOW).orElseThrow();
        agrees(twin);
        vehicles.change(
                trailer.id(),
                vehicles.find(trailer.id()).orElseThrow().version(),
                new VehicleInput("trailer", "Rail trailer", "R 1", "X.Y.", "km", 900.0, "immersed", 1));
        agrees(job);
        agrees(twin);
        jobs.abandon(job, "sold", NOW);
        jobs.reopen(job, "bought back", NOW);
        agrees(job);
    }

    @Test
    void whatIsWrittenIsReadAgainAndWhatIsMissingIsOpen() {
        Rail rail = Rail.read("intake:done:settled\nset:set again:left\nnonsense");
        assertThat(Rail.read(rail.text())).isEqualTo(rail);
        assertThat(rail.next()).hasValueSatisfying(s -> assertThat(s.stage()).isEqualTo(RouteStage.IDENTIFY));
        assertThat(rail.stations())
                .extracting(Rail.Station::mark)
                .containsExactly("done", "", "", "", "", "", "", "half", "", "");
    }
}
