package unbo.app.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobService;
import unbo.core.fact.FactKey;

/** The rows say what the documents say, are written with them, and are filled from them the same. */
@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class LogbookTest {

    private static final LocalDate FIRST = LocalDate.parse("2000-01-01");
    private static final LocalDate LAST = LocalDate.parse("2199-12-31");
    private static final List<String> TABLES = List.of(
            "log_finding|job_id, stage, code, level",
            "log_fact|job_id, stage, fact_key, amount, uncertainty, words, how",
            "log_mode|job_id, mode",
            "log_part|job_id, kind, what, place, amount, unit, cost, supplier",
            "bearing_run|position_id, place, number, from_job, from_day, from_counter, fitted, to_job, to_day, "
                    + "to_counter, ended, seen_day, seen_counter, kind, grease, seals, end_play, set_by, nth",
            "log_step|job_id, stage, step, done_at, planned, minutes");

    @Autowired
    private JobService jobs;

    @Autowired
    private Logbook logbook;

    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private Clock clock;

    @Autowired
    private EntityManager entities;

    @BeforeEach
    void load() {
        entities.flush();
    }

    private List<Map<String, Object>> all(String table) {
        String[] parts = table.split("\\|");
        return rows.queryForList("SELECT " + parts[1] + " FROM " + parts[0] + " ORDER BY " + parts[1]);
    }

    private long positionOf(long job) {
        return jobs.view(job).orElseThrow().position().id();
    }

    private long signed() {
        return rows.queryForObject(
                "SELECT MIN(j.id) FROM job j JOIN bearing_run r ON r.from_job = j.id WHERE j.state = 'SIGNED'",
                Long.class);
    }

    @Test
    void theMigrationFillsTheSameRowsFromTheDocuments() {
        List<List<Map<String, Object>>> kept = TABLES.stream().map(this::all).toList();
        assertThat(kept).allSatisfy(table -> assertThat(table).isNotEmpty());
        TABLES.forEach(table -> rows.update("DELETE FROM " + table.split("\\|")[0]));
        LogbookFilled.fill(rows);
        LogbookFilled.runs(rows);
        LogbookFilled.steps(rows);
        for (int i = 0; i < kept.size(); i++) {
            assertThat(all(TABLES.get(i))).as(TABLES.get(i)).containsExactlyElementsOf(kept.get(i));
        }
    }

    @Test
    void whatWasFoundAndMeasuredIsCounted() {
        assertThat(logbook.findings(FIRST, LAST))
                .isNotEmpty()
                .allSatisfy(count -> assertThat(count.jobs()).isPositive())
                .anySatisfy(count -> assertThat(count.level()).isEqualTo("right"));
        assertThat(logbook.modes(FIRST, LAST)).isNotEmpty();
        Long position = rows.queryForObject(
                "SELECT MIN(j.position_id) FROM log_fact f JOIN job j ON j.id = f.job_id WHERE j.state = 'SIGNED' "
                        + "AND f.fact_key = 'END_PLAY' AND f.amount IS NOT NULL",
                Long.class);
        assertThat(logbook.measured(position, FactKey.END_PLAY))
                .isNotEmpty()
                .allSatisfy(one -> assertThat(one.amount()).isBetween(0.0, 0.5));
    }

    @Test
    void thePaceOfTheHandsIsReadOffTheTicks() {
        List<Logbook.StepLine> steps = logbook.steps(FIRST, LAST);
        assertThat(steps)
                .hasSizeGreaterThan(20)
                .allSatisfy(step -> assertThat(step.minutes()).isBetween(5.0, 8.0));
        assertThat(logbook.pace().factor()).isEqualTo(1);
        rows.update("UPDATE log_step SET planned = 4");
        double took = steps.stream().mapToDouble(Logbook.StepLine::minutes).sum();
        assertThat(logbook.pace().factor()).isCloseTo((took + 20) / (4.0 * steps.size() + 20), within(1e-9));
    }

    @Test
    void aJobThatIsOpenedAgainLeavesNoRun() {
        long job = signed();
        long position = positionOf(job);
        assertThat(logbook.runs(position)).isNotEmpty();
        List<Long> others = rows.queryForList(
                "SELECT id FROM job WHERE position_id = ? AND state = 'SIGNED' AND id <> ?", Long.class, position, job);
        others.forEach(other ->
                assertThat(jobs.reopen(other, "counted wrong", clock.instant())).isTrue());
        assertThat(jobs.reopen(job, "counted wrong", clock.instant())).isTrue();
        assertThat(logbook.runs(position)).isEmpty();
    }
}
