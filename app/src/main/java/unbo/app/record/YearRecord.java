package unbo.app.record;

import java.time.LocalDate;
import java.time.Year;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.logbook.Logbook;
import unbo.core.damage.Mode;
import unbo.core.drawing.ValueTable;
import unbo.core.measure.Show;
import unbo.core.service.Causes;

/** A year counted: what the jobs were, what was read and found, what could have been avoided, what it took. */
@Service
@Transactional(readOnly = true)
public class YearRecord {

    private static final String SIGNED = " j.state = 'SIGNED' AND j.worked_on BETWEEN ? AND ? ";
    private static final int MOST_FINDINGS = 40;
    /** Persons with fewer jobs are told together. */
    private static final int FEWEST_OF_A_PERSON = 5;

    /** What the workshop itself could have done otherwise, by what a mode of damage tells to look at. */
    private static final Map<String, String> AVOIDABLE = Map.of(
            "setting", "setting",
            "method", "fitting",
            "seat", "fitting",
            "seal", "sealing",
            "grease", "greasing");

    private final JdbcTemplate rows;
    private final Logbook logbook;

    YearRecord(JdbcTemplate rows, Logbook logbook) {
        this.rows = rows;
        this.logbook = logbook;
    }

    /** @param jobs signed in the year @param tables what is counted, each by itself */
    record Counted(int year, long jobs, List<ValueTable> tables) {

        Optional<ValueTable> table(String name) {
            return tables.stream().filter(table -> table.name().equals(name)).findFirst();
        }
    }

    /** Years in which a job was signed, the newest first. */
    List<Integer> years() {
        return rows.queryForList(
                "SELECT DISTINCT YEAR(worked_on) y FROM job WHERE state = 'SIGNED' AND worked_on IS NOT NULL "
                        + "ORDER BY y DESC",
                Integer.class);
    }

    Counted of(int year) {
        LocalDate from = Year.of(year).atDay(1);
        LocalDate to = from.plusYears(1).minusDays(1);
        Long jobs = rows.queryForObject("SELECT COUNT(*) FROM job j WHERE" + SIGNED, Long.class, from, to);
        List<ValueTable> tables = new ArrayList<>(List.of(
                causes(from, to),
                modes(from, to),
                avoidable(from, to),
                findings(from, to),
                persons(from, to),
                rules(from, to),
                steps(from, to),
                parts(from, to),
                money(from, to),
                used(from, to)));
        return new Counted(
                year,
                jobs == null ? 0 : jobs,
                tables.stream().filter(table -> !table.rows().isEmpty()).toList());
    }

    private static ValueTable table(String name, String title, List<String> heads, List<List<String>> lines) {
        return new ValueTable(name, title, heads, lines);
    }

    private ValueTable causes(LocalDate from, LocalDate to) {
        return table(
                "causes",
                "What the jobs turned out to be",
                List.of("cause", "jobs"),
                rows.query(
                        "SELECT j.cause, COUNT(*) n FROM job j WHERE" + SIGNED
                                + "GROUP BY j.cause ORDER BY n DESC, j.cause",
                        (row, i) -> List.of(Causes.label(row.getString("cause")), row.getString("n")),
                        from,
                        to));
    }

    private ValueTable modes(LocalDate from, LocalDate to) {
        return table(
                "damage",
                "Read off races",
                List.of("mode", "jobs"),
                logbook.modes(from, to).stream()
                        .map(count -> List.of(
                                Mode.find(count.mode()).map(Mode::name).orElse(count.mode()),
                                String.valueOf(count.jobs())))
                        .toList());
    }

    private ValueTable avoidable(LocalDate from, LocalDate to) {
        Map<String, Long> by = new LinkedHashMap<>();
        logbook.modes(from, to)
                .forEach(count -> Mode.find(count.mode())
                        .map(mode -> AVOIDABLE.get(mode.sets()))
                        .ifPresent(what -> by.merge(what, count.jobs(), Long::sum)));
        return table(
                "avoidable",
                "Could have been avoided by",
                List.of("what", "jobs"),
                by.entrySet().stream()
                        .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
                        .map(e -> List.of(e.getKey(), String.valueOf(e.getValue())))
                        .toList());
    }

    private ValueTable findings(LocalDate from, LocalDate to) {
        return table(
                "findings",
                "Found, by code",
                List.of("finding", "level", "jobs"),
                logbook.findings(from, to).stream()
                        .filter(count -> !count.level().equals("right"))
                        .limit(MOST_FINDINGS)
                        .map(count ->
                                List.of(count.code().replace('-', ' '), count.level(), String.valueOf(count.jobs())))
                        .toList());
    }

