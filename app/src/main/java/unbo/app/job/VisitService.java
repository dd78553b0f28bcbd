package unbo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.input.Typed;
import unbo.core.stage.RouteStage;

/** A vehicle's stay with all its jobs: what is said once counts for all of them. */
@Service
@Transactional
public class VisitService {

    private final Visits visits;
    private final Jobs jobs;
    private final JobService each;
    private final VehicleService vehicles;

    /** A visit as its page shows it. */
    public record Shown(long id, Vehicle vehicle, Instant openedAt, List<JobView> jobs) {

        /** The complaint, day and counter as the first job that was told them has them. */
        public Optional<Typed> told() {
            return jobs.stream()
                    .map(view -> view.station(RouteStage.INTAKE))
                    .filter(station -> !station.entries().isEmpty())
                    .map(JobView.Station::typed)
                    .findFirst();
        }

        /** Positions that have no job here yet. */
        public List<Position> without() {
            return vehicle.positions().stream()
                    .filter(position -> !position.unknown())
                    .filter(position ->
                            jobs.stream().noneMatch(view -> view.position().id().equals(position.id())))
                    .toList();
        }

        /** True where a job's other side has no job here yet. */
        public boolean twinWanted(JobView view) {
            return !view.position().twin().isEmpty()
                    && without().stream()
                            .anyMatch(p -> p.code().equals(view.position().twin()));
        }

        /** The name of a job's other side; empty where it has none. */
        public String twin(JobView view) {
            return vehicle.position(view.position().twin()).map(Position::label).orElse("");
        }
    }

    VisitService(Visits visits, Jobs jobs, JobService each, VehicleService vehicles) {
        this.visits = visits;
        this.jobs = jobs;
        this.each = each;
        this.vehicles = vehicles;
    }

    /** The visit; empty where there is none. */
    @Transactional(readOnly = true)
    public Optional<Shown> find(long id) {
        return visits.findById(id)
                .map(visit -> new Shown(
                        id,
                        vehicles.find(visit.vehicle().id()).orElseThrow(),
                        visit.openedAt(),
                        jobs.ofVisit(id).stream()
                                .flatMap(job -> each.view(job).stream())
                                .toList()));
    }

    /**
     * Opens a job at another position of the vehicle in the same visit, with what the visit was told already. @return
     * its number, empty where the vehicle has no such position
     */
    public Optional<Long> add(long id, String position, Instant at) {
        Visit visit = visits.findById(id).orElseThrow();
        Vehicle vehicle = vehicles.find(visit.vehicle().id()).orElseThrow();
        return vehicles.position(vehicle, position).map(there -> each.openIn(visit, there, at));
    }
}
