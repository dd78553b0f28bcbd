package unbo.app.api;

import java.util.List;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.fit.Fit;
import unbo.core.fit.FitFields;
import unbo.core.fit.Interference;

/** Fits, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class FitApi {

    record Three(double min, double mean, double max) {

        static Three of(Interference i) {
            return i == null ? null : new Three(i.minUm(), i.meanUm(), i.maxUm());
        }
    }

    record ClassLeft(String clearanceClass, Three coldUm, Three warmUm) {}

    record Fitted(
            Three interferenceUm,
            double pressureMPa,
            double pressForceKN,
            Double clearanceLossUm,
            Three remainingClearanceUm,
            String verdict,
            List<ClassLeft> classes) {}

    static final BodyShape FIT = BodyShape.of(FitFields.LIST)
            .with(
                    "measured",
                    BodyShape.EMPTY
                            .with("minMm", FitFields.LIST, "measuredMinMm")
                            .with("maxMm", FitFields.LIST, "measuredMaxMm"));

    private final JsonTexts reader;

    FitApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(
            operationId = "fit",
            summary = "Interference, pressure, press force and the clearance that is left; measured: "
                    + "{minMm, maxMm} may stand for a seat's symbol")
    @PostMapping(path = "/fit", consumes = MediaType.APPLICATION_JSON_VALUE)
    Fitted fit(@RequestBody JsonNode body) {
        JsonTexts.judge(FIT, body);
        ObjectNode flat = JsonTexts.without(body, "measured");
        body.path("measured")
                .properties()
                .forEach(e -> flat.set(e.getKey().equals("minMm") ? "measuredMinMm" : "measuredMaxMm", e.getValue()));
        Fit fit = Fit.of(reader.read(FitFields.LIST, flat));
        return new Fitted(
                Three.of(fit.interference()),
                fit.pressureMPa(),
                fit.pressN() / 1000,
                fit.lossUm().meanUm(),
                fit.chosen() == null ? null : Three.of(fit.chosen().warm()),
                fit.chosen() == null ? null : fit.preload() ? "preload" : "clearance",
                fit.left().stream()
                        .map(l -> new ClassLeft(l.clearanceClass(), Three.of(l.cold()), Three.of(l.warm())))
                        .toList());
    }
}
