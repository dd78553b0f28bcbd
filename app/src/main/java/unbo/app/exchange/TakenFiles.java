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

    public void taken(InputStream file, int jobs, Instant at) throws IOException {
        rows.update(
                "replace into taken_file (sha256, at, jobs) values (?, ?, ?)",
                sum(file),
                LocalDateTime.ofInstant(at, ZoneOffset.UTC),
                jobs);
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
