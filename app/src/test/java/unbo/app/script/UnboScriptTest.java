package unbo.app.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The one command says in a sentence why it does not start, ends with an error, and leaves nothing behind. */
class UnboScriptTest {

    @TempDir
    private Path folder;

    private record Ended(int code, String said) {}

    /** Runs a copy of the script in an empty folder, so that nothing of this checkout is touched. */
    private Ended run(Map<String, String> environment, String... arguments) throws IOException, InterruptedException {
        Path script = folder.resolve("unbo");
        if (!Files.exists(script)) {
            Files.copy(Path.of("..", "unbo"), script);
        }
        ProcessBuilder builder = new ProcessBuilder();
        builder.command().addAll(List.of("bash", script.toString()));
        builder.command().addAll(List.of(arguments));
        builder.environment().keySet().removeIf(name -> name.startsWith("UNBO_"));
        builder.environment().putAll(environment);
        Process process = builder.redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        return new Ended(process.exitValue(), said);
    }

    @Test
    void aTakenPortIsSaid() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Ended ended = run(Map.of("UNBO_PORT", String.valueOf(taken.getLocalPort())), "demo");
            assertThat(ended.code()).isNotZero();
            assertThat(ended.said())
                    .contains("port " + taken.getLocalPort() + " is taken")
                    .contains("Nothing was started.");
            assertThat(folder.resolve(".unbo/running")).doesNotExist();
        }
    }

    @Test
    void otherMachinesNeedAPassphrase() throws Exception {
        Ended ended = run(Map.of("UNBO_BIND", "0.0.0.0"), "start");
        assertThat(ended.code()).isNotZero();
        assertThat(ended.said()).contains("UNBO_PASSPHRASE").contains("Nothing was started.");
    }

    @Test
    void aPortThatIsNoneIsSaid() throws Exception {
        Ended ended = run(Map.of("UNBO_PORT", "eighty"), "demo");
        assertThat(ended.code()).isNotZero();
        assertThat(ended.said()).contains("UNBO_PORT=eighty is no port");
    }

    @Test
    void aMissingJdkIsSaid() throws Exception {
        Path bin = Files.createDirectory(folder.resolve("bin"));
        for (String tool :
                new String[] {"bash", "dirname", "readlink", "id", "cksum", "cut", "awk", "df", "printf", "cat"}) {
            Path real = Path.of("/usr/bin", tool);
            if (Files.exists(real)) {
                Files.createSymbolicLink(bin.resolve(tool), real);
            }
        }
        Ended ended = run(Map.of("PATH", bin.toString(), "UNBO_PORT", "18999"), "demo");
        assertThat(ended.code()).isNotZero();
        assertThat(ended.said())
                .contains("no Java development kit")
                .contains("version 17 or later")
                .contains("default-jdk-headless");
    }

    /** Puts a program before those of the machine. @return the path to search */
    private String before(String name, String script) throws IOException {
        Path bin = Files.createDirectories(folder.resolve("before"));
        Path program = Files.writeString(bin.resolve(name), "#!/bin/sh\n" + script + "\n");
        assertThat(program.toFile().setExecutable(true)).isTrue();
        return bin + ":" + System.getenv("PATH");
    }

    @ParameterizedTest
    @CsvSource({
        "17.0.15, ✓ Java 17",
        "21, ✓ Java 21",
        "25-ea, ✓ Java 25",
        "25.0.1+8-LTS, ✓ Java 25",
        "11.0.22, ✗ Java 11 is too old",
        "1.8.0_392, ✗ Java 1 is too old"
    })
    void theVersionOfJavaIsReadAsItsMakersWriteIt(String version, String said) throws Exception {
        String path = before("java", "echo 'openjdk version \"" + version + "\" 2025-09-16' >&2");
        assertThat(run(Map.of("PATH", path, "UNBO_PORT", "18997"), "doctor").said())
                .contains(said);
    }

    @Test
    void whatToInstallIsWhatThisDebianHas() throws Exception {
        before("java", "echo 'openjdk version \"11.0.22\" 2024-01-16' >&2");
        String path =
                before("apt-cache", "[ \"$2\" = openjdk-21-jdk-headless ] && echo Package: openjdk-21-jdk-headless");
        assertThat(run(Map.of("PATH", path), "test", "core").said())
                .contains("Java 11 is too old")
                .contains("openjdk-21-jdk-headless");
        before("apt-cache", "exit 100");
        assertThat(run(Map.of("PATH", path), "test", "core").said()).contains("default-jdk-headless");
    }

    @Test
    void aPartOfTheTestsThatIsNoneIsSaid() throws Exception {
        Ended ended = run(Map.of(), "test", "everything");
        assertThat(ended.code()).isNotZero();
        assertThat(ended.said())
                .contains("test knows core, app, browser, frontend, scripts, mutation, format, crash and cluster");
    }

    @Test
    void coreIsTestedWithoutADatabase() throws Exception {
        String path = before("mvn", "echo asked for: \"$@\"");
        Ended ended = run(Map.of("PATH", path), "test", "core", "-Dtest=One");
        assertThat(ended.code()).isZero();
        assertThat(ended.said()).contains("asked for: -B -ntp -Dstyle.color=never test -pl core -Dtest=One");
        assertThat(folder.resolve(".unbo")).doesNotExist();
    }

    @Test
    void demoKnowsNoOtherWordThanReset() throws Exception {
        Ended wrong = run(Map.of(), "demo", "--everything");
        assertThat(wrong.code()).isNotZero();
        assertThat(wrong.said()).contains("demo knows only --reset");
    }

    @Test
    void stoppingWhatDoesNotRunIsNoFault() throws Exception {
        Ended ended = run(Map.of(), "stop");
        assertThat(ended.code()).isZero();
        assertThat(ended.said()).contains("does not run here");
    }

    @Test
    void anUnknownWordListsTheCommands() throws Exception {
        Ended ended = run(Map.of(), "fly");
        assertThat(ended.code()).isEqualTo(2);
        assertThat(ended.said()).contains("./unbo demo").contains("./unbo doctor");
        assertThat(run(Map.of(), "help").code()).isZero();
    }

    @Test
    void doctorTellsWhatIsThereInSentences() throws Exception {
        Ended ended = run(Map.of("UNBO_PORT", "18998"), "doctor");
        assertThat(ended.said())
                .contains("✓ Java")
                .contains("Port 18998 is free.")
                .contains("The build is not up to date");
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "99999", "-1", "123456789012345678901234567890"})
    void aPortOutOfItsRangeIsSaid(String port) throws Exception {
        Ended ended = run(Map.of("UNBO_PORT", port), "demo");
        assertThat(ended.code()).isNotZero();
        assertThat(ended.said()).contains("UNBO_PORT=" + port + " is no port");
    }

    @Test
    void anAddressOfAnotherMachineAndADatabaseThatIsNoneAreSaid() throws Exception {
        assertThat(run(Map.of("UNBO_BIND", "203.0.113.9", "UNBO_PASSPHRASE", "long enough"), "start")
                        .said())
                .contains("UNBO_BIND=203.0.113.9 is no address of this machine");
        assertThat(run(Map.of("UNBO_DB_URL", "localhost/unbo"), "start").said())
                .contains("UNBO_DB_URL=localhost/unbo is no address of a database");
    }
}
