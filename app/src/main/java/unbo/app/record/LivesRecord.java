package unbo.app.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Like;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.logbook.RecordedLives;
import unbo.core.logbook.Run;
import unbo.core.service.Causes;
import unbo.core.survival.Lives;
import unbo.core.survival.Weibull;
import unbo.core.tools.deciding.StandingWords;

/** Lives of bearings, read from the runs of all positions. */
@Service
@Transactional(readOnly = true)
public class LivesRecord {

    /** More groups than these are told together. */
    private static final int MOST_GROUPS = 5;
    /** A person with fewer runs than these is not told apart. */
    private static final int FEWEST_OF_A_PERSON = 5;

    private static final double CONFIDENCE = 0.90;

    /** The counter of each vehicle as it was last read, on a job or with an event. */
    private static final String COUNTERS = "SELECT vehicle_id, MAX(c) c FROM ("
            + "SELECT vehicle_id, MAX(last_counter) c FROM vehicle_position WHERE last_counter IS NOT NULL "
            + "GROUP BY vehicle_id UNION ALL "
            + "SELECT vehicle_id, MAX(counter) c FROM vehicle_event WHERE counter IS NOT NULL GROUP BY vehicle_id"
            + ") known GROUP BY vehicle_id";

    private static final String RUNS = "SELECT r.from_job, r.place, r.number, r.fitted, r.ended, r.from_day, "
            + "r.from_counter, r.to_day, r.to_counter, r.seen_day, r.seen_counter, r.kind, r.grease, r.seals, "
            + "r.end_play, r.set_by, r.nth, r.position_id, p.code, v.id vehicle_id, v.name, v.kind vehicle_kind, "
            + "v.use_code, v.counter_unit, j.cause FROM bearing_run r "
            + "JOIN vehicle_position p ON p.id = r.position_id JOIN vehicle v ON v.id = p.vehicle_id "
            + "LEFT JOIN job j ON j.id = r.to_job";

    private final JdbcTemplate rows;
    private final Clock clock;

