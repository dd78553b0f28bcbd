package unbo.app.stock;

import java.time.Instant;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One movement of the stock: what came or went, when, and for what. */
@Entity
class StockMove {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long itemId;
    private Instant movedAt;
    private double changeBy;
    private String words;
    private Long jobId;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String once;

    protected StockMove() {}

    StockMove(long itemId, Instant movedAt, double changeBy, Purpose purpose) {
        this(itemId, movedAt, changeBy, purpose.words());
        this.jobId = purpose.job();
        this.once = purpose.once();
    }

    StockMove(long itemId, Instant movedAt, double changeBy, String words) {
        this.itemId = itemId;
        this.movedAt = movedAt;
        this.changeBy = changeBy;
        this.words = words;
    }
}
