package unbo.core.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** Reads the data files that ship beside a class: comma separated, UTF-8, first row the column names. */
public final class Table {

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();

    private Table() {}

    /**
     * All rows of {@code file} in the package folder of {@code beside}. @throws TableFault if it is missing or empty
     */
    public static List<TableRow> read(Class<?> beside, String file) {
        try (InputStream in = beside.getResourceAsStream(file)) {
            if (in == null) {
                throw new TableFault("The data file " + file + " is missing beside " + beside.getName() + ".");
            }
            try (Reader reader = new InputStreamReader(in, StandardCharsets.UTF_8);
                    CSVParser parser = FORMAT.parse(reader)) {
                String name = beside.getPackageName()
                                .replaceFirst("^unbo\\.core\\.", "")
                                .replace('.', '/') + "/" + file;
                List<TableRow> rows = parser.getRecords().stream()
                        .map(record -> new TableRow(name, record))
                        .toList();
                if (rows.isEmpty()) {
                    throw new TableFault(name + " has no rows.");
                }
                return rows;
            }
        } catch (IOException e) {
            throw new UncheckedIOException(file, e);
        }
    }
}
