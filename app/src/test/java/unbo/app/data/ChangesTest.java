package unbo.app.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.Served;

/** What one machine changes the other reads anew; where one serves alone nobody asks the database. */
@Served
class ChangesTest {

    private static final long LONGEST_NANOS = 2_000_000_000;

    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private TransactionTemplate whole;

    private static void await(Known<Integer> known, int wanted) {
        long until = System.nanoTime() + LONGEST_NANOS;
        while (known.get() != wanted && System.nanoTime() < until) {
            Thread.onSpinWait();
        }
        assertThat(known.get()).isEqualTo(wanted);
    }

    @Test
    void whatOneMachineChangesTheOtherReads() {
        AtomicInteger stored = new AtomicInteger(1);
        Known<Integer> here = new Known<>(new Changes(rows, whole, false), "bearings", stored::get);
        Known<Integer> there = new Known<>(new Changes(rows, whole, false), "bearings", stored::get);
        assertThat(here.get()).isEqualTo(1);
        assertThat(there.get()).isEqualTo(1);
        stored.set(2);
        assertThat(there.get()).isEqualTo(1);
        whole.executeWithoutResult(status -> here.changes());
        await(here, 2);
        await(there, 2);
    }

    @Test
    void whoServesAloneWritesNothing() {
        Known<Integer> alone = new Known<>(new Changes(rows, whole, true), "bearings", () -> 1);
        long before = number();
        whole.executeWithoutResult(status -> alone.changes());
        assertThat(number()).isEqualTo(before);
    }

    private long number() {
        return whole.execute(status ->
                rows.queryForObject("select ifnull(max(n), 0) from known_change where name = 'bearings'", Long.class));
    }
}
