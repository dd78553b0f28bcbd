package unbo.app.api;

import java.util.List;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import io.swagger.v3.oas.annotations.Operation;

import unbo.core.designation.Decoded;
import unbo.core.designation.Part;
import unbo.core.designation.TaperDecoder;
import unbo.core.designation.TaperMatch;
import unbo.core.input.Problem;

/** Markings on rings, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class DesignationApi {

    private static final int LONGEST = 60;

    record Decoding(String marking, boolean recognised, String kind, Double boreMm, Double outsideMm, Double widthMm, boolean boundaryKnown,
                    String toleranceClass, String clearanceClass, String sealing, List<Part> parts, List<String> warnings, List<String> completions) {
    }

    record Match(Boolean match, String reason) {
    }

    @Operation(operationId = "decode", summary = "What a marking says: tapers by their numbering, other listed numbers by their sizes")
    @GetMapping("/decode")
    Decoding decode(@RequestParam String marking) {
        Decoded d = TaperDecoder.decode(checked("marking", marking));
        return new Decoding(d.marking(), d.recognised(), d.kind(), d.boreMm(), d.outsideMm(), d.widthMm(), d.boundaryKnown(), null, null,
                d.recognised() ? "open" : null, d.parts(), d.warnings(), d.completions());
    }

    @Operation(operationId = "match", summary = "Whether a cone and a cup belong together")
    @GetMapping("/match")
    Match match(@RequestParam String cone, @RequestParam String cup) {
        TaperMatch match = TaperMatch.of(checked("cone", cone), checked("cup", cup));
        return new Match(match.match(), match.reason());
    }

    private static String checked(String name, String text) {
        if (text.isBlank() || text.length() > LONGEST) {
            throw new ApiProblem(HttpStatus.BAD_REQUEST, "The parameter " + name + " must have 1 to " + LONGEST + " characters.",
                    List.of(Problem.impossible(name, "Write 1 to " + LONGEST + " characters.")));
        }
        return text;
    }
}
