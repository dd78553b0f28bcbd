package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Like;
import unbo.core.vehicle.VehicleInput;

/** Vehicles, their positions and their immersions. */
@Service
@Transactional
public class VehicleService {

    private static final LocalDate LONG_AGO = LocalDate.of(1900, 1, 1);

    private final Vehicles vehicles;
    private final Positions positions;
    private final Immersions immersions;

    VehicleService(Vehicles vehicles, Positions positions, Immersions immersions) {
        this.vehicles = vehicles;
        this.positions = positions;
        this.immersions = immersions;
    }

    public Vehicle add(VehicleInput input) {
        return vehicles.save(Vehicle.of(input));
    }

    /** Puts a vehicle right. @return false when somebody else changed it since {@code version} was shown */
    public boolean change(long id, int version, VehicleInput input) {
        Vehicle vehicle = vehicles.withPositions(id).orElseThrow();
        if (vehicle.version() != version) {
            return false;
        }
        vehicle.change(input);
        return true;
    }

    /** With its positions. */
    @Transactional(readOnly = true)
    public Optional<Vehicle> find(long id) {
        return vehicles.withPositions(id);
    }

    @Transactional(readOnly = true)
    public Optional<Position> position(long id) {
        return positions.withVehicle(id);
    }

    @Transactional(readOnly = true)
    public List<Vehicle> all() {
        return vehicles.firstByName();
    }

    @Transactional(readOnly = true)
    public boolean none() {
        return vehicles.count() == 0;
    }

    /** By name, mark or owner's initials. */
    @Transactional(readOnly = true)
    public List<Vehicle> search(String words) {
        return vehicles.search(Like.containing(words));
    }

    /** Positions by a number on their rings. */
    @Transactional(readOnly = true)
    public List<Position> searchNumbers(String words) {
        return positions.search(Like.containing(words.replaceAll("[\\s.-]", "").toUpperCase(java.util.Locale.ROOT)));
    }

    /** Positions that are due by date until a day, or by immersions now; those due by both once. */
    @Transactional(readOnly = true)
    public List<Position> due(LocalDate until) {
        Map<Long, Position> due = new LinkedHashMap<>();
        positions.dueByImmersions().forEach(p -> due.put(p.id(), p));
        positions.dueUntil(until).forEach(p -> due.putIfAbsent(p.id(), p));
        return new ArrayList<>(due.values());
    }

    public void immersed(long vehicleId, LocalDate day, int times, String note) {
        immersions.save(new Immersion(vehicleId, day, times, note));
    }

    @Transactional(readOnly = true)
    public List<Immersion> immersions(long vehicleId) {
        return immersions.latest(vehicleId);
    }

    /** Immersions since a day; all when it is null. */
    @Transactional(readOnly = true)
    public long immersionsAfter(long vehicleId, LocalDate day) {
        return immersions.after(vehicleId, day == null ? LONG_AGO : day);
    }
}
