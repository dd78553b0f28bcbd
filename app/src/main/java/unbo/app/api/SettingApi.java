package unbo.app.api;

import java.util.List;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutFields;
import unbo.core.setting.CastleNutWords;

/** Setting tapered pairs, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class SettingApi {

    record Position(double backOffDeg, double endPlayMm, boolean inBand) {}

    record NutPositions(List<Position> positions, Integer best, double axialPerStepMm, String advice) {}

    private final JsonTexts reader;

    SettingApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(operationId = "castleNut", summary = "Every locking position of a castellated nut with its end play")
    @PostMapping(path = "/castle-nut", consumes = MediaType.APPLICATION_JSON_VALUE)
    NutPositions castleNut(@RequestBody JsonNode body) {
        CastleNut nut = CastleNut.of(reader.read(CastleNutFields.LIST, body));
        return new NutPositions(
                nut.positions().stream()
                        .map(p -> new Position(p.backOffDeg(), p.endPlayMm(), p.inBand()))
                        .toList(),
                nut.best(),
                nut.axialPerStepMm(),
                CastleNutWords.advice(nut));
    }
}
