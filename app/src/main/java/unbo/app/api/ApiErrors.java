package unbo.app.api;

import java.util.List;
import java.util.Map;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

import unbo.app.web.TooLarge;
import unbo.core.input.Problem;

/** RFC 9457 answers with a sentence for each field. */
@Order(Ordered.HIGHEST_PRECEDENCE)
@RestControllerAdvice(basePackageClasses = ApiErrors.class)
class ApiErrors extends ResponseEntityExceptionHandler {

    @ExceptionHandler
    ProblemDetail refused(ApiProblem problem) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
        detail.setTitle(
                switch (problem.status()) {
                    case BAD_REQUEST -> "This cannot be read";
                    case PAYLOAD_TOO_LARGE -> "This is too large";
                    case SERVICE_UNAVAILABLE -> "Many are asking at once";
                    default -> "This cannot be";
                });
        detail.setProperty(
                "errors",
                problem.problems().stream()
                        .map(p -> Map.of("field", p.field(), "message", p.sentence()))
                        .toList());
        return detail;
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLarge tooLarge) {
                return answer(refused(new ApiProblem(
                        HttpStatus.PAYLOAD_TOO_LARGE,
                        "What was sent is larger than Unbo takes: " + tooLarge.getMessage() + ".",
                        List.of())));
            }
        }
        return answer(refused(new ApiProblem(
                HttpStatus.BAD_REQUEST,
                "The body is not readable JSON: send one object with named fields.",
                List.of())));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String sentence = "The parameter " + e.getParameterName() + " is missing from the address.";
        return answer(refused(new ApiProblem(
                HttpStatus.BAD_REQUEST, sentence, List.of(Problem.impossible(e.getParameterName(), sentence)))));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMediaTypeNotSupported(
            HttpMediaTypeNotSupportedException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Send the body as application/json.");
        detail.setTitle("Wrong content type");
        detail.setProperty("errors", List.of());
        return answer(detail);
    }

    private static ResponseEntity<Object> answer(ProblemDetail detail) {
        return ResponseEntity.status(detail.getStatus())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }
}
