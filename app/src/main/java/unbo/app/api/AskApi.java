package unbo.app.api;

import java.util.List;
import java.util.Optional;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import unbo.app.seek.SeekService;

/** What may be meant by whatever is typed, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class AskApi {

    record Read(String kind, String title, String address, double score, List<String> says) {}

    record Readings(List<Read> readings) {}

    private final SeekService seek;

    AskApi(SeekService seek) {
        this.seek = seek;
    }

    @Operation(
            operationId = "ask",
            summary = "What may be meant by a text: a number, sizes, a seal, a quantity, a tool, a complaint, a job, a "
                    + "vehicle or a position; the likeliest first")
    @GetMapping("/ask")
    Readings ask(@RequestParam(name = "q", defaultValue = "") String query) {
        return new Readings(seek.of(query, Optional.empty()).stream()
                .map(r -> new Read(r.kind().code(), r.title(), r.address(), r.score(), r.says()))
                .toList());
    }
}
