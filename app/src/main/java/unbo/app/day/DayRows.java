package unbo.app.day;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

import unbo.core.plan.Oven;

/** The day as it stands in the database. */
@Component
class DayRows {

    private final JdbcTemplate rows;

    DayRows(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** What is told of a job. */
    record OfJob(LocalDateTime promised, LocalDateTime parts) {

        static final OfJob NOTHING = new OfJob(null, null);
    }

    /** A task of one's own, as it was typed. */
    record OwnTask(long id, String line) {}

    /**
     * The plan as it was last made; minutes from the midnight that its day begins with.
     *
     * @param began from when on it plans
     * @param bound no plan ends sooner
     */
    record Made(Instant made, int began, int late, int bound, boolean proven, boolean fits) {}

    /** Moments stand in the database as all others do, in UTC. */
    private static LocalDateTime utc(Instant moment) {
        return LocalDateTime.ofInstant(moment, ZoneOffset.UTC);
    }

    Optional<DaySetup> setup() {
        return rows
                .query(
                        "select begins, ends, resources, oven_litres, oven_warms, oven_fan, people from day_setup "
                                + "where id = 1",
                        (r, n) -> new DaySetup(
                                LocalTime.parse(r.getString(1)),
                                LocalTime.parse(r.getString(2)),
                                counts(r),
                                new Oven(r.getDouble(4), r.getDouble(5), r.getBoolean(6)),
                                people(r.getString(7))))
                .stream()
                .findFirst();
    }

    private static Map<String, Integer> counts(ResultSet r) throws SQLException {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (String line : r.getString(3).split("\n")) {
            int cut = line.lastIndexOf(';');
            counts.put(
                    line.substring(0, cut).strip(),
                    Integer.valueOf(line.substring(cut + 1).strip()));
        }
        return counts;
    }

    private static List<DaySetup.Person> people(String text) {
        return text.lines()
                .map(line -> line.split("; "))
                .map(cells -> new DaySetup.Person(cells[0], LocalTime.parse(cells[1]), LocalTime.parse(cells[2])))
                .toList();
    }

    void keep(DaySetup setup) {
        rows.update(
                "replace into day_setup (id, begins, ends, resources, oven_litres, oven_warms, oven_fan, people) "
                        + "values (1, ?, ?, ?, ?, ?, ?, ?)",
                setup.begins().toString(),
                setup.ends().toString(),
                setup.text(),
                setup.oven().litres(),
                setup.oven().warmsMin(),
                setup.oven().fan(),
                setup.peopleText());
    }

    Map<Long, OfJob> jobs() {
        Map<Long, OfJob> all = new LinkedHashMap<>();
        rows.query("select job_id, promised, parts from day_job", r -> {
            all.put(r.getLong(1), new OfJob(r.getObject(2, LocalDateTime.class), r.getObject(3, LocalDateTime.class)));
        });
        return all;
    }

    void keep(long job, OfJob told) {
        rows.update(
                "insert into day_job (job_id, promised, parts) values (?, ?, ?) on duplicate key update "
                        + "promised = values(promised), parts = values(parts)",
                job,
                told.promised(),
                told.parts());
    }

    List<OwnTask> tasks(LocalDate day) {
        return rows.query(
                "select id, line from day_task where day = ? order by id",
                (r, n) -> new OwnTask(r.getLong(1), r.getString(2)),
                day);
    }

    void add(LocalDate day, String line) {
        rows.update("insert into day_task (day, line) values (?, ?)", day, line);
    }

    void drop(LocalDate day, long id) {
        rows.update("delete from day_task where id = ? and day = ?", id, day);
    }

    Map<String, Integer> pins(LocalDate day) {
        Map<String, Integer> pins = new LinkedHashMap<>();
        rows.query(
                "select code, at from day_pin where day = ?",
                r -> {
                    pins.put(r.getString(1), r.getInt(2));
                },
                day);
        return pins;
    }

    void pin(LocalDate day, String code, Integer at) {
        rows.update("delete from day_pin where day = ? and code = ?", day, code);
        if (at != null) {
            rows.update("insert into day_pin (day, code, at) values (?, ?, ?)", day, code, at);
        }
    }

    Optional<Made> made(LocalDate day) {
        return rows
                .query(
                        "select made, began, late, bound, proven, fits from day_plan where day = ?",
                        (r, n) -> new Made(
                                r.getObject(1, LocalDateTime.class).toInstant(ZoneOffset.UTC),
                                r.getInt(2),
                                r.getInt(3),
                                r.getInt(4),
                                r.getBoolean(5),
                                r.getBoolean(6)),
                        day)
                .stream()
                .findFirst();
    }

    /** True where a job was opened, closed or worked on since. */
    boolean workedOnSince(Instant moment) {
        LocalDateTime then = utc(moment);
        Boolean any = rows.queryForObject(
                "select exists (select 1 from stage where saved_at > ?) or exists (select 1 from job "
                        + "where opened_at > ? or closed_at > ?)",
                Boolean.class,
                then,
                then,
                then);
        return Boolean.TRUE.equals(any);
    }

    List<PlannedStep> steps(LocalDate day) {
        return rows.query(
                "select code, begins, minutes, uses, waits, promised, chance, job_id, moved from day_step "
                        + "where day = ? order by begins, line",
                (r, n) -> new PlannedStep(
                        day,
                        r.getString(1),
                        new PlannedStep.Span(r.getInt(2), r.getInt(3)),
                        r.getString(4).isEmpty()
                                ? List.of()
                                : Arrays.asList(r.getString(4).split(", ")),
                        r.getBoolean(5),
                        r.getObject(6, Integer.class) == null
                                ? null
                                : new PlannedStep.Promise(r.getInt(6), r.getObject(7, Double.class)),
                        r.getObject(8, Long.class),
                        r.getBoolean(9)),
                day);
    }

    void keep(LocalDate day, Made made, List<PlannedStep> steps) {
        rows.update("delete from day_plan where day = ?", day);
        rows.update(
                "insert into day_plan (day, made, began, late, bound, proven, fits) values (?, ?, ?, ?, ?, ?, ?)",
                day,
                utc(made.made()),
                made.began(),
                made.late(),
                made.bound(),
                made.proven(),
                made.fits());
        int line = 0;
        for (PlannedStep step : steps) {
            rows.update(
                    "insert into day_step (day, line, code, begins, minutes, uses, waits, promised, chance, job_id, "
                            + "moved) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    day,
                    line++,
                    step.code(),
                    step.span().begins(),
                    step.span().minutes(),
                    step.uses().stream().distinct().collect(Collectors.joining(", ")),
                    step.waits(),
                    step.promise() == null ? null : step.promise().by(),
                    step.promise() == null ? null : step.promise().chance(),
                    step.job(),
                    step.moved());
        }
    }
}
