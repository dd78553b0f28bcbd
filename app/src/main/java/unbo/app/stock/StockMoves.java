package unbo.app.stock;

import java.util.List;

import jakarta.persistence.LockModeType;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface StockMoves extends Repository<StockMove, Long> {

    @Query("select new unbo.app.stock.MoveLine(i.name, m.movedAt, m.changeBy, m.words) "
            + "from StockMove m join StockItem i on i.id = m.itemId where i.kind = :kind order by m.id desc")
    List<MoveLine> newest(String kind, Limit limit);

    /** What was taken for a job and not put back, each item once: how much is out, less than nothing where it went. */
    @Query("select new unbo.app.stock.MoveLine(i.name, max(m.movedAt), sum(m.changeBy), "
            + "i.kind) from StockMove m join StockItem i on i.id = m.itemId "
            + "where m.jobId = :jobId group by i.id, i.name, i.kind, i.sizeMm having "
            + "sum(m.changeBy) <> 0 order by i.kind, i.sizeMm, i.name")
    List<MoveLine> of(long jobId);

    /** Movements for a job, held so that nobody else takes for it meanwhile. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select m from StockMove m where m.jobId = :jobId")
    List<StockMove> held(long jobId);

    @Query("select count(m) > 0 from StockMove m where m.once = :once")
    boolean done(String once);

    StockMove save(StockMove move);
}
