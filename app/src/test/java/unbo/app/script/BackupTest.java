package unbo.app.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Everything there is goes into one file while it runs, and comes back from it as it was; what is damaged, cut off,
 * foreign or newer changes nothing. With stand-ins for what runs the application and builds it, and a real database.
 */
class BackupTest {

    private static final String JAVA = """
            #!/usr/bin/env bash
            [ "$1" = -version ] && { echo 'openjdk version "17.0.1" 2021-10-19' >&2; exit 0; }
            [ "$1" = -Djarmode=tools ] && { mkdir -p "$6" && cp "$3" "$6"; exit; }
            echo ready >"$UNBO_READY_FILE"
            trap 'exit 0' TERM
            while :; do sleep 0.1; done
            """;

    private static final String MVN = """
            #!/usr/bin/env bash
            mkdir -p app/target && echo jar >app/target/unbo.jar
            """;

    @TempDir
    private Path folder;

    private final List<Process> started = new ArrayList<>();
    private int port;

    private static void tool(Path bin, String name, String text) throws IOException {
        assertThat(Files.writeString(bin.resolve(name), text).toFile().setExecutable(true))
                .isTrue();
    }

    @BeforeEach
    void standIns() throws IOException {
        layOut(folder);
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            port = free.getLocalPort();
        }
    }

    private static void layOut(Path here) throws IOException {
        Path bin = Files.createDirectories(here.resolve("bin"));
        tool(bin, "java", JAVA);
        tool(bin, "javac", "#!/bin/sh\n");
        tool(bin, "npm", "#!/bin/sh\n");
        tool(bin, "mvn", MVN);
        Files.copy(Path.of("..", "unbo"), here.resolve("unbo"));
        Files.createDirectory(here.resolve("tools"));
        Files.copy(Path.of("..", "tools", "keep.sh"), here.resolve("tools/keep.sh"));
        for (String part : new String[] {"core", "app", "speed"}) {
            Files.createDirectory(here.resolve(part));
        }
        Path migrations = Files.createDirectories(here.resolve("app/src/main/resources/db/migration"));
        for (int version = 1; version <= 27; version++) {
            Files.writeString(migrations.resolve("V" + version + "__some.sql"), "");
        }
        Files.writeString(here.resolve("pom.xml"), "");
    }

    @AfterEach
    void end() throws Exception {
        said(folder, Map.of(), "stop");
        started.forEach(Process::destroyForcibly);
    }

    private Process run(Path here, Map<String, String> settings, String... words) throws IOException {
        ProcessBuilder builder = new ProcessBuilder("bash", here.resolve("unbo").toString());
        builder.command().addAll(List.of(words));
        builder.environment().keySet().removeIf(name -> name.startsWith("UNBO_"));
        builder.environment()
                .putAll(Map.of(
                        "PATH", here.resolve("bin") + ":" + System.getenv("PATH"), "UNBO_PORT", String.valueOf(port)));
        builder.environment().putAll(settings);
        Process process = builder.redirectErrorStream(true).start();
        started.add(process);
        return process;
    }

    private String said(Path here, Map<String, String> settings, String... words) throws Exception {
        Process process = run(here, settings, words);
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
        return said;
    }

    private void start(Path here, Map<String, String> settings) throws IOException {
        BufferedReader lines = new BufferedReader(
                new InputStreamReader(run(here, settings, "start").getInputStream(), StandardCharsets.UTF_8));
        StringBuilder all = new StringBuilder();
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            all.append(line).append('\n');
            if (line.startsWith("Ready after")) {
                return;
            }
        }
        throw new AssertionError("it did not start: " + all);
    }

    private static String shell(Path here, String script) throws Exception {
        Process process = new ProcessBuilder("bash", "-c", "cd '" + here.toRealPath() + "'; " + script)
                .redirectErrorStream(true)
                .start();
        return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
    }

    private static String sql(Path here, String sql) throws Exception {
        return shell(
                here,
                "mariadb --no-defaults -N --socket=\"${TMPDIR:-/tmp}/unbo-$(id -u)-"
                        + "$(printf %s \"$PWD\" | cksum | cut -d' ' -f1)/db.sock\" -u \"$(id -un)\" unbo -e \"" + sql
                        + "\"");
    }

    private static final String FILL = """
            CREATE TABLE flyway_schema_history (version VARCHAR(50), success BOOLEAN);
            INSERT INTO flyway_schema_history VALUES ('26', 1), ('27', 1);
            CREATE TABLE job (id INT PRIMARY KEY, words TEXT) CHARACTER SET utf8mb4;
            INSERT INTO job SELECT seq, CONCAT('Höhenspiel 0,05 ✓ ', seq) FROM seq_1_to_1000;
            CREATE TABLE photo (id INT PRIMARY KEY, job_id INT, jpeg LONGBLOB,
                FOREIGN KEY (job_id) REFERENCES job (id));
            INSERT INTO photo SELECT seq, seq, REPEAT(UNHEX(SHA2(seq, 512)), 200) FROM seq_1_to_200;
            """;

    private static String sums(Path here) throws Exception {
        return sql(here, "CHECKSUM TABLE job, photo, flyway_schema_history");
    }

    @Test
    void whatWasKeptComesBackAndNothingElseDoes(@TempDir Path empty) throws Exception {
        start(folder, Map.of());
        assertThat(said(folder, Map.of(), "backup")).contains("there is nothing in it yet");
        assertThat(sql(folder, FILL)).isEmpty();
        String before = sums(folder);
        Path file = folder.resolve("everything.unbo");
        assertThat(said(folder, Map.of(), "backup", file.toString())).contains("It holds everything");
        assertThat(said(folder, Map.of(), "doctor"))
                .contains("The last good backup: ")
                .contains("everything.unbo");
        assertThat(said(folder, Map.of(), "restore", file.toString())).contains("./unbo stop first");
        sql(folder, "DELETE FROM photo; DELETE FROM job WHERE id > 500");
        String after = sums(folder);
        said(folder, Map.of(), "stop");

        byte[] whole = Files.readAllBytes(file);
        byte[] damaged = whole.clone();
        damaged[whole.length / 2] ^= 1;
        refused(Files.write(folder.resolve("damaged.unbo"), damaged), "damaged or cut off");
        refused(
                Files.write(folder.resolve("short.unbo"), Arrays.copyOf(whole, whole.length / 2)),
                "damaged or cut off");
        refused(Files.writeString(folder.resolve("foreign.unbo"), "a letter to the harbour"), "is no backup of Unbo");
        refused(folder.resolve("missing.unbo"), "is not there");
        shell(
                folder,
                "mkdir n && tar -xf everything.unbo -C n && sed -i 's/^version .*/version 99/' n/about.txt && "
                        + "tar -cf newer.unbo -C n about.txt data.sql.gz");
        refused(folder.resolve("newer.unbo"), "is of a newer Unbo");

        String restored = said(folder, Map.of(), "restore", file.toString());
        assertThat(restored).contains("Restored: the data of").contains("To undo it");
        start(folder, Map.of());
        assertThat(sums(folder)).isEqualTo(before);
        said(folder, Map.of(), "stop");

        String undo = restored.replaceAll("(?s).*To undo it: \\./unbo restore (\\S+).*", "$1");
        assertThat(said(folder, Map.of(), "restore", undo)).contains("Restored");
        start(folder, Map.of());
        assertThat(sums(folder)).isEqualTo(after);
        said(folder, Map.of(), "stop");

        Path other = Files.createDirectory(empty.resolve("other"));
        layOut(other);
        assertThat(said(other, Map.of(), "restore", file.toString()))
                .contains("Restored")
                .doesNotContain("To undo it");
        start(other, Map.of());
        assertThat(sums(other)).isEqualTo(before);
        said(other, Map.of(), "stop");
    }

    private void refused(Path file, String why) throws Exception {
        assertThat(said(folder, Map.of(), "restore", file.toString()))
                .contains(why)
                .contains("Nothing was changed.");
    }

    /** With a passphrase nothing of it can be read in the file, and only that passphrase opens it. */
    @Test
    void aPassphraseClosesTheFile() throws Exception {
        Map<String, String> closed = Map.of("UNBO_PASSPHRASE", "herring gull 7");
        start(folder, closed);
        sql(folder, FILL);
        Path file = folder.resolve("closed.unbo");
        assertThat(said(folder, closed, "backup", file.toString())).contains("It is encrypted");
        said(folder, closed, "stop");
        assertThat(shell(folder, "tar -tf closed.unbo")).contains("data.sql.gz.enc");
        refused(file, "set UNBO_PASSPHRASE");
        assertThat(said(folder, Map.of("UNBO_PASSPHRASE", "another one"), "restore", file.toString()))
                .contains("not the one it was made with")
                .contains("Nothing was changed.");
        assertThat(said(folder, closed, "restore", file.toString())).contains("Restored");
    }

    /** One a day is written by itself; of 500 days seven, and the newest of four weeks and of twelve months stay. */
    @Test
    void oneADayIsKeptAndOldOnesGo() throws Exception {
        Path kept = Files.createDirectories(folder.resolve(".unbo/backups"));
        LocalDate day = LocalDate.of(2026, 11, 29);
        for (int i = 0; i < 500; i++) {
            Files.writeString(kept.resolve("daily-" + day.minusDays(i) + ".unbo"), "");
        }
        shell(folder, "STATE=$PWD/.unbo; say() { printf '%s\\n' \"$*\"; }; . tools/keep.sh; too_old | xargs rm");
        try (Stream<Path> left = Files.list(kept)) {
            List<String> names =
                    left.map(file -> file.getFileName().toString()).sorted().toList();
            assertThat(names)
                    .contains("daily-2026-11-29.unbo", "daily-2026-11-23.unbo", "daily-2026-11-22.unbo")
                    .contains("daily-2026-11-08.unbo", "daily-2026-10-31.unbo", "daily-2025-12-31.unbo")
                    .doesNotContain("daily-2026-11-21.unbo", "daily-2026-11-01.unbo", "daily-2025-11-30.unbo")
                    .hasSize(7 + 3 + 11);
        }
        Files.list(kept).forEach(file -> file.toFile().delete());
        start(folder, Map.of("UNBO_KEEP_EVERY", "1"));
        sql(folder, FILL);
        Path today = kept.resolve("daily-" + LocalDate.now() + ".unbo");
        shell(folder, "for i in $(seq 200); do [ -f " + today + " ] && break; sleep 0.1; done");
        assertThat(shell(folder, "tar -xOf " + today + " about.txt")).contains("version 27");
    }

    /** A newer program keeps what the older one left before it changes the tables; the same program does not. */
    @Test
    void beforeAnUpgradeWhatIsHereIsKept() throws Exception {
        start(folder, Map.of());
        sql(folder, FILL);
        said(folder, Map.of(), "stop");
        start(folder, Map.of());
        said(folder, Map.of(), "stop");
        assertThat(before()).isEmpty();
        Files.writeString(folder.resolve("app/src/main/resources/db/migration/V28__more.sql"), "");
        start(folder, Map.of());
        assertThat(before())
                .singleElement()
                .satisfies(file -> assertThat(shell(folder, "tar -xOf " + file + " about.txt"))
                        .contains("version 27"));
    }

    private List<Path> before() throws IOException {
        try (Stream<Path> all = Files.list(Files.createDirectories(folder.resolve(".unbo/backups")))) {
            return all.filter(file -> file.getFileName().toString().startsWith("before-upgrade-27-"))
                    .toList();
        }
    }
}
