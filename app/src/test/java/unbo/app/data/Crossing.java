package unbo.app.data;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Only for tests: takes two rows in an order, and lets another take them the other way round in between. */
@Service
@Transactional
public class Crossing {

    private final JdbcTemplate jdbc;

    Crossing(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * Adds one to both. @param tries counts how often it was begun; at the first try it waits for the other to hold its
     * own first row
     */
    public void add(String first, String second, CountDownLatch bothHoldOne, AtomicInteger tries) {
        boolean firstTry = tries.incrementAndGet() == 1;
        jdbc.update("update crossing set n = n + 1 where name = ?", first);
        bothHoldOne.countDown();
        if (firstTry) {
            try {
                bothHoldOne.await(10, TimeUnit.SECONDS);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
        jdbc.update("update crossing set n = n + 1 where name = ?", second);
    }
}
