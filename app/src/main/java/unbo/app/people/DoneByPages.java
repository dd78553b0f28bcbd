package unbo.app.people;

import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;

import jakarta.servlet.http.HttpServletResponse;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import unbo.app.data.Cell;
import unbo.app.web.Page;

/** What was done by whom, read and taken out. */
@Page
class DoneByPages {

    private static final int SHOWN = 50;

    private final DoneBy done;
    private final Clock clock;

    DoneByPages(DoneBy done, Clock clock) {
        this.done = done;
        this.clock = clock;
    }

    /** A row as it is shown. @param at in the time of the workshop */
    public record Shown(
            long id, LocalDateTime at, String who, String what, Long jobId, String words, List<String> was) {}

    @GetMapping("/changes")
    String changes(
            @RequestParam(defaultValue = "9223372036854775807") long before,
            @RequestParam(required = false) Long job,
            Model model) {
        List<DoneBy.Line> lines = done.lines(before, job, SHOWN + 1);
        model.addAttribute(
                "lines",
                lines.stream()
                        .limit(SHOWN)
                        .map(line -> new Shown(
                                line.id(),
                                LocalDateTime.ofInstant(line.at(), clock.getZone()),
                                line.who(),
                                line.what(),
                                line.jobId(),
                                line.words(),
                                line.was() == null
                                        ? List.of()
                                        : List.of(line.was().split("\n"))))
                        .toList());
        model.addAttribute(
                "further", lines.size() > SHOWN ? lines.get(SHOWN - 1).id() : null);
        model.addAttribute("job", job);
        return "people/changes";
    }

    @GetMapping("/changes.csv")
    void csv(HttpServletResponse response) throws IOException {
        response.setContentType("text/csv;charset=UTF-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"changes.csv\"");
        Writer writer = new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8);
        CSVPrinter csv = new CSVPrinter(writer, CSVFormat.RFC4180);
        csv.printRecord("at", "who", "what", "job", "words", "was");
        done.each(line -> print(csv, line));
        csv.flush();
    }

    private static void print(CSVPrinter csv, DoneBy.Line line) {
        try {
            csv.printRecord(
                    line.at(),
                    Cell.of(line.who()),
                    line.what(),
                    line.jobId(),
                    Cell.of(line.words()),
                    line.was() == null ? "" : Cell.of(line.was()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
