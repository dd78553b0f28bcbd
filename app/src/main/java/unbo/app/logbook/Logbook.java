package unbo.app.logbook;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.assembly.BearingPlaces;
import unbo.core.fact.FactKey;
import unbo.core.logbook.StepTimes;
import unbo.core.measure.Show;
import unbo.core.plan.HubWork;

/** What the logbook tells over signed jobs. */
@Service
@Transactional(readOnly = true)
public class Logbook {

    private static final String SIGNED = " j.state = 'SIGNED' AND j.worked_on BETWEEN ? AND ?";

    private final JdbcTemplate rows;

    /** How often a code was found at a level. */
    public record FindingCount(String code, String level, long jobs) {}

    /** A measured fact of a position, over time. @param uncertainty in the unit of the key */
    public record Measured(long job, LocalDate day, double amount, double uncertainty, String how) {}

    /** A step that was done. @param planned null where nobody says what it takes */
    public record StepLine(String stage, String step, Double planned, double minutes) {}

    /** How often a mode of damage was read off races. */
    public record ModeCount(String mode, long jobs) {}

    /** What parts of a kind came to. */
    public record PartSum(String kind, double pieces, double cost) {}

    /** A day and the counter then. @param counter null where it was not read */
    public record Read(LocalDate day, Double counter) {}

    /**
     * A run of a bearing.
     *
     * @param fromJob the job that fitted it, or found it there
     * @param begun where it is known from
     * @param fitted false where it was found there: it is at risk from that day only
     * @param ran where it came out; null while it runs
     */
    public record RunLine(
            long fromJob, String place, String number, Read begun, boolean fitted, Read ran, String ended) {

        public LocalDate from() {
            return begun.day();
        }

        public Double fromCounter() {
            return begun.counter();
        }

        public LocalDate to() {
            return ran == null ? null : ran.day();
        }

        public Double toCounter() {
            return ran == null ? null : ran.counter();
        }

        /** The place in words. */
        public String where() {
            String words = BearingPlaces.words(place);
            return words.isEmpty() ? place : words.replaceFirst("^the ", "");
        }

        /** A counter as printed; empty where it was not read. */
        public String counted(Double counter, String unit) {
            return counter == null || unit.equals("none") ? "" : Show.number(counter, 1) + " " + unit;
        }
    }

