package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.List;

import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface VehicleEvents extends Repository<VehicleEvent, Long> {

    @Query("select e from VehicleEvent e where e.vehicleId = :vehicleId order by e.day desc, e.id desc limit 200")
    List<VehicleEvent> latest(long vehicleId);

    @Query("select e from VehicleEvent e where e.vehicleId = :vehicleId order by e.day, e.id")
    List<VehicleEvent> every(long vehicleId);

    @Query("select e from VehicleEvent e where e.vehicleId = :vehicleId and e.day > :after order by e.day, e.id")
    List<VehicleEvent> after(long vehicleId, LocalDate after);

    VehicleEvent save(VehicleEvent event);
}
