package unbo.app.api;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import unbo.app.catalogue.OwnCatalogue;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.Part;
import unbo.core.catalogue.CaliperFind;
import unbo.core.designation.TaperMatch;
import unbo.core.identify.IdentifyQuestions;
import unbo.core.identify.Interchange;
import unbo.core.identify.Suitability;
import unbo.core.input.Problem;

/** Markings on rings, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class DesignationApi {

    private static final int LONGEST = 60;

    record Decoding(
            String marking,
            boolean recognised,
            String kind,
            Double boreMm,
            Double outsideMm,
            Double widthMm,
            boolean boundaryKnown,
            String toleranceClass,
            String clearanceClass,
            String sealing,
            List<Part> parts,
            List<String> warnings,
            List<String> completions,
            String designation) {}

    record Match(Boolean match, String reason) {}

    record Deviations(Double bore, Double outside, Double width) {}

    record FoundBearing(
            String designation,
            String kind,
            double boreMm,
            double outsideMm,
            double widthMm,
            Deviations deviationsMm,
            boolean exact) {}

    record FoundList(List<FoundBearing> candidates) {}

    record StandIn(String designation, String kind, String verdict, List<String> changes) {}

    record StandIns(List<StandIn> candidates) {}

    record Suited(String verdict, List<String> reasons) {}

    private final JsonTexts reader;
    private final OwnCatalogue own;

    DesignationApi(JsonTexts reader, OwnCatalogue own) {
        this.reader = reader;
        this.own = own;
    }

    @Operation(
            operationId = "decode",
            summary = "What a marking says: type, series, bore, seals, clearance, tolerance, and its sizes")
    @GetMapping("/decode")
    Decoding decode(@RequestParam String marking) {
        Bearing d = own.book().decode(checked("marking", marking));
        return new Decoding(
                d.marking(),
                d.recognised(),
                d.kind().code(),
                d.boreMm(),
                d.outsideMm(),
                d.widthMm(),
                d.boundaryKnown(),
                d.suffixes().tolerance(),
                d.suffixes().clearance(),
                d.recognised() ? d.suffixes().sealing() : null,
                d.parts(),
                d.warnings(),
                d.completions(),
                d.designation());
    }

    @Operation(
            operationId = "find",
            summary = "Bearings that have two or three measured sizes, near misses behind them")
    @GetMapping("/find")
    FoundList find(@RequestParam Map<String, String> sizes) {
        CaliperFind find = reader.read(IdentifyQuestions.SIZES, sizes);
        return new FoundList(Stream.concat(
                        find.exact().stream().map(f -> found(f, true)),
                        find.near().stream().map(f -> found(f, false)))
                .toList());
    }

    private static FoundBearing found(CaliperFind.Found f, boolean exact) {
        return new FoundBearing(
                f.bearing().designation(),
                f.bearing().kind().code(),
                f.bearing().boreMm(),
                f.bearing().outsideMm(),
                f.bearing().widthMm(),
                new Deviations(f.boreOff(), f.outsideOff(), f.widthOff()),
                exact);
    }

    @Operation(operationId = "interchange", summary = "What has the same boundary, and what each changes")
    @GetMapping("/interchange")
    StandIns interchange(@RequestParam String marking) {
        return new StandIns(
                Interchange.of(own.book().decode(checked("marking", marking)), own.book()).candidates().stream()
                        .map(c -> new StandIn(
                                c.designation(),
                                c.kind().code(),
                                c.verdict().name().toLowerCase(Locale.ROOT),
                                c.changes()))
                        .toList());
    }

    @Operation(operationId = "suitability", summary = "Whether a bearing belongs at a place, and why")
    @GetMapping("/suitability")
    Suited suitability(
            @RequestParam String marking,
            @RequestParam String place,
            @RequestParam(defaultValue = "false") boolean immersed,
            @RequestParam(required = false) String rpm,
            @RequestParam(required = false) String loadN) {
        if (Suitability.placeLabel(place).isEmpty()) {
            throw new ApiProblem(
                    HttpStatus.BAD_REQUEST,
                    "“" + place + "” is no place known here.",
                    List.of(new Problem(
                            "place",
                            "Write one of "
                                    + Suitability.places().stream()
                                            .map(p -> p.code())
                                            .collect(Collectors.joining(", ")) + ".",
                            false)));
        }
        IdentifyQuestions.AtPlace asked = reader.read(
                IdentifyQuestions.INTERCHANGE.fields(),
                Map.of(
                        "marking",
                        checked("marking", marking),
                        "place",
                        place,
                        "immersed",
                        immersed ? "yes" : "",
                        "rpm",
                        rpm == null ? "" : rpm,
                        "loadN",
                        loadN == null ? "" : loadN));
        Suitability s = Suitability.of(asked.bearing(), place, immersed, asked.duty());
        return new Suited(s.verdict().name().toLowerCase(Locale.ROOT), s.reasons());
    }

    @Operation(operationId = "match", summary = "Whether a cone and a cup belong together")
    @GetMapping("/match")
    Match match(@RequestParam String cone, @RequestParam String cup) {
        TaperMatch match = TaperMatch.of(checked("cone", cone), checked("cup", cup));
        return new Match(match.match(), match.reason());
    }

    private static String checked(String name, String text) {
        if (text.isBlank() || text.length() > LONGEST) {
            throw new ApiProblem(
                    HttpStatus.BAD_REQUEST,
                    "The parameter " + name + " must have 1 to " + LONGEST + " characters.",
                    List.of(Problem.impossible(name, "Write 1 to " + LONGEST + " characters.")));
        }
        return text;
    }
}