    Logbook(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** Findings by code and level in the jobs signed between two days, the most frequent first. */
    public List<FindingCount> findings(LocalDate from, LocalDate to) {
        return rows.query(
                "SELECT f.code, f.level, COUNT(DISTINCT f.job_id) jobs FROM log_finding f "
                        + "JOIN job j ON j.id = f.job_id WHERE" + SIGNED
                        + " GROUP BY f.code, f.level ORDER BY jobs DESC, f.code, f.level",
                (row, n) -> new FindingCount(row.getString("code"), row.getString("level"), row.getLong("jobs")),
                from,
                to);
    }

    /** A number measured at a position, oldest first. */
    public List<Measured> measured(long positionId, FactKey key) {
        return rows.query(
                "SELECT j.id, j.worked_on, f.amount, f.uncertainty, f.how FROM log_fact f "
                        + "JOIN job j ON j.id = f.job_id WHERE j.position_id = ? AND f.fact_key = ? "
                        + "AND f.amount IS NOT NULL AND j.state = 'SIGNED' AND j.worked_on IS NOT NULL "
                        + "ORDER BY j.worked_on, j.id, f.id",
                (row, n) -> new Measured(
                        row.getLong("id"),
                        row.getDate("worked_on").toLocalDate(),
                        row.getDouble("amount"),
                        row.getDouble("uncertainty"),
                        row.getString("how")),
                positionId,
                key.name());
    }

    /** Modes of damage between two days, the most frequent first. */
    public List<ModeCount> modes(LocalDate from, LocalDate to) {
        return rows.query(
                "SELECT m.mode, COUNT(DISTINCT m.job_id) jobs FROM log_mode m JOIN job j ON j.id = m.job_id WHERE"
                        + SIGNED + " GROUP BY m.mode ORDER BY jobs DESC, m.mode",
                (row, n) -> new ModeCount(row.getString("mode"), row.getLong("jobs")),
                from,
                to);
    }

    /** Parts by kind between two days. */
    public List<PartSum> parts(LocalDate from, LocalDate to) {
        return rows.query(
                "SELECT p.kind, SUM(IF(p.unit = 'pieces', p.amount, 0)) pieces, SUM(IFNULL(p.cost, 0)) cost "
                        + "FROM log_part p JOIN job j ON j.id = p.job_id WHERE" + SIGNED
                        + " GROUP BY p.kind ORDER BY cost DESC, p.kind",
                (row, n) -> new PartSum(row.getString("kind"), row.getDouble("pieces"), row.getDouble("cost")),
                from,
                to);
    }

    /** Steps of jobs signed between two days whose minutes are known, each as it was done. */
    public List<StepLine> steps(LocalDate from, LocalDate to) {
        return rows.query(
                "SELECT s.stage, s.step, s.planned, s.minutes FROM log_step s JOIN job j ON j.id = s.job_id WHERE"
                        + SIGNED + " AND s.minutes IS NOT NULL ORDER BY s.stage, s.step, s.minutes",
                (row, n) -> new StepLine(
                        row.getString("stage"),
                        row.getString("step"),
                        row.getObject("planned", Double.class),
                        row.getDouble("minutes")),
                from,
                to);
    }

    /** How this workshop's minutes stand to those of its plans, over all its signed jobs. */
    public StepTimes.Pace pace() {
        return StepTimes.pace(rows.query(
                "SELECT s.planned, s.minutes FROM log_step s JOIN job j ON j.id = s.job_id "
                        + "WHERE j.state = 'SIGNED' AND s.minutes IS NOT NULL AND s.planned > 0",
                (row, n) -> seen(row)));
    }

    /** The pace of each method of taking apart that was seen often enough, by its code. */
    public Map<String, Double> paces() {
        List<StepTimes.SeenOf> seen = new ArrayList<>();
        rows.query(
                "SELECT s.step, s.planned, s.minutes FROM log_step s JOIN job j ON j.id = s.job_id WHERE j.state = "
                        + "'SIGNED' AND s.stage = 'strip' AND s.minutes IS NOT NULL AND s.planned > 0 "
                        + "ORDER BY s.done_at, s.id",
                row -> {
                    Optional<String> method = HubWork.method(row.getString(1));
                    if (method.isPresent()) {
                        seen.add(new StepTimes.SeenOf(method.get(), seen(row)));
                    }
                });
        return StepTimes.paces(seen);
    }

    private static StepTimes.Seen seen(ResultSet row) throws SQLException {
        return new StepTimes.Seen(row.getDouble("minutes"), row.getDouble("planned"));
    }

    /** The runs of a position's bearings, those that run first, then the newest. */
    public List<RunLine> runs(long positionId) {
        return rows.query(
                "SELECT from_job, place, number, from_day, from_counter, fitted, to_day, to_counter, ended FROM "
                        + "bearing_run "
                        + "WHERE position_id = ? ORDER BY to_day IS NOT NULL, to_day DESC, place DESC, id DESC",
                (row, n) -> new RunLine(
                        row.getLong("from_job"),
                        row.getString("place"),
                        row.getString("number"),
                        new Read(row.getDate("from_day").toLocalDate(), row.getObject("from_counter", Double.class)),
                        row.getBoolean("fitted"),
                        row.getDate("to_day") == null
                                ? null
                                : new Read(
                                        row.getDate("to_day").toLocalDate(), row.getObject("to_counter", Double.class)),
                        row.getString("ended")),
                positionId);
    }
}
