package unbo.app.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import javax.sql.DataSource;

import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.Served;

/** What has landed is never edited, and a database of a newer release is not touched. */
@Served
class MigrationsTest {

    private static final Path FOLDER = Path.of("src", "main", "resources", "db", "migration");
    private static final Path SUMS = Path.of("src", "test", "resources", "db", "migrations.sha256");

    @Autowired
    private DataSource source;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private PlatformTransactionManager transactions;

    private static String sum(Path file) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(file)));
        } catch (IOException | java.security.GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A new migration adds its line to the file; a line that is there stays as it is. */
    @Test
    void noMigrationIsEditedAfterItLanded() throws Exception {
        Map<String, String> held = new TreeMap<>();
        Files.readAllLines(SUMS).forEach(line -> held.put(line.split(" +")[1], line.split(" +")[0]));
        Map<String, String> there = new TreeMap<>();
        try (Stream<Path> files = Files.list(FOLDER)) {
            files.forEach(file -> there.put(file.getFileName().toString(), sum(file)));
        }
        assertThat(there).isEqualTo(held);
    }

    @Test
    void aDatabaseOfANewerReleaseIsRefusedAndLeftAsItIs() {
        jdbc.update("create schema unbo_newer");
        try {
            Flyway newer = Flyway.configure()
                    .dataSource(source)
                    .schemas("unbo_newer")
                    .locations("classpath:db/migration")
                    .load();
            newer.migrate();
            change("insert into unbo_newer.flyway_schema_history (installed_rank, version, "
                    + "description, type, script, checksum, installed_by, execution_time, success) "
                    + "values (99, '99', 'of later', 'SQL', 'V99__of_later.sql', 1, 'unbo', 1, 1)");
            assertThatThrownBy(() -> NewerDatabase.migrateUnlessNewer().migrate(newer))
                    .isInstanceOf(NewerDatabase.Refused.class)
                    .hasMessageContaining("was laid out by a newer Unbo")
                    .hasMessageContaining("its form is 99")
                    .hasMessageEndingWith("Nothing was changed.");
            change("delete from unbo_newer.flyway_schema_history where installed_rank = 99");
            NewerDatabase.migrateUnlessNewer().migrate(newer);
        } finally {
            jdbc.update("drop schema unbo_newer");
        }
    }

    private void change(String sql) {
        new TransactionTemplate(transactions).executeWithoutResult(status -> jdbc.update(sql));
    }
}
