package unbo.app.crash;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;

/** The application and its database as processes of their own, so that either can be killed as a power cut would. */
final class Machine implements AutoCloseable {

    final int port = Programs.freePort();
    private final int databasePort = Programs.freePort();
    private final Path folder;
    private final Programs programs;
    private final String url = "jdbc:mariadb://127.0.0.1:" + databasePort + "/unbo";
    private Process database;
    private Process application;

    Machine(Path folder) throws Exception {
        this.folder = folder;
        programs = new Programs(folder);
        programs.layOut(folder.resolve("data"));
        startDatabase();
        Programs.open(databasePort);
    }

    void startDatabase() throws Exception {
        database = programs.run(
                List.of(
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
                        "--character-set-server=utf8mb4"),
                "");
        Programs.untilAnswers(databasePort, "select 1");
    }

    void startApplication() throws Exception {
        application = programs.application(port, url, Map.of());
    }

    void answers() {
        Programs.untilPages(port);
    }

    void killApplication() {
        Programs.kill(application);
    }

    void killDatabase() {
        Programs.kill(database);
    }

    Connection connect() throws SQLException {
        return DriverManager.getConnection(url, "unbo", "crash");
    }

    @Override
    public void close() {
        Programs.kill(application);
        Programs.kill(database);
    }
}
