package unbo.app.vehicle;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

import jakarta.persistence.LockModeType;

import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface Vehicles extends Repository<Vehicle, Long> {

    @Query("select v from Vehicle v left join fetch v.positions where v.id = :id")
    Optional<Vehicle> withPositions(long id);

    /** Nobody else changes what belongs to it until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select v from Vehicle v where v.id = :id")
    Optional<Vehicle> locked(long id);

    @Query("select v from Vehicle v where v.listed = true order by v.name, v.id")
    List<Vehicle> byName(Pageable page);

    @Query("select v from Vehicle v where v.listed = true and (v.name like :like escape '!' or v.mark like "
            + ":like escape '!' or v.owner like :like escape '!') order by v.name, v.id")
    List<Vehicle> search(String like, Pageable page);

    /** Of the first by name those whose name, mark or owner holds some words. */
    @Query(
            nativeQuery = true,
            value = "select id from (select id, name, mark, owner from vehicle where listed = 1 order by name, id "
                    + "limit :first) v where name like :like escape '!' or mark like :like escape '!' or owner like "
                    + ":like escape '!' limit :most")
    List<Long> searchFirst(String like, int first, int most);

    /** Of all vehicles those whose name, mark or owner has words that begin so. */
    @Query(
            nativeQuery = true,
            value = "select id from vehicle where listed and match (name, mark, owner) against (:words in boolean "
                    + "mode) limit :most")
    List<Long> searchAll(String words, int most);

    @Query("select v from Vehicle v where v.id in :ids order by v.name, v.id")
    List<Vehicle> these(Collection<Long> ids);

    @Query("select new unbo.app.vehicle.VehicleName(v.id, v.name, v.mark, v.owner, v.kind) "
            + "from Vehicle v where v.listed = true order by v.id desc")
    List<VehicleName> names(Limit limit);

    /** Those of whose words any begins so, the likest first. */
    @Query(
            nativeQuery = true,
            value = "select id from vehicle where listed and match (name, mark, owner) against (:words in boolean "
                    + "mode) order by match (name, mark, owner) against (:words in boolean mode) desc limit :most")
    List<Long> likest(String words, int most);

    @Query("select v.id from Vehicle v where v.listed = true order by v.id")
    List<Long> ids(Limit limit);

    /** Vehicles that were taken away since a moment, the newest first. */
    @Query("select v from Vehicle v where v.awayAt > :since order by v.awayAt desc")
    List<Vehicle> away(Instant since);

    Vehicle save(Vehicle vehicle);
}
