package unbo.app.stock;

import java.util.List;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface StockMoves extends Repository<StockMove, Long> {

    @Query("select new unbo.app.stock.MoveLine(i.name, m.movedAt, m.changeBy, m.words) from StockMove m join StockItem i on i.id = m.itemId where i.kind = :kind order by m.id desc")
    List<MoveLine> newest(String kind, Limit limit);

    StockMove save(StockMove move);
}
