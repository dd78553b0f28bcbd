package unbo.app.api;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

import unbo.app.instrument.NoiseService;
import unbo.core.input.Problem;
import unbo.core.signal.Family;
import unbo.core.signal.Noise;
import unbo.core.signal.NoiseInput;
import unbo.core.tools.listening.NoiseFields;
import unbo.core.tools.listening.NoiseWords;

/** What a recording tells, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class NoiseApi {

    private static final double TWENTIETH = 20;

    record LineRates(double ftfHz, double bpfoHz, double bpfiHz, double bsfHz) {}

    record Spectrum(double stepHz, double[] levels) {}

    record NoiseAnswer(
            String finding,
            double marginDb,
            LineRates lines,
            double[] bandHz,
            Spectrum spectrum,
            double rpm,
            boolean estimatedGeometry,
            @JsonUnwrapped Judgement judgement) {}

    private final JsonTexts reader;
    private final NoiseService noises;

    NoiseApi(JsonTexts reader, NoiseService noises) {
        this.reader = reader;
        this.noises = noises;
    }

    @Operation(
            operationId = "noise",
            summary = "Whether a bearing's lines stand in a WAV recording, and whose; fields beside it as on the page")
    @PostMapping(path = "/noise", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    NoiseAnswer noise(
            @RequestPart(required = false) MultipartFile recording,
            @Parameter(hidden = true) @RequestParam Map<String, String> fields)
            throws IOException {
        NoiseInput input = reader.read(NoiseFields.LIST, fields);
        if (recording == null) {
            throw ApiProblem.of(
                    List.of(new Problem("recording", "Send the WAV file as the part named recording.", false)));
        }
        try (InputStream in = recording.getInputStream()) {
            Noise.Outcome outcome = noises.analyse(input, in);
            if (outcome.noise() == null) {
                throw ApiProblem.of(List.of(Problem.impossible("recording", outcome.refusal())));
            }
            return answer(outcome.noise());
        } catch (NoiseService.Busy busy) {
            throw new ApiProblem(HttpStatus.SERVICE_UNAVAILABLE, busy.getMessage(), List.of());
        }
    }

    private static NoiseAnswer answer(Noise noise) {
        double element = noise.standing(Family.ELEMENT).byGeometryHz() / 2;
        return new NoiseAnswer(
                noise.finding() == null ? "none" : noise.finding().code(),
                noise.marginDb(),
                new LineRates(
                        noise.standing(Family.CAGE).byGeometryHz(),
                        noise.standing(Family.OUTER_RACE).byGeometryHz(),
                        noise.standing(Family.INNER_RACE).byGeometryHz(),
                        element),
                new double[] {noise.band().loHz(), noise.band().hiHz()},
                new Spectrum(noise.spectrumStepHz(), tenths(noise.spectrumDb())),
                noise.shaftHz() * 60,
                noise.input().geometry().estimated(),
                Judgement.of(NoiseWords.answer(noise).findings()));
    }

    private static double[] tenths(double[] levels) {
        return Arrays.stream(levels)
                .map(db -> Math.round(db * TWENTIETH) / TWENTIETH)
                .toArray();
    }
}
