package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
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

    @Query(DUE + "where v.listed = true and p.dueOn is not null order by p.dueOn, p.id")
    List<DueRow> everyDue();

    /** Positions whose rings bear a number; read off the index position_numbers alone. */
    @Query("select p.id from Position p where p.numbers like :like escape '!' order by p.numbers")
    List<Long> search(String like, Limit limit);

    @Query("select p from Position p join fetch p.vehicle v where v.listed = true and p.id in :ids order by p.id")
    List<Position> these(Collection<Long> ids);
}
