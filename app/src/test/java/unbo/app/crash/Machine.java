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
import java.util.List;
import java.util.Map;

import org.awaitility.Awaitility;

/** The application and its database as processes of their own, so that either can be killed as a power cut would. */
final class Machine implements AutoCloseable {

    private static final Duration LONGEST = Duration.ofMinutes(3);

    final int port = freePort();
    private final int databasePort = freePort();
    private final Path folder;
    private final String url = "jdbc:mariadb://127.0.0.1:" + databasePort + "/unbo";
    private Process database;
    private Process application;

    Machine(Path folder) throws Exception {
        this.folder = folder;
        layOut();
        startDatabase();
        try (Connection root =
                        DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + databasePort + "/", "root", "");
                var statement = root.createStatement()) {
            statement.execute("create database unbo character set utf8mb4");
            statement.execute("create user unbo@'127.0.0.1' identified by 'crash'");
            statement.execute("grant all on unbo.* to unbo@'127.0.0.1'");
        }
    }

    private void layOut() throws Exception {
        List<String> command = new ArrayList<>(List.of(
                "mariadb-install-db",
                "--no-defaults",
                "--force",
                "--skip-test-db",
                "--skip-name-resolve",
                "--auth-root-authentication-method=normal",
                "--datadir=" + folder.resolve("data")));
        asRoot(command);
        run(command).waitFor();
    }

    private static void asRoot(List<String> command) {
        if (System.getProperty("user.name").equals("root")) {
            command.add("--user=root");
        }
    }

    private Process run(List<String> command) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().merge("PATH", ":/usr/sbin", String::concat);
        return builder.redirectErrorStream(true)
                .redirectOutput(
                        ProcessBuilder.Redirect.appendTo(folder.resolve("log").toFile()))
                .start();
    }

    void startDatabase() throws Exception {
        List<String> command = new ArrayList<>(List.of(
                "mariadbd",
                "--no-defaults",
                "--datadir=" + folder.resolve("data"),
                "--socket=" + folder.resolve("s"),
                "--port=" + databasePort,
                "--bind-address=127.0.0.1",
                "--skip-name-resolve",
                "--skip-log-bin",
                "--innodb-buffer-pool-size=32M",
                "--performance-schema=OFF",
                "--character-set-server=utf8mb4"));
        asRoot(command);
        database = run(command);
        Awaitility.await("the database")
                .atMost(LONGEST)
                .pollInterval(Duration.ofMillis(100))
                .until(() -> {
                    try (Connection c =
                            DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + databasePort + "/", "root", "")) {
                        return c.isValid(1);
                    } catch (SQLException notYet) {
                        return false;
                    }
                });
    }

    void startApplication() throws Exception {
        Path ready = folder.resolve("ready");
        Files.deleteIfExists(ready);
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx256m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-jar",
                Path.of("target", "unbo.jar").toAbsolutePath().toString());
        builder.environment().keySet().removeIf(name -> name.startsWith("UNBO_"));
        builder.environment()
                .putAll(Map.of(
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
        application = builder.redirectErrorStream(true)
                .redirectOutput(
                        ProcessBuilder.Redirect.appendTo(folder.resolve("log").toFile()))
                .start();
        Awaitility.await("the application")
                .atMost(LONGEST)
                .pollInterval(Duration.ofMillis(100))
                .until(() -> {
                    if (!application.isAlive()) {
                        throw new IllegalStateException("the application ended: see " + folder.resolve("log"));
                    }
                    return Files.exists(ready);
                });
    }

    /** Waits until pages are whole again, as a browser does that tries every few seconds. */
    void answers() {
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

    void killApplication() {
        kill(application);
    }

    void killDatabase() {
        kill(database);
    }

    private static void kill(Process process) {
        if (process != null) {
            process.destroyForcibly().onExit().join();
        }
    }

    Connection connect() throws SQLException {
        return DriverManager.getConnection(url, "unbo", "crash");
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        kill(application);
        kill(database);
    }
}
