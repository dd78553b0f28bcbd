package unbo.app.report;

import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.job.AnswerService;
import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.photo.PhotoLine;
import unbo.app.photo.PhotoService;
import unbo.app.stock.StockService;
import unbo.app.web.Page;

/** The report of a job, on the screen and on paper. */
@Page
class ReportPages {

    private final JobService jobs;
    private final AnswerService answers;
    private final PhotoService photos;
    private final StockService stock;
    private final PdfWriter pdf;
    private final Printer printer;

    /** A photo as the report shows it. @param picture its address; on paper the picture itself */
    public record Shown(PhotoLine photo, String picture) {}

    ReportPages(
            JobService jobs,
            AnswerService answers,
            PhotoService photos,
            StockService stock,
            PdfWriter pdf,
            Printer printer) {
        this.jobs = jobs;
        this.answers = answers;
        this.photos = photos;
        this.stock = stock;
        this.pdf = pdf;
        this.printer = printer;
    }

    @GetMapping("/jobs/{id}/report")
    String report(@PathVariable long id, Model model) {
        model.addAllAttributes(content(id));
        model.addAttribute(
                "photos",
                photos.of(id).stream()
                        .map(p -> new Shown(p, "/jobs/" + id + "/photos/" + p.id() + ".jpg"))
                        .toList());
        return "job/report";
    }

    @GetMapping("/jobs/{id}/report.pdf")
    ResponseEntity<byte[]> paper(@PathVariable long id, HttpServletRequest request, HttpServletResponse response) {
        Map<String, Object> content = content(id);
        content.put(
                "photos",
                photos.of(id).stream()
                        .map(p -> new Shown(p, embedded(id, p.id())))
                        .toList());
        String html = printer.print("job/report-pdf", content, request, response);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", "inline; filename=\"unbo-job-" + id + ".pdf\"")
                .body(pdf.write(html));
    }

    private String embedded(long jobId, long photo) {
        return "data:image/jpeg;base64,"
                + Base64.getEncoder()
                        .encodeToString(photos.picture(jobId, photo).orElse(new byte[0]));
    }

    private Map<String, Object> content(long id) {
        JobView view = jobs.view(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        Map<String, Object> content = new HashMap<>();
        content.put("view", view);
        content.put("paper", jobs.paper(view));
        content.put("notes", jobs.notes(id));
        content.put("answers", answers.of(id));
        content.put("taken", stock.takenFor(id));
        content.put("photos", List.of());
        return content;
    }
}
