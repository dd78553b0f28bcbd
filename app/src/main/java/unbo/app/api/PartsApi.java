package unbo.app.api;

import java.util.List;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.identify.TypeFinder;
import unbo.core.input.Problem;
import unbo.core.parts.PartLine;
import unbo.core.tool.Shape;
import unbo.core.tools.parts.PartLineFields;
import unbo.core.tools.parts.PartsList;
import unbo.core.tools.parts.PartsWords;

/** Parts, seals and kinds of bearing, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class PartsApi {

    record Line(String what, String supplier, Double cost) {}

    record Totals(
            double total,
            Double totalA,
            Double totalB,
            List<Line> lines,
            List<String> unpriced,
            @JsonUnwrapped Judgement judgement) {}

    record Choice(String words, String leads) {}

    record Kinds(
            String question,
            List<Choice> options,
            String found,
            String place,
            String hubType,
            String reads,
            String sets) {}

    static final Shape PARTS = Shape.EMPTY.andColumns("lines", Shape.of(PartLineFields.LIST));

    private final JsonTexts reader;

    PartsApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(
            operationId = "parts",
            summary = "What a list of parts costs from each of two suppliers and as chosen; body: "
                    + "{lines: [{kind, what, place, count, unit, alwaysNew, priceA, priceB, from}]}")
    @PostMapping(path = "/parts", consumes = MediaType.APPLICATION_JSON_VALUE)
    Totals parts(@RequestBody JsonNode body) {
        JsonTexts.judge(new BodyShape(PARTS), body);
        PartsList list = new PartsList(reader.readAll(PartLineFields.LIST, "lines", body.get("lines"), PartsList.MOST));
        return new Totals(
                list.total(),
                list.totalA(),
                list.totalB(),
                list.lines().stream()
                        .map(l -> new Line(
                                l.what(),
                                l.supplier() == null ? null : l.supplier().name(),
                                l.cost()))
                        .toList(),
                list.unpriced().stream().map(PartLine::what).toList(),
                Judgement.of(PartsWords.answer(list).findings()));
    }

    @Operation(operationId = "type", summary = "The type finder: a question with its options, or what was found")
    @GetMapping("/type")
    Kinds type(@RequestParam(defaultValue = TypeFinder.START) String at) {
        return TypeFinder.found(at)
                .map(f -> new Kinds(
                        null,
                        List.of(),
                        f.name(),
                        f.place(),
                        f.hubType().isEmpty() ? null : f.hubType(),
                        f.reads(),
                        f.sets()))
                .or(() -> TypeFinder.step(at)
                        .map(s -> new Kinds(
                                s.question(),
                                s.options().stream()
                                        .map(o -> new Choice(o.words(), o.leads()))
                                        .toList(),
                                null,
                                null,
                                null,
                                null,
                                null)))
                .orElseThrow(() -> new ApiProblem(
                        HttpStatus.BAD_REQUEST,
                        "“" + at + "” is no step here: leave it out to begin.",
                        List.of(new Problem("at", "Leave it out to begin.", false))));
    }
}
