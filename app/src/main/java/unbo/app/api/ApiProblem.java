package unbo.app.api;

import java.util.List;

import org.springframework.http.HttpStatus;

import unbo.core.input.Problem;

/** Why a call cannot be answered; printed as application/problem+json. */
class ApiProblem extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final HttpStatus status;
    private final transient List<Problem> problems;

    ApiProblem(HttpStatus status, String detail, List<Problem> problems) {
        super(detail);
        this.status = status;
        this.problems = List.copyOf(problems);
    }

    /** 400 when something cannot be read, 422 when all was read but cannot be. */
    static ApiProblem of(List<Problem> problems) {
        boolean readable = problems.stream().allMatch(Problem::readable);
        return new ApiProblem(
                readable ? HttpStatus.UNPROCESSABLE_ENTITY : HttpStatus.BAD_REQUEST,
                problems.get(0).sentence(),
                problems);
    }

    HttpStatus status() {
        return status;
    }

    List<Problem> problems() {
        return problems;
    }
}
