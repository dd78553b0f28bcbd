package unbo.app.people;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.people.Right;

/** Who may sign a job: by his role, and by who else looked it through. */
@Service
@Transactional
public class SecondEyes {

    private final JdbcTemplate rows;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    SecondEyes(JdbcTemplate rows, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.events = events;
        this.clock = clock;
    }

    /** Looks a job through for who signs it. @return why not; empty where it was done */
    public String look(long jobId) {
        Person person = Person.here().orElse(null);
        if (person == null || person.id() == null) {
            return "Nobody is known by name here: a second person needs an account.";
        }
        if (!person.role().may(Right.SIGN)) {
            return "An apprentice looks nothing through for others.";
        }
        rows.update(
                "insert into job_seen (job_id, account_id, at) values (?, ?, ?) "
                        + "on duplicate key update at = values(at)",
                jobId,
                person.id(),
                LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
        events.publishEvent(new DoneBy.Done("looked through", jobId, ""));
        return "";
    }

    /**
     * A job is to be signed: who has something against it adds why.
     *
     * @param stops true where something was found at the level of a stop
     * @param changed when something was kept of it last
     * @param reasons why not; whoever hears of it may add to them
     */
    public record Asked(long jobId, boolean stops, Instant changed, List<String> reasons) {}

    @EventListener
    @Transactional(readOnly = true)
    public void asked(Asked asked) {
        asked.reasons().addAll(bars(asked.jobId(), asked.stops(), asked.changed()));
    }

    /**
     * Why who is here may not sign a job.
     *
     * @param stops true where something was found at the level of a stop
     * @param changed when something was kept of it last
     */
    private List<String> bars(long jobId, boolean stops, Instant changed) {
        Person person = Person.here().orElse(null);
        if (person != null && !person.role().may(Right.SIGN)) {
            return List.of("An apprentice does not sign: a mechanic or the owner looks it through and signs.");
        }
        if (!stops || !wanted() || seen(jobId, person == null ? null : person.id(), changed)) {
            return List.of();
        }
        return List.of("Something was found at the level of a stop: a second person looks the job through before it is "
                + "signed, and nothing is changed in between.");
    }

    /** True where the workshop wants it. */
    @Transactional(readOnly = true)
    public boolean wanted() {
        return Boolean.TRUE.equals(rows.queryForObject("select second_eyes from workshop where id = 1", Boolean.class));
    }

    public void want(boolean yes) {
        rows.update("update workshop set second_eyes = ? where id = 1", yes);
    }

    private boolean seen(long jobId, Long signs, Instant changed) {
        return Boolean.TRUE.equals(rows.queryForObject(
                "select exists (select 1 from job_seen where job_id = ? and account_id <> ifnull(?, -1) and at >= ?)",
                Boolean.class,
                jobId,
                signs,
                LocalDateTime.ofInstant(changed, ZoneOffset.UTC)));
    }
}
