package unbo.app.release;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Map;
import java.util.zip.GZIPInputStream;

/** A database of an older release in a schema of its own, dropped when it is closed. */
record OldDatabase(String schema, String url, Map<String, Integer> counted) implements AutoCloseable {

    /** @param record a file of SQL, packed, on the class path */
    static OldDatabase restored(String record, String schema) throws Exception {
        String here = System.getenv("UNBO_DB_URL");
        String url = here.replaceFirst("/[^/]+$", "/" + schema);
        try (Connection connection = connect(here);
                Statement statement = connection.createStatement()) {
            statement.execute("drop schema if exists " + schema);
            statement.execute("create schema " + schema);
        }
        Map<String, Integer> counted = new HashMap<>();
        try (Connection connection = connect(url);
                Statement statement = connection.createStatement();
                BufferedReader lines = new BufferedReader(new InputStreamReader(
                        new GZIPInputStream(OldDatabase.class.getResourceAsStream(record)), StandardCharsets.UTF_8))) {
            statement.execute("set foreign_key_checks = 0");
            statement.execute("set sql_mode = 'NO_AUTO_VALUE_ON_ZERO'");
            StringBuilder text = new StringBuilder();
            String end = ";";
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("DELIMITER ")) {
                    end = line.substring("DELIMITER ".length()).strip();
                    continue;
                }
                text.append(line).append('\n');
                if (line.endsWith(end)) {
                    statement.execute(text.substring(0, text.length() - 1 - end.length()));
                    text.setLength(0);
                }
            }
            assertThat(text).as("the record is whole").isBlank();
            for (String table : new String[] {"job", "vehicle"}) {
                try (ResultSet row = statement.executeQuery("select count(*) from " + table)) {
                    row.next();
                    counted.put(table, row.getInt(1));
                }
            }
        }
        return new OldDatabase(schema, url, counted);
    }

    private static Connection connect(String address) throws SQLException {
        return DriverManager.getConnection(address, System.getenv("UNBO_DB_USER"), System.getenv("UNBO_DB_PASSWORD"));
    }

    /** So many rows a table had before this release opened it. */
    int rows(String table) {
        return counted.get(table);
    }

    @Override
    public void close() throws SQLException {
        try (Connection connection = connect(System.getenv("UNBO_DB_URL"));
                Statement statement = connection.createStatement()) {
            statement.execute("drop schema if exists " + schema);
        }
    }
}
