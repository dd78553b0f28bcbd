package unbo.app.report;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.day.DayService;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.job.JobView;
import unbo.app.job.Paper;
import unbo.app.job.VisitService;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.handover.HandOver;
import unbo.core.measure.Show;
import unbo.core.tools.parts.PartsList;

/** What a visit gives to be read: one report of all its jobs, and a page for the customer. */
@Page
@RequestMapping("/visits/{id:\\d+}")
class VisitSheets {

    private final VisitService visits;
    private final JobService jobs;
    private final WorkshopService workshops;
    private final PdfWriter pdf;
    private final Printer printer;
    private final DayService days;

    /**
     * A job on the customer's page.
     *
     * @param signed false while it is under way: nothing is handed over yet
     * @param cost of its parts; null where no price is known
     * @param unpriced parts whose price nobody wrote down
     */
    public record Told(
            JobView view,
            boolean signed,
            HandOver words,
            Drawing section,
            List<String> parts,
            Double cost,
            int unpriced) {

        /** Its cost as printed; empty where no price is known. */
        public String costShown() {
            return cost == null ? "" : Show.fixed(cost, 2);
        }
    }

    /** A job of the report of all. */
    public record Whole(JobView view, Paper paper) {}

    VisitSheets(
            VisitService visits,
            JobService jobs,
            WorkshopService workshops,
            PdfWriter pdf,
            Printer printer,
            DayService days) {
        this.days = days;
        this.visits = visits;
        this.jobs = jobs;
        this.workshops = workshops;
        this.pdf = pdf;
        this.printer = printer;
    }

    @GetMapping("/report")
    String report(@PathVariable long id, Model model) {
        VisitService.Shown visit = find(id);
        model.addAttribute("visit", visit);
        model.addAttribute(
                "papers",
                visit.jobs().stream()
                        .map(view -> new Whole(view, jobs.paper(view)))
                        .toList());
        return "job/visit-report";
    }

    @GetMapping("/sheet")
    String sheet(@PathVariable long id, Model model) {
        model.addAllAttributes(content(id));
        return "job/visit-sheet";
    }

    @GetMapping("/sheet.pdf")
    ResponseEntity<byte[]> paper(@PathVariable long id, HttpServletRequest request, HttpServletResponse response) {
        String html = printer.print("job/visit-sheet-pdf", content(id), request, response);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", "inline; filename=\"unbo-visit-" + id + ".pdf\"")
                .body(pdf.write(html));
    }

    private Map<String, Object> content(long id) {
        VisitService.Shown visit = find(id);
        List<Told> told = visit.jobs().stream().map(this::told).toList();
        Map<String, Object> content = new HashMap<>();
        content.put("visit", visit);
        content.put("day", LocalDate.ofInstant(visit.openedAt(), ZoneId.systemDefault()));
        content.put("told", told);
        content.put("ready", days.ready());
        List<Double> costs =
                told.stream().map(Told::cost).filter(Objects::nonNull).toList();
        content.put(
                "total",
                costs.size() < 2
                        ? ""
                        : Show.fixed(
                                costs.stream().mapToDouble(Double::doubleValue).sum(), 2));
        content.put("workshop", workshops.current());
        return content;
    }

    private Told told(JobView view) {
        Paper paper = jobs.paper(view);
        List<Finding> findings = paper.stations().stream()
                .flatMap(station -> station.entries().stream())
                .map(Paper.Entry::answer)
                .filter(Objects::nonNull)
                .flatMap(answer -> answer.findings().stream())
                .toList();
        PartsList parts = PartsList.Typed.of(jobs.parts(view.job().id()).texts(), workshops.units())
                .list();
        boolean priced = parts.lines().stream().anyMatch(line -> line.cost() != null);
        return new Told(
                view,
                view.job().state() == JobState.SIGNED,
                HandOver.of(view.sheet(), findings),
                paper.section(),
                parts.lines().stream()
                        .map(line -> Show.number(line.count(), 1)
                                + (line.pieces() ? " × " : " " + line.unit() + " ")
                                + line.what()
                                + (line.place().isBlank() ? "" : ", " + line.place()))
                        .toList(),
                priced ? parts.total() : null,
                parts.unpriced().size());
    }

    private VisitService.Shown find(long id) {
        return visits.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
