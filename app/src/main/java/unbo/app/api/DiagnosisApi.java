package unbo.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import unbo.app.diagnosis.CaseService;
import unbo.core.diagnosis.Check;
import unbo.core.diagnosis.Checks;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisInput;
import unbo.core.diagnosis.NextCheck;
import unbo.core.diagnosis.Way;
import unbo.core.input.Field;
import unbo.core.input.Problem;
import unbo.core.tool.Shape;
import unbo.core.tools.diagnosing.DiagnosisFields;
import unbo.core.tools.diagnosing.DiagnosisWords;

/** Is it the bearing, which one, how urgent, and what to check next: by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class DiagnosisApi {

    private static final String CHECKS = "checks";
    /** True where the workshop's own cases move the table: without it a call is answered by the shipped one alone. */
    private static final String OWN = "own";

    private static final int LONGEST_CODE = 40;

    record Evidence(String check, String position, String result, double likelihoodRatio, String words) {}

    /** @param positions both of a cause at a pair; left out of all others */
    record Ranked(
            String id,
            String position,
            @JsonInclude(JsonInclude.Include.NON_NULL) List<String> positions,
            String label,
            double probability,
            List<Evidence> evidence) {}

    record Next(
            String id,
            String position,
            double gainBits,
            double savedMinutes,
            double minutes,
            String caution,
            String how,
            boolean firstForSafety) {}

    record Answered(
            List<Ranked> causes,
            List<Next> nextChecks,
            List<String> contradictions,
            String urgency,
            List<String> urgencyReasons,
            String roadTestHeld,
            List<String> roadTest,
            @JsonUnwrapped Judgement judgement) {}

    record ResultLabel(String id, String label) {}

    record CheckLabel(
            String id,
            boolean positioned,
            String question,
            List<ResultLabel> results,
            double minutes,
            List<String> positions) {}

    record CheckList(List<CheckLabel> checks) {}

    static final Shape DIAGNOSE = Shape.of(DiagnosisFields.LIST)
            .andLines(
                    CHECKS,
                    Shape.EMPTY
                            .and(Field.text("id", "Check", LONGEST_CODE).must())
                            .and(Field.text("position", "Position", LONGEST_CODE))
                            .and(Field.text("result", "Result", LONGEST_CODE).must()))
            .and(Field.yesNo(OWN, "The workshop's own cases count as well"));

    private final JsonTexts reader;
    private final CaseService cases;

    DiagnosisApi(JsonTexts reader, CaseService cases) {
        this.reader = reader;
        this.cases = cases;
    }

    @Operation(
            operationId = "diagnose",
            summary = "Causes by probability, the next checks, contradictions and urgency, from results noted so far")
    @PostMapping(path = "/diagnose", consumes = MediaType.APPLICATION_JSON_VALUE)
    Answered diagnose(@RequestBody JsonNode body) {
        DiagnosisInput input = reader.read(DiagnosisFields.LIST, JsonTexts.without(flat(body), OWN));
        Diagnosis diagnosis = body.path(OWN).asBoolean() ? Diagnosis.of(input, cases.current()) : Diagnosis.of(input);
        DiagnosisWords words = DiagnosisWords.of(diagnosis);
        return new Answered(
                diagnosis.ranked().stream()
                        .map(r -> ranked(words, diagnosis.input().vehicle(), r))
                        .toList(),
                diagnosis.nextChecks().stream().map(DiagnosisApi::next).toList(),
                words.contradictions(),
                DiagnosisWords.word(diagnosis.urgency()),
                words.reasons(),
                words.roadHeld().isEmpty() ? null : words.roadHeld(),
                diagnosis.roadCard().manoeuvres().stream()
                        .map(m -> m.way().check().id())
                        .toList(),
                Judgement.of(words.answer().findings()));
    }

    private static Ranked ranked(DiagnosisWords words, String vehicle, Diagnosis.Ranked r) {
        return new Ranked(
                r.hypothesis().cause().code(),
                r.hypothesis().position(),
                r.hypothesis().pair().isEmpty() ? null : r.hypothesis().pair(),
                r.hypothesis().words(vehicle),
                r.probability(),
                r.evidence().stream()
                        .map(e -> new Evidence(
                                e.seen().check().id(),
                                e.seen().position(),
                                e.seen().result().code(),
                                e.likelihoodRatio(),
                                words.evidence(e)))
                        .toList());
    }

    private static Next next(NextCheck n) {
        return new Next(
                n.check().id(),
                n.position(),
                n.gainBits(),
                n.savedMinutes(),
                n.way().minutes(),
                n.way().caution(),
                n.way().how(),
                n.first());
    }

    @Operation(
            operationId = "diagnoseChecks",
            summary = "The checks of a kind of vehicle, with the results each can have")
    @GetMapping("/diagnose/checks")
    CheckList checks(@RequestParam String vehicle) {
        if (DiagnosisFields.VEHICLES.stream().noneMatch(v -> v.code().equals(vehicle))) {
            throw new ApiProblem(
                    HttpStatus.BAD_REQUEST,
                    "“" + vehicle + "” is no kind of vehicle here.",
                    List.of(new Problem(
                            "vehicle",
                            "Write one of "
                                    + DiagnosisFields.VEHICLES.stream()
                                            .map(v -> v.code())
                                            .collect(Collectors.joining(", "))
                                    + ".",
                            false)));
        }
        return new CheckList(
                Checks.on(vehicle).stream().map(check -> label(vehicle, check)).toList());
    }

    private static CheckLabel label(String vehicle, Check check) {
        List<Way> ways = Checks.ways(vehicle).stream()
                .filter(w -> w.check().equals(check))
                .toList();
        return new CheckLabel(
                check.id(),
                check.positioned(),
                check.question(),
                check.results().stream()
                        .map(r -> new ResultLabel(r.code(), r.label()))
                        .toList(),
                ways.get(0).minutes(),
                ways.stream().flatMap(w -> w.positions().stream()).toList());
    }

    /**
     * The list of results as the one text that the field list reads. @throws ApiProblem 400 for an entry that is no
     * check with a result
     */
    private static JsonNode flat(JsonNode body) {
        JsonTexts.judge(new BodyShape(DIAGNOSE), body);
        if (!body.has(CHECKS) || body.get(CHECKS).isTextual()) {
            return body;
        }
        List<Problem> problems = new ArrayList<>();
        List<String> texts = new ArrayList<>();
        JsonNode list = body.get(CHECKS);
        for (int i = 0; i < list.size(); i++) {
            String here = CHECKS + "[" + i + "]";
            JsonNode entry = list.get(i);
            String at = entry.path("position").asText("");
            String text = entry.path("id").asText("") + (at.isEmpty() || at.equals("null") ? "" : "@" + at) + "="
                    + entry.path("result").asText("");
            if (!text.matches("[A-Za-z0-9-]+(@[A-Za-z0-9-]+)?=[A-Za-z0-9-]+")) {
                problems.add(
                        new Problem(here, "id and result are needed, as codes of letters, digits and hyphens.", false));
            }
            texts.add(text);
        }
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        ObjectNode flat = body.deepCopy();
        return flat.put(CHECKS, String.join(" ", texts));
    }
}
