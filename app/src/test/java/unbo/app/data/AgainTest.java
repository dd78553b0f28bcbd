package unbo.app.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.Served;

/** Two that wait for each other both come through, and each of them once. */
@Served
class AgainTest {

    @Autowired
    private Crossing crossing;

    @Autowired
    private JdbcTemplate jdbc;

    private TransactionTemplate transactions;

    @Autowired
    void transactions(PlatformTransactionManager manager) {
        transactions = new TransactionTemplate(manager);
    }

    @BeforeEach
    void twoRows() {
        jdbc.execute("create table crossing (name varchar(5) primary key, n int not null)");
        transactions.executeWithoutResult(status -> jdbc.update("insert into crossing values ('a', 0), ('b', 0)"));
    }

    @AfterEach
    void gone() {
        jdbc.execute("drop table crossing");
    }

    @Test
    void aDeadlockIsDoneAgainAndNothingIsDoneTwice() throws Exception {
        CountDownLatch bothHoldOne = new CountDownLatch(2);
        AtomicInteger here = new AtomicInteger();
        AtomicInteger there = new AtomicInteger();
        CompletableFuture<Void> other = CompletableFuture.runAsync(() -> crossing.add("b", "a", bothHoldOne, there));
        crossing.add("a", "b", bothHoldOne, here);
        other.get(20, TimeUnit.SECONDS);
        assertThat(here.get() + there.get())
                .as("one of the two was chosen to give way")
                .isGreaterThan(2);
        assertThat(jdbc.queryForList("select n from crossing", Integer.class)).containsExactly(2, 2);
    }
}
