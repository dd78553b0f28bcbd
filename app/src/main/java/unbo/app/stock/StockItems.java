package unbo.app.stock;

import java.util.List;
import java.util.Optional;

import jakarta.persistence.LockModeType;

import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface StockItems extends Repository<StockItem, Long> {

    @Query("select i from StockItem i where i.kind = :kind order by i.sizeMm, i.name")
    List<StockItem> of(String kind);

    /** One of a name, held for whoever changes it. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select i from StockItem i where i.kind = :kind and i.name = :name")
    Optional<StockItem> held(String kind, String name);

    StockItem save(StockItem item);
}
