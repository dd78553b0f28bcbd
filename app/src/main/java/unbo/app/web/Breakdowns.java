package unbo.app.web;

import java.io.File;
import java.io.IOException;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Set;

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
import org.springframework.http.HttpStatusCode;
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
    /** Where nothing was read that could be given back. */
    private static final Set<Integer> NOTHING_READ = Set.of(411, 413);

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    Object data(RuntimeException failure, HttpServletRequest request, HttpServletResponse response) {
        Breakdown breakdown =
                Breakdown.of(failure, new File("").getAbsoluteFile().getUsableSpace());
        if (breakdown == null) {
            throw failure;
        }
        LOG.warn("{} {}: {}", request.getMethod(), request.getRequestURI(), breakdown.title());
        return refused(breakdown, request.getRequestURI(), request, response);
    }

    @ExceptionHandler({MaxUploadSizeExceededException.class, MultipartException.class})
    Object tooLarge(HttpServletRequest request, HttpServletResponse response) {
        return refused(Breakdown.tooLarge(Largest.of(request)), request.getRequestURI(), request, response);
    }

    /** What the limit on bodies has refused. */
    @RequestMapping(BodyLimit.TOO_MUCH)
    Object tooMuch(HttpServletRequest request, HttpServletResponse response) {
        if (!(request.getAttribute(BodyLimit.TOO_MUCH) instanceof Breakdown breakdown)) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return refused(
                breakdown,
                String.valueOf(request.getAttribute(RequestDispatcher.FORWARD_REQUEST_URI)),
                request,
                response);
    }

    private static Object refused(
            Breakdown breakdown, String address, HttpServletRequest request, HttpServletResponse response) {
        if (!address.startsWith("/api/")) {
            return say(breakdown, request, response);
        }
        ProblemDetail detail =
                ProblemDetail.forStatusAndDetail(HttpStatusCode.valueOf(breakdown.status()), breakdown.sentence());
        detail.setTitle(breakdown.title());
        detail.setProperty("errors", List.of());
        return ResponseEntity.status(breakdown.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
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
        return say(cut ? Breakdown.tooLarge(Largest.FORM) : Breakdown.TOO_LATE, request, response);
    }

    private static ModelAndView say(Breakdown breakdown, HttpServletRequest request, HttpServletResponse response) {
        Object forwarded = request.getAttribute(RequestDispatcher.FORWARD_REQUEST_URI);
        boolean form = request.getMethod().equals("POST") && !NOTHING_READ.contains(breakdown.status());
        response.setStatus(breakdown.status());
        if (breakdown.waiting()) {
            response.setHeader(HttpHeaders.RETRY_AFTER, "5");
        }
        ModelAndView page = new ModelAndView("again");
        page.addObject("breakdown", breakdown);
        page.addObject("address", forwarded == null ? request.getRequestURI() : forwarded);
        page.addObject("form", form);
        page.addObject("sent", form ? Sent.of(request) : List.of());
        return page;
    }
}
