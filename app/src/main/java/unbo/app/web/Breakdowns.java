package unbo.app.web;

import java.io.File;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** Says breakdowns in sentences, and gives back what was typed so that it can be sent again. */
@Order(Ordered.HIGHEST_PRECEDENCE)
@Controller
@ControllerAdvice
class Breakdowns {

    /** Where a refused form is forwarded to; not an address of its own. */
    static final String TOO_LATE = "/sent-too-late";

    private static final Logger LOG = LoggerFactory.getLogger(Breakdowns.class);
    private static final String TOKEN = "_csrf";

    /** One text that was sent. */
    public record Sent(String name, String text) {
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ModelAndView data(RuntimeException failure, HttpServletRequest request, HttpServletResponse response) {
        Breakdown breakdown = Breakdown.of(failure, new File("").getAbsoluteFile().getUsableSpace());
        if (breakdown == null) {
            throw failure;
        }
        LOG.warn("{} {}: {}", request.getMethod(), request.getRequestURI(), breakdown.title());
        return say(breakdown, request, response);
    }

    @ExceptionHandler({MaxUploadSizeExceededException.class, MultipartException.class})
    Object tooLarge(HttpServletRequest request, HttpServletResponse response) {
        if (request.getRequestURI().startsWith("/api/")) {
            ProblemDetail detail = ProblemDetail.forStatusAndDetail(HttpStatus.PAYLOAD_TOO_LARGE, Breakdown.TOO_LARGE.sentence());
            detail.setTitle(Breakdown.TOO_LARGE.title());
            detail.setProperty("errors", List.of());
            return ResponseEntity.status(HttpStatus.PAYLOAD_TOO_LARGE).contentType(MediaType.APPLICATION_PROBLEM_JSON).body(detail);
        }
        return say(Breakdown.TOO_LARGE, request, response);
    }

    @ExceptionHandler(NoSuchElementException.class)
    void missing(HttpServletResponse response) throws IOException {
        response.sendError(HttpServletResponse.SC_NOT_FOUND);
    }

    @RequestMapping(TOO_LATE)
    ModelAndView tooLate(HttpServletRequest request, HttpServletResponse response) {
        if (request.getAttribute(RequestDispatcher.FORWARD_REQUEST_URI) == null) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        boolean cut = request.getAttribute("org.apache.catalina.parameter_parse_failed") != null;
        return say(cut ? Breakdown.TOO_LARGE : Breakdown.TOO_LATE, request, response);
    }

    private static ModelAndView say(Breakdown breakdown, HttpServletRequest request, HttpServletResponse response) {
        Object forwarded = request.getAttribute(RequestDispatcher.FORWARD_REQUEST_URI);
        boolean form = request.getMethod().equals("POST") && breakdown != Breakdown.TOO_LARGE;
        List<Sent> sent = new ArrayList<>();
        if (form) {
            request.getParameterMap().forEach((name, texts) -> {
                for (String text : texts) {
                    if (!name.equals(TOKEN)) {
                        sent.add(new Sent(name, text));
                    }
                }
            });
        }
        response.setStatus(breakdown.status());
        if (breakdown.waiting()) {
            response.setHeader(HttpHeaders.RETRY_AFTER, "5");
        }
        ModelAndView page = new ModelAndView("again");
        page.addObject("breakdown", breakdown);
        page.addObject("address", forwarded == null ? request.getRequestURI() : forwarded);
        page.addObject("form", form);
        page.addObject("sent", sent);
        return page;
    }
}
