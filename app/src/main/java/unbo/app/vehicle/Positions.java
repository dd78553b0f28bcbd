package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface Positions extends Repository<Position, Long> {

    @Query("select p from Position p join fetch p.vehicle where p.id = :id")
    Optional<Position> withVehicle(long id);

    @Query("select p from Position p join fetch p.vehicle where p.dueOn is not null and p.dueOn <= :until order by p.dueOn, p.id limit 60")
    List<Position> dueUntil(LocalDate until);

    @Query("select p from Position p join fetch p.vehicle where p.dueImmersions is not null and p.dueImmersions <= "
            + "(select coalesce(sum(i.times), 0) from Immersion i where i.vehicleId = p.vehicle.id and i.day > p.lastWorkedOn) order by p.id limit 60")
    List<Position> dueByImmersions();

    @Query("select p from Position p join fetch p.vehicle where p.numbers like :like escape '!' order by p.id limit 50")
    List<Position> search(String like);
}
