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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The one command keeps what it has started running and finds again what it has left: with stand-ins for the machine
 * that runs the application and for what builds it, against a database that is named and not asked.
 */
class KeptRunningTest {

    /**
     * Serves as a Java machine: says its version, or runs until the file "die" names its end; "slow" makes it work
     * before it is ready.
     */
    private static final String JAVA = """
            #!/usr/bin/env bash
            [ "$1" = -version ] && { echo 'openjdk version "17.0.1" 2021-10-19' >&2; exit 0; }
            [ "$1" = -Djarmode=tools ] && { mkdir -p "$6" && cp "$3" "$6"; exit; }
            here=$(dirname "$0")/..
            echo $$ >>"$here/machines"
            while [ -f "$here/slow" ]; do
              printf 'works on\n' >>"$LOGGING_FILE_NAME"
              printf %s "the tables are rebuilt" >"$UNBO_STEP_FILE"
              sleep 0.2
            done
            while [ -f "$here/stuck" ]; do sleep 0.2; done
            [ -f "$here/refuse" ] && { echo "This database was laid out by a newer Unbo." >&2; exit 1; }
            echo ready >"$UNBO_READY_FILE"
            while :; do
              if [ -f "$here/die" ]; then rc=$(cat "$here/die"); rm -f "$here/die"; exit "$rc"; fi
              sleep 0.1
            done
            """;

    private static final String MVN = """
            #!/usr/bin/env bash
            mkdir -p app/target && echo jar >app/target/unbo.jar
            """;

    @TempDir
    private Path folder;

    private final List<Process> started = new ArrayList<>();
    private int port;

