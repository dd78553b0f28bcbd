package unbo.app.record;

import java.util.List;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.spares.Shelf;

/** Which numbers the fleet runs on, and how often each is renewed. */
@Service
@Transactional(readOnly = true)
public class ShelfRecord {

    /** Renewals are counted over so many years back. */
    private static final int YEARS = 3;

    private final JdbcTemplate rows;

    ShelfRecord(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** @param leadDays until an ordered one is here @param service share of orders' times to be got through */
    Shelf shelf(double leadDays, double service) {
        List<Shelf.Number> numbers = rows.query(
                "SELECT number, SUM(ended = 'running') places, "
                        + "SUM(fitted AND from_day >= DATE_SUB(CURDATE(), INTERVAL " + YEARS + " YEAR)) / " + YEARS
                        + " renewed FROM bearing_run GROUP BY number HAVING places > 0 OR renewed > 0",
                (row, n) -> new Shelf.Number(row.getString("number"), row.getInt("places"), row.getDouble("renewed")));
        return Shelf.of(numbers, leadDays, service);
    }
}
