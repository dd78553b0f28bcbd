package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import jakarta.persistence.QueryHint;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;
import org.springframework.data.repository.Repository;

interface VehicleCares extends Repository<VehicleCare, Long> {

    @Query("select c from VehicleCare c join fetch c.vehicle v where v.listed = true and c.dueOn <= :until "
            + "order by c.dueOn, c.id")
    List<VehicleCare> dueUntil(LocalDate until, Limit limit);

    @QueryHints(@QueryHint(name = "org.hibernate.fetchSize", value = "500"))
    @Query("select c from VehicleCare c join fetch c.vehicle v where v.listed = true and c.dueOn is not null "
            + "order by c.dueOn, c.id")
    Stream<VehicleCare> everyDue();

    @Query("select c from VehicleCare c join fetch c.vehicle where c.vehicle.id = :vehicleId "
            + "order by c.dueOn, c.what, c.id")
    List<VehicleCare> every(long vehicleId);

    Optional<VehicleCare> findById(long id);

    VehicleCare save(VehicleCare care);

    void delete(VehicleCare care);
}
