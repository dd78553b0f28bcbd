package unbo.app.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

import unbo.app.data.Cell;
import unbo.app.job.JobLine;
import unbo.core.measure.Show;

/** Closed jobs as a table (RFC 4180), one line each. */
@Component
class HistoryCsv {

    static final MediaType TYPE = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(
                    "job",
                    "day",
                    "vehicle",
                    "mark",
                    "position",
                    "counter",
                    "complaint",
                    "it was",
                    "numbers",
                    "state",
                    "signed by")
            .get();

    /** @param lines hands over each line in turn */
    void write(Consumer<Consumer<JobLine>> lines, OutputStream out) throws IOException {
        CSVPrinter printer = printer(out);
        lines.accept(line -> print(printer, line));
        printer.flush();
    }

    private static CSVPrinter printer(OutputStream out) throws IOException {
        return new CSVPrinter(new OutputStreamWriter(out, StandardCharsets.UTF_8), FORMAT);
    }

    private static void print(CSVPrinter printer, JobLine j) {
        try {
            printer.printRecord(
                    j.id(),
                    j.day(),
                    Cell.of(j.vehicle()),
                    Cell.of(j.mark()),
                    j.position(),
                    j.counter() == null ? "" : Show.number(j.counter(), 1),
                    Cell.of(j.complaint()),
                    Cell.of(j.cause()),
                    Cell.of(j.numbers()),
                    j.state().words(),
                    Cell.of(j.signedBy()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
