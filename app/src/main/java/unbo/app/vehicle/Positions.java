package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import jakarta.persistence.QueryHint;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;
import org.springframework.data.repository.Repository;

interface Positions extends Repository<Position, Long> {

    String DUE = "select p.id as id, v.name as vehicle, v.kind as kind, p.code as place, p.dueOn as dueOn, "
            + "p.dueImmersions as dueImmersions, p.immersed as immersed, p.dueCounter as dueCounter, "
            + "v.counterUnit as counterUnit, p.dueWhy as dueWhy, p.numbers as numbers "
            + "from Position p join p.vehicle v ";

    @Query("select p from Position p join fetch p.vehicle where p.id = :id")
    Optional<Position> withVehicle(long id);

    @Query(DUE + "where v.listed = true and p.dueOn <= :until order by p.dueOn, p.id")
    List<DueRow> dueUntil(LocalDate until, Limit limit);

    @Query(DUE + "where v.listed = true and p.immersionsLeft <= 0 order by p.immersionsLeft, p.id")
    List<DueRow> dueByImmersions(Limit limit);

    @QueryHints(@QueryHint(name = "org.hibernate.fetchSize", value = "500"))
    @Query(DUE + "where v.listed = true and p.dueOn is not null order by p.dueOn, p.id")
    Stream<DueRow> everyDue();

    /** Positions whose rings bear a number; by the few numbers that differ, off the index position_numbers alone. */
    @Query(
            nativeQuery = true,
            value = "select p.id from vehicle_position p join (select numbers from vehicle_position group by numbers "
                    + "having numbers like :like escape '!') n on n.numbers = p.numbers limit :most")
    List<Long> search(String like, int most);

    @Query("select p from Position p join fetch p.vehicle v where v.listed = true and p.id in :ids order by p.id")
    List<Position> these(Collection<Long> ids);
}
