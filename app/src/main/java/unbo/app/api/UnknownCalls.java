package unbo.app.api;

import java.util.List;

import jakarta.servlet.http.HttpServletRequest;

import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Calls under /api that no method takes, in the same form as every other error there; pages keep their own. */
@ControllerAdvice
class UnknownCalls {

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unknown(NoResourceFoundException e, HttpServletRequest request)
            throws NoResourceFoundException {
        if (!request.getRequestURI().startsWith("/api/")) {
            throw e;
        }
        return answer(e.getBody(), "There is no such call. They are listed at /api/docs.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> method(HttpRequestMethodNotSupportedException e, HttpServletRequest request)
            throws HttpRequestMethodNotSupportedException {
        if (!request.getRequestURI().startsWith("/api/")) {
            throw e;
        }
        return answer(
                e.getBody(), "This call is not made by " + e.getMethod() + ". The calls are listed at /api/docs.");
    }

    private static ResponseEntity<ProblemDetail> answer(ProblemDetail body, String sentence) {
        body.setDetail(sentence);
        body.setProperty("errors", List.of());
        return ResponseEntity.status(body.getStatus())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(body);
    }
}
