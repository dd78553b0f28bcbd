package unbo.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.job.OpenLine;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;

@Served
@Transactional
class DemoDataTest {

    @Autowired
    private DemoData demo;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private JobService jobs;

    private List<Vehicle> loaded() {
        int before = vehicles.all().size();
        demo.load();
        List<Vehicle> all = vehicles.all();
        assertThat(all.size()).isEqualTo(before + 8);
        return all;
    }

    @Test
    void hasAVehicleOfEachKindThreeOpenJobsAndThreeYearsOfClosedOnes() {
        List<Vehicle> all = loaded();
        assertThat(all).extracting(Vehicle::kind).contains("car", "van", "motorcycle", "bicycle", "trailer");
        List<JobLine> lines = all.stream()
                .flatMap(v -> jobs.ofVehicle(v.id(), 0).lines().stream())
                .toList();
        List<JobLine> closed =
                lines.stream().filter(l -> l.state() == JobState.SIGNED).toList();
        assertThat(closed.size()).isGreaterThanOrEqualTo(12);
        assertThat(closed)
                .extracting(JobLine::causeCode)
                .contains("seal", "wheel-bearing", "brake-drag", "regular-service");
        assertThat(closed).anyMatch(l -> l.day().isBefore(LocalDate.now().minusYears(2)));
        assertThat(closed).noneMatch(l -> l.day().isAfter(LocalDate.now()));
    }

    @Test
    void openJobsStandAtDifferentStagesAndSomethingIsDue() {
        loaded();
        List<OpenLine> open = jobs.underWay(0, 50).stream()
                .filter(v -> v.vehicle().startsWith("Cutter cradle"))
                .toList();
        assertThat(open).hasSizeGreaterThanOrEqualTo(3);
        assertThat(open).extracting(OpenLine::next).contains("Fit", "waiting for seal 50x72x10");
        assertThat(vehicles.due(LocalDate.now(), 20)).isNotEmpty();
    }
}
