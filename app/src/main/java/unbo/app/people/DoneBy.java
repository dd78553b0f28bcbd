package unbo.app.people;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.function.Consumer;

import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.event.InteractiveAuthenticationSuccessEvent;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What was done by whom and when: rows that are only ever added, in the transaction of what they tell of. */
@Service
public class DoneBy {

    private static final int LONGEST = 400;
    private static final int FETCHED = 500;

    /**
     * Something was done.
     *
     * @param what in a word or two: kept, signed, opened again, took out
     * @param jobId of the job that it was done at; null where it was none
     * @param words about what
     * @param was what stood there before; null where nothing did
     */
    public record Done(String what, Long jobId, String words, String was) {

        public Done(String what, Long jobId, String words) {
            this(what, jobId, words, null);
        }
    }

    /** A row as it is read. @param who name; empty where nobody was asked */
    public record Line(long id, Instant at, String who, String what, Long jobId, String words, String was) {}

    private static final String LINES = "select d.id, d.at, ifnull(a.name, '') who, d.what, d.job_id, d.words, d.was "
            + "from done_by d left join account a on a.id = d.account_id ";
    private static final RowMapper<Line> ROW = (r, n) -> new Line(
            r.getLong("id"),
            r.getObject("at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
            r.getString("who"),
            r.getString("what"),
            r.getObject("job_id", Long.class),
            r.getString("words"),
            r.getString("was"));

    private final JdbcTemplate rows;
    private final Clock clock;

    DoneBy(JdbcTemplate rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** Writes it down, with who is here. */
    @EventListener
    @Transactional(propagation = Propagation.REQUIRED)
    public void done(Done done) {
        write(Person.here().map(Person::id).orElse(null), done);
    }

    /** Somebody came in by name and password; a browser that is known comes without a word. */
    @EventListener
    @Transactional
    public void cameIn(InteractiveAuthenticationSuccessEvent event) {
        if (event.getAuthentication() instanceof UsernamePasswordAuthenticationToken given
                && given.getPrincipal() instanceof Person person
                && person.id() != null) {
            write(person.id(), new Done("came in", null, ""));
        }
    }

    private void write(Long account, Done done) {
        rows.update(
                "insert into done_by (at, account_id, what, job_id, words, was) values (?, ?, ?, ?, ?, ?)",
                LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC),
                account,
                done.what(),
                done.jobId(),
                done.words().substring(0, Math.min(LONGEST, done.words().length())),
                done.was());
    }

    /**
     * The newest first, of a job or all. @param before number of the row above which it goes on @param jobId or null
     */
    @Transactional(readOnly = true)
    public List<Line> lines(long before, Long jobId, int most) {
        return jobId == null
                ? rows.query(LINES + "where d.id < ? order by d.id desc limit ?", ROW, before, most)
                : rows.query(
                        LINES + "where d.id < ? and d.job_id = ? order by d.id desc limit ?", ROW, before, jobId, most);
    }

    /** All of it, the oldest first, one row at a time. */
    @Transactional(readOnly = true)
    public void each(Consumer<Line> reader) {
        rows.query(
                connection -> {
                    var all = connection.prepareStatement(LINES + "order by d.id");
                    all.setFetchSize(FETCHED);
                    return all;
                },
                row -> {
                    reader.accept(ROW.mapRow(row, 0));
                });
    }
}