    private ValueTable persons(LocalDate from, LocalDate to) {
        record One(String who, long jobs, long hurt) {}
        List<One> all = rows.query(
                "SELECT j.signed_by, COUNT(*) n, SUM(j.cause LIKE '%-bearing') hurt FROM job j WHERE" + SIGNED
                        + "GROUP BY j.signed_by ORDER BY j.signed_by",
                (row, i) -> new One(row.getString("signed_by"), row.getLong("n"), row.getLong("hurt")),
                from,
                to);
        Map<String, List<One>> by = all.stream()
                .collect(Collectors.groupingBy(
                        one -> one.jobs() < FEWEST_OF_A_PERSON ? "others, fewer than five each" : one.who(),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return table(
                "persons",
                "Signed by, in the order of their initials",
                List.of("initials", "jobs", "of these a bearing failed"),
                by.entrySet().stream()
                        .sorted(Comparator.comparing(Map.Entry::getKey))
                        .map(e -> List.of(
                                e.getKey(),
                                String.valueOf(e.getValue().stream()
                                        .mapToLong(One::jobs)
                                        .sum()),
                                String.valueOf(e.getValue().stream()
                                        .mapToLong(One::hurt)
                                        .sum())))
                        .toList());
    }

    private ValueTable rules(LocalDate from, LocalDate to) {
        return table(
                "rules",
                "Set by, with what was measured afterwards",
                List.of("rule", "jobs", "end play measured, mean mm"),
                rows.query(
                        "SELECT f.words, COUNT(DISTINCT j.id) n, AVG(e.amount) play FROM log_fact f "
                                + "JOIN job j ON j.id = f.job_id LEFT JOIN log_fact e ON e.job_id = j.id "
                                + "AND e.fact_key = 'END_PLAY' WHERE f.fact_key = 'SCHOOL' AND f.words <> '' AND"
                                + SIGNED + "GROUP BY f.words ORDER BY n DESC, f.words",
                        (row, i) -> List.of(
                                "school " + row.getString("words"),
                                row.getString("n"),
                                row.getObject("play") == null ? "" : Show.fixed(row.getDouble("play"), 3)),
                        from,
                        to));
    }

    private ValueTable steps(LocalDate from, LocalDate to) {
        record Of(String stage, String step) {}
        Map<Of, List<Logbook.StepLine>> by = logbook.steps(from, to).stream()
                .collect(Collectors.groupingBy(
                        line -> new Of(line.stage(), line.step()), LinkedHashMap::new, Collectors.toList()));
        return table(
                "steps",
                "What steps took, where their minutes are known",
                List.of("station", "step", "times", "planned, min", "middle, min"),
                by.entrySet().stream()
                        .map(e -> List.of(
                                e.getKey().stage(),
                                e.getKey().step().replace('-', ' '),
                                String.valueOf(e.getValue().size()),
                                planned(e.getValue()),
                                Show.number(
                                        e.getValue()
                                                .get(e.getValue().size() / 2)
                                                .minutes(),
                                        0)))
                        .toList());
    }

    private static String planned(List<Logbook.StepLine> lines) {
        return lines.stream()
                .map(Logbook.StepLine::planned)
                .filter(Objects::nonNull)
                .findFirst()
                .map(minutes -> Show.number(minutes, 0))
                .orElse("");
    }

    private ValueTable parts(LocalDate from, LocalDate to) {
        return table(
                "parts",
                "Parts",
                List.of("kind", "pieces", "cost"),
                logbook.parts(from, to).stream()
                        .map(sum -> List.of(sum.kind(), Show.number(sum.pieces(), 0), Show.fixed(sum.cost(), 2)))
                        .toList());
    }

    private ValueTable money(LocalDate from, LocalDate to) {
        return table(
                "vehicles",
                "Jobs and parts by vehicle",
                List.of("vehicle", "jobs", "parts, cost"),
                rows.query(
                        "SELECT v.name, COUNT(DISTINCT j.id) n, IFNULL(SUM(p.cost), 0) cost FROM job j "
                                + "JOIN vehicle_position at ON at.id = j.position_id JOIN vehicle v ON v.id = "
                                + "at.vehicle_id "
                                + "LEFT JOIN log_part p ON p.job_id = j.id WHERE" + SIGNED
                                + "GROUP BY v.id, v.name ORDER BY cost DESC, n DESC, v.name LIMIT 100",
                        (row, i) -> List.of(
                                row.getString("name"), row.getString("n"), Show.fixed(row.getDouble("cost"), 2)),
                        from,
                        to));
    }

    private ValueTable used(LocalDate from, LocalDate to) {
        return table(
                "used",
                "Taken off the shelf",
                List.of("what", "kind", "amount", "unit"),
                rows.query(
                        "SELECT i.name, i.kind, i.unit, -SUM(m.change_by) amount FROM stock_move m "
                                + "JOIN stock_item i ON i.id = m.item_id WHERE m.change_by < 0 "
                                + "AND m.moved_at >= ? AND m.moved_at < ? GROUP BY i.id, i.name, i.kind, i.unit "
                                + "ORDER BY i.kind, amount DESC",
                        (row, i) -> List.of(
                                row.getString("name"),
                                row.getString("kind"),
                                Show.number(row.getDouble("amount"), 1),
                                row.getString("unit")),
                        from,
                        to.plusDays(1)));
    }
}
