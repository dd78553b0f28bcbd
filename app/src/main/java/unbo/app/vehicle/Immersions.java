package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.List;

import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface Immersions extends Repository<Immersion, Long> {

    @Query("select i from Immersion i where i.vehicleId = :vehicleId order by i.day desc, i.id desc limit 100")
    List<Immersion> latest(long vehicleId);

    @Query("select i from Immersion i where i.vehicleId = :vehicleId order by i.day, i.id")
    List<Immersion> every(long vehicleId);

    @Query("select coalesce(sum(i.times), 0) from Immersion i where i.vehicleId = :vehicleId and i.day > :after")
    long after(long vehicleId, LocalDate after);

    Immersion save(Immersion immersion);
}
