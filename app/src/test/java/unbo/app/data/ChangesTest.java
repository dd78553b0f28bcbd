package unbo.app.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.Served;

/** What one machine changes the other reads anew. */
@Served
class ChangesTest {

    private static final long LONGEST_NANOS = 10_000_000_000L;

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

    /** Who serves alone sees within seconds what a command beside it changed. */
    @Test
    void whoServesAloneLooksSeldom() {
        AtomicInteger stored = new AtomicInteger(1);
        Known<Integer> alone = new Known<>(new Changes(rows, whole, true), "cases", stored::get);
        Known<Integer> command = new Known<>(new Changes(rows, whole, true), "cases", stored::get);
        assertThat(alone.get()).isEqualTo(1);
        stored.set(2);
        whole.executeWithoutResult(status -> command.changes());
        assertThat(alone.get()).isEqualTo(1);
        await(alone, 2);
    }

    /** A long transaction, which sees what was there when it began, does not make others see it. */
    @Test
    void aLongTransactionHoldsNobodyBack() {
        AtomicInteger stored = new AtomicInteger(1);
        Changes here = new Changes(rows, whole, false);
        Known<Integer> known = new Known<>(here, "accounts", stored::get);
        Known<Integer> other = new Known<>(new Changes(rows, whole, false), "accounts", stored::get);
        assertThat(known.get()).isEqualTo(1);
        whole.executeWithoutResult(status -> {
            rows.queryForObject("select count(*) from known_change", Integer.class);
            CompletableFuture.runAsync(() -> {
                        stored.set(2);
                        whole.executeWithoutResult(inner -> other.changes());
                    })
                    .join();
            long before = here.of("accounts");
            for (int i = 0; i < 100; i++) {
                rows.queryForObject("select count(*) from known_change", Integer.class);
                assertThat(here.of("accounts")).isEqualTo(before);
            }
        });
        await(known, 2);
    }
}
