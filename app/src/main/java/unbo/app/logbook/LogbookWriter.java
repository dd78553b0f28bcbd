package unbo.app.logbook;

import java.sql.Date;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import org.springframework.jdbc.core.JdbcOperations;

import unbo.app.job.FactKeys;
import unbo.core.assembly.KindPlace;
import unbo.core.bearing.Bearing;
import unbo.core.designation.Decoder;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.logbook.Run;
import unbo.core.logbook.Runs;
import unbo.core.logbook.SignedJob;
import unbo.core.logbook.StepTimes;
import unbo.core.parts.PartLine;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Sheet;
import unbo.core.tools.parts.PartsList;

/**
 * Writes the logbook's rows from the documents of jobs: of a stage, of a parts list, of a position. Works on a bare
 * connection, so that a migration can fill the rows by the very same rules.
 */
final class LogbookWriter {

    private static final int LONGEST_WORDS = 255;
    private static final int LONGEST_CODE = 60;
    private static final int LONGEST_KEY = 60;
    private static final int LONGEST_PART = 120;
    private static final int LONGEST_KIND = 30;
    private static final int LONGEST_SHORT = 20;
    private static final int LONGEST_INITIALS = 10;
    /** The box of a step's tick, and what stands in it where the minute is known. */
    private static final String TICK = "tick-";

    private static final String STAMP = "\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d";
    /** Cause of a job that a seal brought in: its bearing counts as failed with it. */
    private static final String SEAL = "seal";

