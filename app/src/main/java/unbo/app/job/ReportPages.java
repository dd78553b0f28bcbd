package unbo.app.job;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.context.ApplicationContext;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;
import org.thymeleaf.context.WebContext;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.expression.ThymeleafEvaluationContext;
import org.thymeleaf.web.servlet.JakartaServletWebApplication;

import unbo.app.report.PdfWriter;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;

/** The report of a job, on the screen and on paper. */
@Page
class ReportPages {

    private final JobService jobs;
    private final AnswerService answers;
    private final WorkshopService workshops;
    private final PdfWriter pdf;
    private final SpringTemplateEngine templates;
    private final ApplicationContext beans;

    ReportPages(JobService jobs, AnswerService answers, WorkshopService workshops, PdfWriter pdf, SpringTemplateEngine templates, ApplicationContext beans) {
        this.jobs = jobs;
        this.answers = answers;
        this.workshops = workshops;
        this.pdf = pdf;
        this.templates = templates;
        this.beans = beans;
    }

    @GetMapping("/jobs/{id}/report")
    String report(@PathVariable long id, Model model) {
        model.addAllAttributes(content(id));
        return "job/report";
    }

    @GetMapping("/jobs/{id}/report.pdf")
    ResponseEntity<byte[]> paper(@PathVariable long id, HttpServletRequest request, HttpServletResponse response) {
        String html = printed(content(id), request, response);
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", "inline; filename=\"unbo-job-" + id + ".pdf\"").body(pdf.write(html));
    }

    private Map<String, Object> content(long id) {
        JobView view = jobs.view(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        Map<String, Object> content = new HashMap<>(Map.of("view", view, "notes", jobs.notes(id), "answers", answers.of(id), "workshop", workshops.current()));
        content.put("section", view.section(view.sheet()));
        return content;
    }

    private String printed(Map<String, Object> content, HttpServletRequest request, HttpServletResponse response) {
        WebContext context = new WebContext(JakartaServletWebApplication.buildApplication(request.getServletContext()).buildExchange(request, response), Locale.ENGLISH, content);
        context.setVariable(ThymeleafEvaluationContext.THYMELEAF_EVALUATION_CONTEXT_CONTEXT_VARIABLE_NAME, new ThymeleafEvaluationContext(beans, null));
        return templates.process("job/report-pdf", context);
    }
}
