package unbo.app.api;

import java.time.LocalDate;
import java.util.List;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.finding.Finding;
import unbo.core.proof.EndPlay;
import unbo.core.proof.HubHeat;
import unbo.core.proof.Proof;
import unbo.core.proof.ProofFields;
import unbo.core.service.Due;
import unbo.core.service.DueFields;

/** Proofs of a finished hub and its next service, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class ProofApi {

    record Judged(String code, String level, String sentence) {

        static List<Judged> of(List<Finding> findings) {
            return findings.stream()
                    .map(f -> new Judged(f.code(), f.level().word(), f.sentence()))
                    .toList();
        }
    }

    record EndPlayProof(
            Double endPlayMm, Double spreadMm, Double warmerK, List<Judged> findings, List<String> missing) {}

    record NextService(
            LocalDate dueOn,
            LocalDate byTime,
            LocalDate byDistance,
            Double dueCounter,
            Integer dueImmersions,
            List<Judged> findings) {}

    private final JsonTexts reader;

    ProofApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(operationId = "endPlay", summary = "End play from push and pull readings, and hub heat against the twin")
    @PostMapping(path = "/end-play", consumes = MediaType.APPLICATION_JSON_VALUE)
    EndPlayProof endPlay(@RequestBody JsonNode body) {
        Proof proof = Proof.of(reader.read(ProofFields.LIST, body));
        EndPlay play = proof.endPlay();
        HubHeat heat = proof.heat();
        return new EndPlayProof(
                play == null ? null : play.meanMm(),
                play == null ? null : play.spreadMm(),
                heat == null ? null : heat.warmerK(),
                Judged.of(proof.findings()),
                proof.missing());
    }

    @Operation(operationId = "serviceDue", summary = "When an adjustable hub is due again")
    @PostMapping(path = "/service-due", consumes = MediaType.APPLICATION_JSON_VALUE)
    NextService due(@RequestBody JsonNode body) {
        Due due = Due.of(reader.read(DueFields.LIST, body));
        return new NextService(
                due.on(), due.byTime(), due.byDistance(), due.atCounter(), due.immersions(), Judged.of(due.findings()));
    }
}
