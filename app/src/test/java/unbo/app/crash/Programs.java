package unbo.app.crash;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.awaitility.Awaitility;

/** Starts the application and databases as processes of their own, and ends them as a power cut would. */
final class Programs {

    static final Duration LONGEST = Duration.ofMinutes(3);

    private static final int LAST_WORDS = 40;

    private final Path folder;

    Programs(Path folder) {
        this.folder = folder;
    }

    /** @param path folders that are looked through first, each with a colon behind it */
    Process run(List<String> command, String path) throws IOException {
        List<String> all = new ArrayList<>(command);
        if (command.get(0).startsWith("mariadb") && root()) {
            all.add("--user=root");
        }
        ProcessBuilder builder = new ProcessBuilder(all);
        builder.environment().merge("PATH", path, (old, more) -> more + old + ":/usr/sbin");
        return builder.redirectErrorStream(true)
                .redirectOutput(
                        ProcessBuilder.Redirect.appendTo(folder.resolve("log").toFile()))
                .start();
    }

    static boolean root() {
        return System.getProperty("user.name").equals("root");
    }

    void layOut(Path data) throws Exception {
        run(
                        List.of(
                                "mariadb-install-db",
                                "--no-defaults",
                                "--force",
                                "--skip-test-db",
                                "--skip-name-resolve",
                                "--auth-root-authentication-method=normal",
                                "--datadir=" + data),
                        "")
                .waitFor();
    }

    /** The schema and its one user. */
    static void open(int port) throws SQLException {
        try (Connection root = DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + port + "/", "root", "");
                var statement = root.createStatement()) {
            statement.execute("create database unbo character set utf8mb4");
            statement.execute("create user unbo@'127.0.0.1' identified by 'crash'");
            statement.execute("grant all on unbo.* to unbo@'127.0.0.1'");
        }
    }

    /** Waits until a query is answered, as root. @param query whose first column is 1 where all is well */
    static void untilAnswers(int port, String query) {
        Awaitility.await("the database")
                .atMost(LONGEST)
                .pollInterval(Duration.ofMillis(100))
                .until(() -> {
                    try (Connection c =
                                    DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + port + "/", "root", "");
                            var statement = c.createStatement();
                            var row = statement.executeQuery(query)) {
                        return row.next() && row.getInt(1) == 1;
                    } catch (SQLException notYet) {
                        return false;
                    }
                });
    }

    /** Starts the application and waits for its pages. @param more of its environment */
    Process application(int port, String url, Map<String, String> more) throws Exception {
        Path ready = folder.resolve("ready-" + port);
        Files.deleteIfExists(ready);
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx256m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-jar",
                Path.of("target", "unbo.jar").toAbsolutePath().toString());
        builder.environment().keySet().removeIf(name -> name.startsWith("UNBO_"));
        Map<String, String> settings = new HashMap<>(Map.of(
                "UNBO_PORT",
                String.valueOf(port),
                "UNBO_READY_FILE",
                ready.toString(),
                "UNBO_DB_URL",
                url,
                "UNBO_DB_USER",
                "unbo",
                "UNBO_DB_PASSWORD",
                "crash"));
        settings.putAll(more);
        builder.environment().putAll(settings);
        Process application = builder.redirectErrorStream(true)
                .redirectOutput(
                        ProcessBuilder.Redirect.appendTo(folder.resolve("log").toFile()))
                .start();
        Awaitility.await("the application")
                .atMost(LONGEST)
                .pollInterval(Duration.ofMillis(100))
                .until(() -> {
                    if (!application.isAlive()) {
                        List<String> log = Files.readAllLines(folder.resolve("log"));
                        throw new IllegalStateException("the application ended: "
                                + String.join("\n", log.subList(Math.max(0, log.size() - LAST_WORDS), log.size())));
                    }
                    return Files.exists(ready);
                });
        return application;
    }

    /** Waits until pages are whole again, as a browser does that tries every few seconds. */
    static void untilPages(int port) {
        HttpClient browser = HttpClient.newHttpClient();
        Awaitility.await("a page")
                .atMost(LONGEST)
                .pollInterval(Duration.ofMillis(200))
                .until(() -> {
                    try {
                        return browser.send(
                                                HttpRequest.newBuilder(
                                                                URI.create("http://127.0.0.1:" + port + "/vehicles"))
                                                        .build(),
                                                HttpResponse.BodyHandlers.discarding())
                                        .statusCode()
                                == 200;
                    } catch (IOException notYet) {
                        return false;
                    }
                });
    }

    static void kill(Process process) {
        if (process != null) {
            process.destroyForcibly().onExit().join();
        }
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
