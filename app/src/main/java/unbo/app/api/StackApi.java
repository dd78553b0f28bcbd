package unbo.app.api;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.input.Problem;
import unbo.core.measure.Show;
import unbo.core.stack.Link;
import unbo.core.stack.Stack;
import unbo.core.stack.StackInput;
import unbo.core.tool.Shape;
import unbo.core.tools.setting.LinkFields;
import unbo.core.tools.setting.StackWords;

/** The gap between two chains and the shims for it, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class StackApi {

    record Slip(String name, double lengthMm, double suggestedMm) {}

    record Stacked(
            double gapMm,
            List<Double> worstCaseMm,
            List<Double> rssMm,
            double hotGapMm,
            List<Double> shims,
            Double resultMm,
            Double hotResultMm,
            boolean worstCaseInside,
            Double solvedMm,
            Double buyMm,
            List<String> questions,
            List<Slip> slips,
            @JsonUnwrapped Judgement judgement) {}

    private static final Shape LINK = Shape.of(LinkFields.LINK);
    static final Shape STACK = Shape.EMPTY
            .andColumns("outer", LINK)
            .andColumns("inner", LINK)
            .and("target", Shape.EMPTY.and("min", LinkFields.FRAME, "min").and("max", LinkFields.FRAME, "max"))
            .andColumns("stock", Shape.of(LinkFields.SHIM))
            .and("workingTemperature", LinkFields.FRAME, "workingTemperature");

    private final JsonTexts reader;

    StackApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(
            operationId = "stack",
            summary = "The gap between two chains, hot and cold, and the shims that fill it; body: "
                    + "{outer: [{name, length, uncertainty, material, unknown}], inner: [...], "
                    + "target: {min, max}, stock: [{thickness, count}], workingTemperature}")
    @PostMapping(path = "/stack", consumes = MediaType.APPLICATION_JSON_VALUE)
    Stacked stack(@RequestBody JsonNode body) {
        JsonTexts.judge(new BodyShape(STACK), body);
        Map<String, String> frame = new HashMap<>();
        body.path("target")
                .fieldNames()
                .forEachRemaining(
                        name -> frame.put(name, body.get("target").get(name).asText()));
        if (body.hasNonNull("workingTemperature")) {
            frame.put("workingTemperature", body.get("workingTemperature").asText());
        }
        StackInput wanted = reader.read(LinkFields.FRAME, frame);
        List<Link> outer = reader.readAll(LinkFields.LINK, "outer", body.get("outer"), StackInput.MOST_LINKS);
        List<Link> inner = reader.readAll(LinkFields.LINK, "inner", body.get("inner"), StackInput.MOST_LINKS);
        List<StackInput.Shim> stock =
                body.hasNonNull("stock") && !body.get("stock").isEmpty()
                        ? reader.readAll(LinkFields.SHIM, "stock", body.get("stock"), StackInput.MOST_SHIMS)
                        : List.of();
        List<Problem> problems = LinkFields.chains(outer, inner);
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        Stack s = Stack.of(new StackInput(outer, inner, wanted.minMm(), wanted.maxMm(), stock, wanted.workingC()));
        return new Stacked(
                s.gapMm(),
                List.of(s.gapMm() - s.worstMm(), s.gapMm() + s.worstMm()),
                List.of(s.gapMm() - s.rssMm(), s.gapMm() + s.rssMm()),
                s.hotGapMm(),
                s.shimsMm() == null ? List.of() : s.shimsMm(),
                s.resultMm(),
                s.hotResultMm(),
                s.worstInside(),
                s.solvedMm(),
                s.buyMm(),
                s.questions().stream()
                        .map(q -> q.name() + ": did you mean " + Show.number(q.suggestedMm(), 3) + " mm instead of "
                                + Show.number(q.lengthMm(), 3) + " mm?")
                        .toList(),
                s.questions().stream()
                        .map(q -> new Slip(q.name(), q.lengthMm(), q.suggestedMm()))
                        .toList(),
                Judgement.of(StackWords.answer(s).findings()));
    }
}
