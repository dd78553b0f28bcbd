package unbo.app.vehicle;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface Immersions extends Repository<Immersion, Long> {

    String HERE = "select i from Immersion i where i.awayAt is null and i.vehicleId = :vehicleId ";

    @Query(HERE + "order by i.day desc, i.id desc limit 100")
    List<Immersion> latest(long vehicleId);

    @Query(HERE + "order by i.day, i.id")
    List<Immersion> every(long vehicleId);

    @Query("select coalesce(sum(i.times), 0) from Immersion i where i.awayAt is null "
            + "and i.vehicleId = :vehicleId and i.day > :after")
    long after(long vehicleId, LocalDate after);

    Optional<Immersion> findById(long id);

    /** Those that were taken away since a moment, the newest first. */
    @Query("select i from Immersion i where i.awayAt > :since order by i.awayAt desc")
    List<Immersion> away(Instant since);

    Immersion save(Immersion immersion);
}
