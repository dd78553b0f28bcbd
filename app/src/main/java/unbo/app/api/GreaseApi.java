package unbo.app.api;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.lubrication.BearingGrease;
import unbo.core.lubrication.BearingGreaseFields;
import unbo.core.lubrication.HubGrease;
import unbo.core.lubrication.HubGreaseFields;
import unbo.core.lubrication.MixQuestion;
import unbo.core.lubrication.Mixing;

/** Grease, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class GreaseApi {

    record Bearing(
            double freeVolumeCm3,
            List<Double> fillShare,
            List<Double> grams,
            List<Double> handPackedGrams,
            List<Double> cavityGrams,
            Double relubricationHours,
            double replenishGrams,
            Double strokes,
            Double relubricationKm,
            LocalDate dueOn,
            Double strokesAYear) {}

    record Hub(
            List<Double> outerGrams,
            List<Double> innerGrams,
            double cavityCm3,
            double cavityGrams,
            double totalGrams,
            List<String> findings) {}

    record Mix(String verdict, String advice) {}

    private final JsonTexts reader;

    GreaseApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(operationId = "grease", summary = "Grease for one bearing: how much, how much again, when")
    @PostMapping(path = "/grease", consumes = MediaType.APPLICATION_JSON_VALUE)
    Bearing grease(@RequestBody JsonNode body) {
        BearingGrease g = BearingGrease.of(reader.read(BearingGreaseFields.LIST, body));
        return new Bearing(
                g.freeCm3(),
                List.of(g.share().least(), g.share().most()),
                range(g.grams()),
                range(g.handPacked()),
                range(g.cavityGrams()),
                g.hours(),
                g.replenishGrams(),
                g.strokes(),
                g.km(),
                g.dueOn(),
                g.strokesAYear());
    }

    @Operation(operationId = "hubGrease", summary = "Grease for a hub with two tapers and its cavity")
    @PostMapping(path = "/hub-grease", consumes = MediaType.APPLICATION_JSON_VALUE)
    Hub hub(@RequestBody JsonNode body) {
        HubGrease g = HubGrease.of(reader.read(HubGreaseFields.LIST, body));
        return new Hub(
                range(g.outerGrams()),
                range(g.innerGrams()),
                g.cavityCm3(),
                g.cavityGrams(),
                g.totalGrams(),
                g.findings().stream().map(f -> f.sentence()).toList());
    }

    @Operation(operationId = "greaseMix", summary = "Whether two thickeners mix")
    @GetMapping("/grease/mix")
    Mix mix(@RequestParam String a, @RequestParam String b) {
        Reading<MixQuestion.Pair> reading =
                FieldReader.read(MixQuestion.QUESTION.fields(), Map.of("a", a, "b", b), UnitSystem.METRIC);
        if (!reading.ok()) {
            throw ApiProblem.of(reading.problems());
        }
        MixQuestion.Pair pair = reading.record();
        return new Mix(Mixing.of(pair.a(), pair.b()).word(), Mixing.sentence(pair.a(), pair.b()));
    }

    /** Null where there is nothing to say, as the contract has it for unknown values. */
    private static List<Double> range(HubGrease.Range range) {
        return range == null ? null : List.of(range.least(), range.most());
    }
}