    LivesRecord(JdbcTemplate rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /**
     * What was asked, and what the record says to it.
     *
     * @param asked with its counter, where none was named that of the most runs
     * @param lives null where no run can be counted
     * @param causes of the jobs that ended those that failed, the most frequent first
     */
    record Told(RunsAsked asked, Lives lives, RecordedLives recorded, List<RunRow> runs, List<Count> causes) {}

    /** Something counted. */
    record Count(String what, long times) {}

    /** @param computed a life from load to hold them against, in the same counter; null for none */
    Told told(RunsAsked asked, Double computed) {
        List<RunRow> runs = runs(asked);
        RunsAsked in = asked.counter().isEmpty() ? asked.in(usual(runs)) : asked;
        List<RunRow> here =
                runs.stream().filter(run -> counts(run, in.counter())).toList();
        RecordedLives recorded = recorded(here, in);
        Lives lives = recorded.runs().isEmpty()
                ? null
                : Lives.of(new Lives.Input(recorded.runs(), in.counter(), CONFIDENCE, slope(in), computed));
        return new Told(in, lives, recorded, here, causes(here));
    }

    /**
     * Where a bearing stands among its like: of the same kind of place, in the counter of its vehicle.
     *
     * @param ran in that counter
     */
    public record Standing(String place, String number, long fromJob, double ran, Lives lives) {

        public Finding finding() {
            return StandingWords.finding(lives, ran);
        }

        public Drawing drawing() {
            return StandingWords.drawing(lives, ran);
        }
    }

    /** Where the bearings stand that run at a position; those whose age nobody knows left out. */
    public List<Standing> standing(long positionId) {
        return at(positionId).stream()
                .filter(run -> run.ended() == Run.Ended.RUNNING)
                .flatMap(run -> standing(run).stream())
                .toList();
    }

    /** Where one run stands; empty where nobody knows how far it went. */
    Optional<Standing> standing(RunRow run) {
        String counter = run.at().unit().equals("none") ? "days" : run.at().unit();
        RunsAsked asked = new RunsAsked(counter, "", run.counted().kind(), "", "", "");
        List<Lives.Run> own = recorded(List.of(run), asked).runs();
        Lives lives = own.isEmpty() ? null : told(asked, null).lives();
        return lives == null
                ? Optional.empty()
                : Optional.of(new Standing(
                        run.where(),
                        run.number(),
                        run.fromJob(),
                        own.get(0).observed().end(),
                        lives));
    }

    /**
     * A bearing that goes on a trip.
     *
     * @param lambda failures to be looked for on the way: what the hazard of its like grows by
     */
    record Going(RunRow run, double lambda) {}

    /** Bearings of some vehicles that count in km or miles, with what is to be looked for over a distance of theirs. */
    List<Going> going(List<Long> vehicles, double distance) {
        List<Going> going = new ArrayList<>();
        for (long vehicle : vehicles) {
            rows.query(
                            RUNS + " WHERE v.id = ? AND r.ended = 'running' AND v.counter_unit IN ('km', 'mi') "
                                    + "ORDER BY r.position_id, r.place",
                            (row, n) -> run(row),
                            vehicle)
                    .forEach(run -> standing(run).ifPresent(stands -> {
                        going.add(new Going(run, stands.lives().weibull().lookedFor(stands.ran(), distance)));
                    }));
        }
        return going;
    }

    /** The run that a job began at a place, or found there. */
    Optional<RunRow> begun(long positionId, long job, String place) {
        return at(positionId).stream()
                .filter(run -> run.fromJob() == job && run.place().equals(place))
                .findFirst();
    }

    /** Water and accident strike the new as the old. */
    private static double slope(RunsAsked asked) {
        return asked.counter().equals("immersions") || asked.use().equals("immersed")
                ? Weibull.ACCIDENT
                : Weibull.WEAR_OUT;
    }

    private RecordedLives recorded(List<RunRow> runs, RunsAsked in) {
        Function<RunRow, String> group = groups(runs, in.by());
        Clocks clocks = clocks(in);
        return RecordedLives.of(
                runs.stream()
                        .map(run -> new RecordedLives.Row(
                                group.apply(run),
                                run.fitted(),
                                run.ended(),
                                clocks.at(run.span().from(), run),
                                run.ended() == Run.Ended.RUNNING
                                        ? clocks.now(run)
                                        : clocks.at(run.span().to(), run),
                                run.span().seen() == null
                                        ? null
                                        : clocks.at(run.span().seen(), run)))
                        .toList(),
                in.fromNew());
    }

    private Clocks clocks(RunsAsked in) {
        Map<Long, Double> counters = new HashMap<>();
        if (in.fromNew()) {
            rows.query(COUNTERS, row -> {
                counters.put(row.getLong("vehicle_id"), row.getDouble("c"));
            });
        }
        return new Clocks(
                in,
                counters,
                in.counter().equals("immersions") ? immersions() : in.counter().equals("races") ? races() : Map.of(),
                LocalDate.now(clock));
    }

    /**
     * How far things have gone in a counter.
     *
     * @param counters of the vehicles as they were last read
     * @param days of what is counted, by vehicle, ascending
     */
    private record Clocks(RunsAsked in, Map<Long, Double> counters, Map<Long, long[]> days, LocalDate today) {

        /** At a point of a run; null where that was not read. */
        Double at(RunRow.Point point, RunRow run) {
            if (in.fromNew()) {
                return point.counter();
            }
            return in.counter().equals("days")
                    ? Double.valueOf(point.day().toEpochDay())
                    : upTo(days.get(run.at().vehicleId()), point.day());
        }

        /** As far as is known today. */
        Double now(RunRow run) {
            if (!in.fromNew()) {
                return at(new RunRow.Point(today, null), run);
            }
            Double now = counters.get(run.at().vehicleId());
            Double from = run.span().from().counter();
            return now == null || from == null ? now : Double.valueOf(Math.max(now, from));
        }
    }

    /** How often something was up to a day. */
    private static Double upTo(long[] days, LocalDate day) {
        if (days == null) {
            return 0.0;
        }
        return (double)
                Arrays.stream(days).takeWhile(then -> then <= day.toEpochDay()).count();
    }

    private Map<Long, long[]> immersions() {
        return days("SELECT vehicle_id, day, times FROM immersion UNION ALL "
                + "SELECT vehicle_id, day, times FROM vehicle_event WHERE kind = 'flood'");
    }

    private Map<Long, long[]> races() {
        return days("SELECT vehicle_id, day, times FROM vehicle_event WHERE kind = 'race'");
    }

    /** Days on which something was, by vehicle, ascending, each as often as it was. */
    private Map<Long, long[]> days(String query) {
        Map<Long, List<Long>> by = new HashMap<>();
        rows.query(query, row -> {
            List<Long> days = by.computeIfAbsent(row.getLong("vehicle_id"), id -> new ArrayList<>());
            for (int i = 0; i < row.getInt("times"); i++) {
                days.add(row.getDate("day").toLocalDate().toEpochDay());
            }
        });
        return by.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        e -> e.getValue().stream()
                                .mapToLong(Long::longValue)
                                .sorted()
                                .toArray()));
    }

    /** The largest groups by themselves; what is not known, and persons of few runs, together. */
    private static Function<RunRow, String> groups(List<RunRow> runs, String by) {
        if (by.isEmpty()) {
            return run -> "";
        }
        Map<String, Long> sizes =
                runs.stream().collect(Collectors.groupingBy(run -> run.group(by), Collectors.counting()));
        Set<String> apart = sizes.entrySet().stream()
                .filter(size ->
                        !size.getKey().isEmpty() && (!by.equals("person") || size.getValue() >= FEWEST_OF_A_PERSON))
                .sorted(Map.Entry.<String, Long>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .limit(MOST_GROUPS)
                .map(Map.Entry::getKey)
                .collect(Collectors.toCollection(HashSet::new));
        String others = by.equals("person") ? "fewer than five each" : "others";
        return run -> {
            String group = run.group(by);
            return group.isEmpty() ? "not known" : apart.contains(group) ? group : others;
        };
    }

    /** True where a run's vehicle counts so. */
    private static boolean counts(RunRow run, String counter) {
        return switch (counter) {
            case "km", "mi", "h" -> run.at().unit().equals(counter);
            case "immersions" -> run.at().use().equals("immersed");
            default -> true;
        };
    }

    /** The counter that most runs have. */
    private static String usual(List<RunRow> runs) {
        Map<String, Long> units = new TreeMap<>(runs.stream()
                .filter(run -> !run.at().unit().equals("none"))
                .collect(Collectors.groupingBy(run -> run.at().unit(), Collectors.counting())));
        return units.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .filter(most -> 2 * most.getValue() >= runs.size())
                .map(Map.Entry::getKey)
                .orElse("days");
    }

    private static List<Count> causes(List<RunRow> runs) {
        return runs.stream()
                .filter(run -> run.ended() == Run.Ended.FAILED || run.ended() == Run.Ended.FOUND)
                .collect(Collectors.groupingBy(run -> Causes.label(run.counted().cause()), Collectors.counting()))
                .entrySet()
                .stream()
                .map(e -> new Count(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingLong(Count::times).reversed().thenComparing(Count::what))
                .toList();
    }

    private List<RunRow> runs(RunsAsked asked) {
        StringBuilder where = new StringBuilder(" WHERE 1 = 1");
        List<Object> values = new ArrayList<>();
        and(where, values, "r.kind = ?", asked.kind());
        and(where, values, "v.kind = ?", asked.vehicle());
        and(where, values, "v.use_code = ?", asked.use());
        if (!asked.number().isEmpty()) {
            and(where, values, "r.number LIKE ? ESCAPE '!'", Like.starting(asked.number()));
        }
        return rows.query(RUNS + where + " ORDER BY r.from_day, r.id", (row, n) -> run(row), values.toArray());
    }

    private static void and(StringBuilder where, List<Object> values, String condition, String value) {
        if (!value.isEmpty()) {
            where.append(" AND ").append(condition);
            values.add(value);
        }
    }

    /** The runs of one position. */
    List<RunRow> at(long positionId) {
        return rows.query(
                RUNS + " WHERE r.position_id = ? ORDER BY r.from_day, r.id", (row, n) -> run(row), positionId);
    }

    private static RunRow run(ResultSet row) throws SQLException {
        return new RunRow(
                row.getLong("from_job"),
                row.getString("place"),
                row.getString("number"),
                row.getBoolean("fitted"),
                Run.Ended.valueOf(row.getString("ended").toUpperCase(Locale.ROOT)),
                new RunRow.Span(point(row, "from"), point(row, "to"), point(row, "seen")),
                new RunRow.At(
                        row.getLong("vehicle_id"),
                        row.getString("name"),
                        row.getLong("position_id"),
                        row.getString("code"),
                        row.getString("vehicle_kind"),
                        row.getString("use_code"),
                        row.getString("counter_unit")),
                new RunRow.Counted(
                        row.getString("kind"),
                        row.getString("grease"),
                        row.getString("seals"),
                        row.getObject("end_play", Double.class),
                        row.getString("set_by"),
                        row.getInt("nth"),
                        row.getString("cause") == null ? "" : row.getString("cause")));
    }

    private static RunRow.Point point(ResultSet row, String which) throws SQLException {
        java.sql.Date day = row.getDate(which + "_day");
        return day == null
                ? null
                : new RunRow.Point(day.toLocalDate(), row.getObject(which + "_counter", Double.class));
    }
}
