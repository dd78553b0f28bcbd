package unbo.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Files that were taken in, by the sum of what they hold: the same one again is recognised. */
@Component
@Transactional
class TakenFiles {

    private final JdbcTemplate rows;

    TakenFiles(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** When it was taken in, and how many jobs came of it. */
    public record Before(LocalDate day, int jobs) {}

    /** When the very same was taken in; empty where it never was. */
    @Transactional(readOnly = true)
    public Optional<Before> before(InputStream file) throws IOException {
        return rows
                .query(
                        "select at, jobs from taken_file where sha256 = ?",
                        (r, n) -> new Before(r.getObject(1, LocalDateTime.class).toLocalDate(), r.getInt(2)),
                        sum(file))
                .stream()
                .findFirst();
    }

    /** @param vehicles that came with it, none of them here before */
    public void taken(InputStream file, int jobs, List<Long> vehicles, Instant at) throws IOException {
        String sum = sum(file);
        rows.update(
                "replace into taken_file (sha256, at, jobs) values (?, ?, ?)",
                sum,
                LocalDateTime.ofInstant(at, ZoneOffset.UTC),
                jobs);
        rows.batchUpdate(
                "insert into taken_vehicle (vehicle_id, sha256) values (?, ?)",
                vehicles.stream().map(id -> new Object[] {id, sum}).toList());
    }

    /** A file that was taken in lately. @param here vehicles that came with it and are here still */
    public record Lately(String sum, LocalDate day, int jobs, int here) {}

    /** Files that were taken in since a moment, the newest first. */
    @Transactional(readOnly = true)
    public List<Lately> since(Instant moment) {
        return rows.query(
                "select f.sha256, f.at, f.jobs, count(v.id) from taken_file f join taken_vehicle t on t.sha256 = "
                        + "f.sha256 left join vehicle v on v.id = t.vehicle_id and v.listed where f.at > ? "
                        + "group by f.sha256, f.at, f.jobs order by f.at desc",
                (r, n) -> new Lately(
                        r.getString(1), r.getObject(2, LocalDateTime.class).toLocalDate(), r.getInt(3), r.getInt(4)),
                LocalDateTime.ofInstant(moment, ZoneOffset.UTC));
    }

    /** Vehicles that came with a file and are here still. */
    @Transactional(readOnly = true)
    public List<Long> vehicles(String sum) {
        return rows.queryForList(
                "select v.id from taken_vehicle t join vehicle v on v.id = t.vehicle_id "
                        + "where t.sha256 = ? and v.listed",
                Long.class,
                sum);
    }

    private static String sum(InputStream file) throws IOException {
        try (DigestInputStream in = new DigestInputStream(file, MessageDigest.getInstance("SHA-256"))) {
            in.transferTo(OutputStream.nullOutputStream());
            return HexFormat.of().formatHex(in.getMessageDigest().digest());
        } catch (NoSuchAlgorithmException none) {
            throw new IllegalStateException(none);
        }
    }
}
