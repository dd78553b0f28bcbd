package unbo.app.vehicle;

import java.util.List;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface VehicleSeals extends Repository<VehicleSeal, Long> {

    @Query("select s from VehicleSeal s where s.vehicleId = :vehicleId order by s.line")
    List<VehicleSeal> every(long vehicleId);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from VehicleSeal s where s.vehicleId = :vehicleId")
    void drop(long vehicleId);

    VehicleSeal save(VehicleSeal seal);
}
