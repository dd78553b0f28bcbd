package unbo.app.data;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * How often something that is held in memory was changed, by any of the machines that serve one database. Where one
 * serves it alone it asks seldom: a command beside it may have changed something.
 */
@Component
public class Changes {

    /** An answer is good for so long: several who ask for one page ask once. */
    private static final Duration GOOD = Duration.ofMillis(5);

    private static final Duration GOOD_ALONE = Duration.ofSeconds(2);

    private static final Looked LONG_AGO = new Looked(Map.of(), Long.MIN_VALUE / 2);

    private final JdbcTemplate rows;
    private final TransactionTemplate whole;
    private final long goodNanos;
    private volatile Looked looked = LONG_AGO;

    private record Looked(Map<String, Long> numbers, long at) {}

    Changes(JdbcTemplate rows, TransactionTemplate whole, @Value("${unbo.alone:true}") boolean alone) {
        this.rows = rows;
        this.whole = whole;
        this.goodNanos = (alone ? GOOD_ALONE : GOOD).toNanos();
    }

    /** The number of changes that others and this one made, as it was a moment ago. */
    public long of(String name) {
        Looked last = looked;
        // a transaction that is under way sees what was there when it began, and nothing is held on its word
        if (System.nanoTime() - last.at() > goodNanos
                && !TransactionSynchronizationManager.isActualTransactionActive()) {
            long now = System.nanoTime();
            Map<String, Long> numbers = new ConcurrentHashMap<>();
            whole.executeWithoutResult(status -> rows.query("select name, n from known_change", row -> {
                numbers.put(row.getString(1), row.getLong(2));
            }));
            last = new Looked(numbers, now);
            looked = last;
        }
        return last.numbers().getOrDefault(name, 0L);
    }

    /**
     * One more, in the transaction that makes it; until that ends nobody else makes one.
     *
     * @return how many there are with it
     */
    public long one(String name) {
        rows.update("insert into known_change (name, n) values (?, 1) on duplicate key update n = n + 1", name);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                looked = LONG_AGO;
            }
        });
        return requireNonNull(rows.queryForObject("select n from known_change where name = ?", Long.class, name));
    }
}