    @BeforeEach
    void standIns() throws IOException {
        Path bin = Files.createDirectory(folder.resolve("bin"));
        tool(bin, "java", JAVA);
        tool(bin, "javac", "#!/bin/sh\n");
        tool(bin, "npm", "#!/bin/sh\n");
        tool(bin, "mvn", MVN);
        Files.copy(Path.of("..", "unbo"), folder.resolve("unbo"));
        for (String part : new String[] {"core", "app", "speed"}) {
            Files.createDirectory(folder.resolve(part));
        }
        Files.writeString(folder.resolve("pom.xml"), "");
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            port = free.getLocalPort();
        }
    }

    private static void tool(Path bin, String name, String text) throws IOException {
        Path tool = Files.writeString(bin.resolve(name), text);
        assertThat(tool.toFile().setExecutable(true)).isTrue();
    }

    @AfterEach
    void end() throws Exception {
        started.forEach(Process::destroyForcibly);
        if (Files.exists(folder.resolve("machines"))) {
            for (String pid : Files.readAllLines(folder.resolve("machines"))) {
                ProcessHandle.of(Long.parseLong(pid)).ifPresent(ProcessHandle::destroyForcibly);
            }
        }
    }

    private Process run(String... words) throws IOException {
        ProcessBuilder builder = new ProcessBuilder();
        builder.command().addAll(List.of("bash", folder.resolve("unbo").toString()));
        builder.command().addAll(List.of(words));
        builder.environment().keySet().removeIf(name -> name.startsWith("UNBO_"));
        builder.environment()
                .putAll(Map.of(
                        "PATH",
                        folder.resolve("bin") + ":" + System.getenv("PATH"),
                        "UNBO_PORT",
                        String.valueOf(port),
                        "UNBO_DB_URL",
                        "jdbc:mariadb://127.0.0.1:1/none",
                        "UNBO_PATIENCE",
                        "3"));
        Process process = builder.redirectErrorStream(true).start();
        started.add(process);
        return process;
    }

    private String said(String... words) throws Exception {
        Process process = run(words);
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return said;
    }

    /** Reads what a start says until it says something. */
    private static String until(BufferedReader lines, String words) throws IOException {
        StringBuilder all = new StringBuilder();
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            all.append(line).append('\n');
            if (line.contains(words)) {
                return all.toString();
            }
        }
        throw new AssertionError("“" + words + "” is not said; this is: " + all);
    }

    private static BufferedReader reader(Process process) {
        return new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    }

    private long machine() throws IOException {
        List<String> pids = Files.readAllLines(folder.resolve("machines"));
        return Long.parseLong(pids.get(pids.size() - 1));
    }

    private static boolean lives(long pid) {
        return ProcessHandle.of(pid).map(ProcessHandle::isAlive).orElse(false);
    }

    @Test
    void twoInOneFolderAreOne() throws Exception {
        BufferedReader first = reader(run("start"));
        until(first, "Ready after");
        assertThat(said("start")).contains("Unbo already runs here");
        assertThat(said("stop")).contains("Unbo was stopped.");
        assertThat(lives(machine())).isFalse();
        assertThat(said("stop")).contains("does not run here");
    }

    @Test
    void whatEndsByItselfIsStartedAgain() throws Exception {
        BufferedReader lines = reader(run("start"));
        until(lines, "Ready after");
        long before = machine();
        Files.writeString(folder.resolve("die"), "3");
        assertThat(until(lines, "The pages are served again.")).contains("had no memory left");
        assertThat(machine()).isNotEqualTo(before);
        assertThat(lives(machine())).isTrue();
        said("stop");
    }

    @Test
    void whatKeepsEndingIsGivenUpWithItsReason() throws Exception {
        BufferedReader lines = reader(run("start"));
        until(lines, "Ready after");
        Files.writeString(folder.resolve("refuse"), "");
        Files.writeString(folder.resolve("die"), "1");
        assertThat(until(lines, "did not start again")).contains("laid out by a newer Unbo");
    }

    @Test
    void aSlowStartIsWaitedForAndSaysWhatItDoes() throws Exception {
        Files.writeString(folder.resolve("slow"), "");
        BufferedReader lines = reader(run("start"));
        until(lines, "still waiting: the tables are rebuilt");
        Files.delete(folder.resolve("slow"));
        until(lines, "Ready after");
        said("stop");
    }

    @Test
    void aStartThatDoesNothingIsGivenUpWithItsReason() throws Exception {
        Files.writeString(folder.resolve("stuck"), "");
        assertThat(said("start")).contains("the application did not start").contains("it did nothing for 3 seconds");
    }

    @Test
    void aStartThatIsRefusedSaysWhy() throws Exception {
        Files.writeString(folder.resolve("refuse"), "");
        assertThat(said("start"))
                .contains("the application did not start")
                .contains("This database was laid out by a newer Unbo.");
    }

    @Test
    void aKilledStartLeavesNothingThatIsNotFoundAgain() throws Exception {
        Process killed = run("start");
        until(reader(killed), "Ready after");
        long left = machine();
        killed.destroyForcibly().waitFor();
        assertThat(lives(left)).isTrue();
        assertThat(said("doctor")).contains("was killed and left its application or database running");
        BufferedReader lines = reader(run("start"));
        assertThat(until(lines, "Ready after"))
                .contains("An earlier ./unbo was killed and had left the application running: stopped now.");
        assertThat(lives(left)).isFalse();
        said("stop");
    }

    @Test
    void aNumberThatBelongsToAnotherProcessByNowIsLeftAlone() throws Exception {
        Process foreign = new ProcessBuilder("sleep", "60").start();
        started.add(foreign);
        Files.createDirectories(folder.resolve(".unbo"));
        for (String name : new String[] {"running", "app.pid", "db.pid"}) {
            Files.writeString(folder.resolve(".unbo").resolve(name), foreign.pid() + "\n");
        }
        assertThat(said("stop")).contains("does not run here");
        Files.writeString(folder.resolve(".unbo/running"), foreign.pid() + " of-another-start-12345\n");
        assertThat(said("stop")).contains("does not run here");
        assertThat(foreign.isAlive()).isTrue();
    }

    @Test
    void aLargeLogIsPutAside() throws Exception {
        Files.createDirectories(folder.resolve(".unbo"));
        Files.writeString(folder.resolve(".unbo/app.log"), "x".repeat(5_000_001));
        BufferedReader lines = reader(run("start"));
        until(lines, "Ready after");
        assertThat(folder.resolve(".unbo/app.log.1")).exists();
        said("stop");
    }
}