    private static final ObjectMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL)
            .addModule(FactKeys.module())
            .build();
    private static final TypeReference<List<Fact>> FACTS = new TypeReference<>() {};
    /** Stages that say that a bearing came out or went in. */
    private static final String RENEWING = "'strip', 'fit'";

    private final JdbcOperations rows;

    LogbookWriter(JdbcOperations rows) {
        this.rows = rows;
    }

    private static JsonNode read(String document) {
        try {
            return document == null ? JSON.createObjectNode() : JSON.readTree(document);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a document of a job cannot be read", e);
        }
    }

    /** The rows of one stage, in the place of those that are there. */
    void stage(long job, String stage, String document) {
        rows.update("DELETE FROM log_finding WHERE job_id = ? AND stage = ?", job, stage);
        rows.update("DELETE FROM log_fact WHERE job_id = ? AND stage = ?", job, stage);
        List<Object[]> findings = new ArrayList<>();
        List<Object[]> facts = new ArrayList<>();
        Set<String> modes = new HashSet<>();
        for (JsonNode entry : entries(read(document))) {
            for (JsonNode finding : entry.path("answer").path("findings")) {
                findings.add(
                        new Object[] {job, stage, cut(finding.path("code").asText(""), LONGEST_CODE), level(finding)});
            }
            for (JsonNode fact : entry.path("facts")) {
                facts.add(fact(job, stage, fact));
                if (FactKey.named(fact.path("key").asText(""))
                        .filter(key -> key.is(PlaceProperty.DAMAGE))
                        .isPresent()) {
                    modes.addAll(List.of(fact.path("text").asText("").split("\\s*,\\s*")));
                }
            }
        }
        rows.batchUpdate("INSERT INTO log_finding (job_id, stage, code, level) VALUES (?, ?, ?, ?)", findings);
        rows.batchUpdate(
                "INSERT INTO log_fact (job_id, stage, fact_key, amount, uncertainty, words, how) "
                        + "VALUES (?, ?, ?, ?, ?, ?, ?)",
                facts);
        if (stage.equals("inspect")) {
            rows.update("DELETE FROM log_mode WHERE job_id = ?", job);
            modes.remove("");
            rows.batchUpdate(
                    "INSERT INTO log_mode (job_id, mode) VALUES (?, ?)",
                    modes.stream().map(mode -> new Object[] {job, mode}).toList());
        }
    }

    /** The times of the steps of one stage, in the place of those that are there. */
    void steps(long job, String stage, String document) {
        rows.update("DELETE FROM log_step WHERE job_id = ? AND stage = ?", job, stage);
        List<Object[]> steps = new ArrayList<>();
        for (JsonNode entry : entries(read(document))) {
            for (StepTimes.Took took : StepTimes.of(ticked(entry))) {
                steps.add(new Object[] {
                    job,
                    stage,
                    cut(took.step().code(), LONGEST_CODE),
                    Timestamp.valueOf(took.step().at()),
                    took.step().planned(),
                    took.minutes()
                });
            }
        }
        rows.batchUpdate(
                "INSERT INTO log_step (job_id, stage, step, done_at, planned, minutes) VALUES (?, ?, ?, ?, ?, ?)",
                steps);
    }

    /** Steps of an entry that were ticked and whose minute is known. */
    private static List<StepTimes.Ticked> ticked(JsonNode entry) {
        List<StepTimes.Ticked> ticked = new ArrayList<>();
        for (JsonNode step : entry.path("answer").path("steps")) {
            String code = step.path("code").asText("");
            String stamp = entry.path("typed").path("texts").path(TICK + code).asText("");
            if (stamp.matches(STAMP)) {
                ticked.add(new StepTimes.Ticked(
                        code,
                        step.path("minutes").isNumber() ? step.path("minutes").asDouble() : null,
                        LocalDateTime.parse(stamp)));
            }
        }
        return ticked;
    }

    /** The entries of a document; one of the first version is its own only entry. */
    private static List<JsonNode> entries(JsonNode document) {
        List<JsonNode> entries = new ArrayList<>();
        if (document.path("entries").isArray()) {
            document.path("entries").forEach(entries::add);
        } else {
            entries.add(document);
        }
        return entries;
    }

    private static String level(JsonNode finding) {
        try {
            return Level.valueOf(finding.path("level").asText("OPEN")).code();
        } catch (IllegalArgumentException other) {
            return Level.OPEN.code();
        }
    }

    private static Object[] fact(long job, String stage, JsonNode fact) {
        return new Object[] {
            job,
            stage,
            cut(key(fact), LONGEST_KEY),
            fact.hasNonNull("value") ? fact.get("value").asDouble() : null,
            fact.path("uncertainty").asDouble(0),
            cut(fact.path("text").asText(""), LONGEST_WORDS),
            cut(fact.path("how").asText(""), 12)
        };
    }

    /** The name of a fact's key, as it is written now. */
    private static String key(JsonNode fact) {
        String name = fact.path("key").asText("");
        return FactKey.named(name).map(FactKey::name).orElse(name);
    }

    private static String cut(String text, int longest) {
        return text.length() <= longest ? text : text.substring(0, longest);
    }

    /** The rows of a job's parts list, in the place of those that are there. */
    void parts(long job, String texts, UnitSystem units) {
        rows.update("DELETE FROM log_part WHERE job_id = ?", job);
        Map<String, String> typed = new HashMap<>();
        read(texts).properties().forEach(e -> typed.put(e.getKey(), e.getValue().asText("")));
        List<Object[]> lines = new ArrayList<>();
        for (Reading<PartLine> reading : PartsList.Typed.of(typed, units).read().values()) {
            reading.get().ifPresent(line -> lines.add(part(job, line, typed)));
        }
        rows.batchUpdate(
                "INSERT INTO log_part (job_id, kind, what, place, amount, unit, cost, supplier) "
                        + "VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                lines);
    }

    private static Object[] part(long job, PartLine line, Map<String, String> typed) {
        PartLine.From from = line.supplier();
        return new Object[] {
            job,
            line.kind(),
            cut(line.what(), LONGEST_PART),
            cut(line.place(), LONGEST_PART),
            line.count(),
            line.unit(),
            line.cost(),
            from == null ? "" : cut(typed.getOrDefault("supplier" + from.name(), ""), LONGEST_CODE)
        };
    }

    /** What a job tells of the bearings that it leaves in. */
    private record Left(SignedJob job, Sheet sheet, String signedBy) {}

    /** The runs of a position's bearings, read off its signed jobs anew. */
    void runs(long position) {
        Set<Long> renewing = new HashSet<>(rows.queryForList(
                "SELECT DISTINCT s.job_id FROM stage s JOIN job j ON j.id = s.job_id WHERE j.position_id = ? "
                        + "AND s.state = 'DONE' AND s.code IN (" + RENEWING + ")",
                Long.class,
                position));
        Map<Long, Left> jobs = new LinkedHashMap<>();
        rows.query(
                "SELECT id, worked_on, counter, cause, sheet, signed_by FROM job "
                        + "WHERE position_id = ? AND state = 'SIGNED' AND worked_on IS NOT NULL AND sheet IS NOT NULL",
                row -> {
                    long id = row.getLong("id");
                    Sheet sheet = sheet(row.getString("sheet"));
                    Map<String, String> there = numbers(sheet);
                    String cause = row.getString("cause");
                    SignedJob job = new SignedJob(
                            id,
                            row.getDate("worked_on").toLocalDate(),
                            row.getObject("counter", Double.class),
                            there,
                            renewing.contains(id) ? there.keySet() : Set.of(),
                            cause.endsWith("-bearing") || cause.equals(SEAL),
                            damage(sheet));
                    jobs.put(id, new Left(job, sheet, row.getString("signed_by")));
                },
                position);
        rows.update("DELETE FROM bearing_run WHERE position_id = ?", position);
        Map<String, Integer> nth = new HashMap<>();
        rows.batchUpdate(
                "INSERT INTO bearing_run (position_id, place, number, from_job, from_day, from_counter, fitted, "
                        + "to_job, to_day, to_counter, ended, seen_day, seen_counter, kind, grease, seals, end_play, "
                        + "set_by, nth) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                Runs.of(jobs.values().stream().map(Left::job).toList()).stream()
                        .map(run ->
                                row(position, run, jobs.get(run.from().job()), nth.merge(run.place(), 1, Integer::sum)))
                        .toList());
    }

    /** What was read off the races of each place. */
    private static Map<String, Set<String>> damage(Sheet sheet) {
        Map<String, Set<String>> damage = new HashMap<>();
        for (KindPlace place : sheet.places()) {
            String read = sheet.text(PlaceProperty.DAMAGE.at(place.code()));
            if (!read.isBlank()) {
                damage.put(place.code(), Set.of(read.strip().split("\\s*,\\s*")));
            }
        }
        return damage;
    }

    private static Sheet sheet(String facts) {
        try {
            return Sheet.of(JSON.readValue(facts, FACTS).stream()
                    .filter(fact -> fact.key() != null && fact.how() != null)
                    .toList());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("the sheet of a job cannot be read", e);
        }
    }

    /** Numbers that are in it when the job is signed, by place: what was fitted, else what was found. */
    private static Map<String, String> numbers(Sheet sheet) {
        Map<String, String> numbers = new LinkedHashMap<>();
        for (KindPlace place : sheet.places()) {
            String fitted = sheet.text(PlaceProperty.FITTED.at(place.code()));
            String number = fitted.isEmpty() ? sheet.text(PlaceProperty.CONE.at(place.code())) : fitted;
            if (!number.isBlank()) {
                numbers.put(place.code(), cut(number, LONGEST_CODE));
            }
        }
        return numbers;
    }

    private static Object[] row(long position, Run run, Left began, int nth) {
        Run.Point to = run.to();
        Run.Point seen = run.seen();
        Sheet sheet = began.sheet();
        return new Object[] {
            position,
            run.place(),
            run.number(),
            run.from().job(),
            day(run.from().day()),
            run.from().counter(),
            run.fitted(),
            to == null ? null : to.job(),
            to == null ? null : day(to.day()),
            to == null ? null : to.counter(),
            run.ended().code(),
            seen == null ? null : day(seen.day()),
            seen == null ? null : seen.counter(),
            cut(sheet.text(FactKey.ASSEMBLY), LONGEST_KIND),
            cut(sheet.text(FactKey.GREASE_KIND), LONGEST_SHORT),
            seals(run.number()),
            sheet.has(FactKey.SET_END_PLAY) ? sheet.number(FactKey.SET_END_PLAY) : null,
            cut(began.signedBy(), LONGEST_INITIALS),
            nth
        };
    }

    /** How a bearing is sealed, by its number; empty where the number does not tell. */
    private static String seals(String number) {
        Bearing found = Decoder.SHIPPED.find(number);
        return found.recognised() ? cut(found.suffixes().sealing(), LONGEST_SHORT) : "";
    }

    private static Date day(LocalDate day) {
        return Date.valueOf(day);
    }
}
