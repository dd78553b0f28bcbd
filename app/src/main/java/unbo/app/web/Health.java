package unbo.app.web;

import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether it serves, for what watches it or shares the work out: it does where the database answers a query. */
@RestController
class Health {

    private final JdbcTemplate rows;
    private final TransactionTemplate whole;

    Health(JdbcTemplate rows, TransactionTemplate whole) {
        this.rows = rows;
        this.whole = whole;
    }

    @GetMapping(path = "/health", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> health() {
        try {
            whole.execute(status -> rows.queryForObject("select 1", Integer.class));
            return ResponseEntity.ok("ok\n");
        } catch (DataAccessException | TransactionException none) {
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).body("the database does not answer\n");
        }
    }
}
