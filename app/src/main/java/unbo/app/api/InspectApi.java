package unbo.app.api;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Step;
import unbo.core.damage.Mark;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapFields;
import unbo.core.damage.RingPainting;
import unbo.core.damage.Spread;
import unbo.core.damage.Stroke;
import unbo.core.damage.Track;
import unbo.core.input.Field;
import unbo.core.input.Problem;
import unbo.core.inspect.BearingCheck;
import unbo.core.inspect.Compound;
import unbo.core.inspect.Seat;
import unbo.core.inspect.SeatWords;
import unbo.core.measure.Quantity;
import unbo.core.strip.Removal;
import unbo.core.strip.RemovalFields;
import unbo.core.strip.RemovalWords;

/** Getting a bearing out and reading it, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class InspectApi {

    private static final double USUAL_WIDTH = 0.08;

    record ModeRead(String id, double confidence, List<String> because, List<String> against, String remedy) {}

    record RaceRead(List<ModeRead> modes, Map<String, Object> features, boolean scrap) {}

    record Way(String code, String name, boolean crossesElements, boolean shock, double minutes) {}

    record NoWay(String name, String why) {}

    record Plan(
            List<Way> ways,
            List<NoWay> refused,
            boolean scrap,
            Double forceLeastN,
            Double forceMostN,
            Double housingC,
            List<String> alwaysNew,
            List<Step> steps) {}

    record Checked(
            String verdict,
            Double axialShakeLeastMm,
            Double axialShakeMostMm,
            Boolean shakeInside,
            List<String> reasons) {}

    record Three(double min, double mean, double max) {}

    record Measured(
            String verdict,
            double meanMm,
            double ovalMm,
            double taperMm,
            Three interferenceUm,
            Three wantedUm,
            double gapMm,
            Double compoundToMm,
            double cureHours,
            List<String> options) {}

    private static final BodyShape STROKE = BodyShape.EMPTY
            .with(Field.choice(
                    "mark",
                    "Mark",
                    Mark.all().stream()
                            .map(mark -> new Field.Choice(mark.code(), mark.code()))
                            .toList()))
            .withNumber(Field.quantity("width", "Width, share of the race", Quantity.RATIO, "", 0, 1))
            .withEach(
                    "points",
                    BodyShape.EMPTY
                            .withNumber(Field.quantity("angleDeg", "Angle", Quantity.ANGLE, "°", -3600, 3600))
                            .withNumber(Field.quantity("across", "Place across the race", Quantity.RATIO, "", 0, 1)));
    private static final BodyShape RING = BodyShape.EMPTY
            .with(Field.choice(
                    "ring", "Ring", List.of(new Field.Choice("inner", "inner"), new Field.Choice("outer", "outer"))))
            .withEach("strokes", STROKE);
    static final BodyShape RACES = RING.with("kind", RaceMapFields.LIST, "kind")
            .with("turning", RaceMapFields.LIST, "turning")
            .with("elements", RaceMapFields.LIST, "elements")
            .with("designation", RaceMapFields.LIST, "designation")
            .with("up", RaceMapFields.LIST, "up")
            .with("load", RaceMapFields.LIST, "load")
            .with("other", RING);

    private final JsonTexts reader;
    private final WorkshopService workshops;

    InspectApi(JsonTexts reader, WorkshopService workshops) {
        this.reader = reader;
        this.workshops = workshops;
    }

    @Operation(
            operationId = "raceMap",
            summary = "Modes of damage read off painted races; body: {ring, kind, turning, elements, "
                    + "strokes: [{mark, width, points: [{angleDeg, across}]}], other: {ring, strokes}}")
    @PostMapping(path = "/race-map", consumes = MediaType.APPLICATION_JSON_VALUE)
    RaceRead raceMap(@RequestBody JsonNode body) {
        JsonTexts.judge(RACES, body);
        ObjectNode rest = JsonTexts.without(body, "ring", "strokes", "other");
        put(rest, body, "");
        if (body.hasNonNull("other")) {
            if (body.get("other").path("ring").asText().equals(body.path("ring").asText())) {
                throw ApiProblem.of(List.of(Problem.impossible(
                        "other.ring",
                        "The other ring is the " + (body.path("ring").asText().equals("inner") ? "outer" : "inner")
                                + " one.")));
            }
            put(rest, body.get("other"), "other.");
        }
        RaceMap map = RaceMap.of(reader.read(RaceMapFields.LIST, rest));
        Map<String, Object> features = new LinkedHashMap<>();
        features.put("inner", features(map.inner()));
        features.put("outer", features(map.outer()));
        return new RaceRead(
                map.ranked().stream()
                        .map(r -> new ModeRead(r.mode().id(), r.confidence(), r.because(), r.against(), r.remedy()))
                        .toList(),
                features,
                map.scrap());
    }

    private static void put(ObjectNode rest, JsonNode painting, String where) {
        String ring = painting.path("ring").asText();
        if (!ring.equals("inner") && !ring.equals("outer")) {
            throw ApiProblem.of(List.of(new Problem(where + "ring", "Write inner or outer.", false)));
        }
        rest.put(ring, Stroke.write(strokes(painting.path("strokes"), where + "strokes")));
    }

    private static List<Stroke> strokes(JsonNode list, String where) {
        List<Problem> problems = new ArrayList<>();
        List<Stroke> strokes = new ArrayList<>();
        if (!list.isArray()) {
            throw ApiProblem.of(List.of(new Problem(where, "Write a list of {mark, width, points}.", false)));
        }
        int total = 0;
        for (int i = 0; i < list.size(); i++) {
            String here = where + "[" + i + "]";
            JsonNode stroke = list.get(i);
            String mark = stroke.path("mark").asText();
            double width = stroke.path("width").asDouble(USUAL_WIDTH);
            JsonNode points = stroke.path("points");
            total += points.size();
            if (Mark.of(mark).isEmpty()) {
                problems.add(new Problem(
                        here + ".mark",
                        "“" + mark + "” is no mark: "
                                + String.join(
                                        ", ",
                                        Mark.all().stream().map(Mark::code).toList()) + ".",
                        false));
            } else if (!(width > 0) || width > 1) {
                problems.add(
                        Problem.impossible(here + ".width", "A width is over 0 and up to 1, the share of the race."));
            } else if (!points.isArray() || points.isEmpty() || total > Stroke.MOST_SPOTS || !numbers(points)) {
                problems.add(new Problem(
                        here + ".points",
                        "Write 1 to " + Stroke.MOST_SPOTS + " points {angleDeg, across}, across 0 to 1.",
                        false));
            } else {
                List<Stroke.Spot> spots = new ArrayList<>();
                points.forEach(p -> spots.add(new Stroke.Spot(
                        p.get("angleDeg").asDouble(), p.get("across").asDouble())));
                strokes.add(new Stroke(Mark.of(mark).get(), width, spots));
            }
        }
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        return strokes;
    }

    private static boolean numbers(JsonNode points) {
        for (JsonNode p : points) {
            if (!p.path("angleDeg").isNumber()
                    || !p.path("across").isNumber()
                    || p.get("across").asDouble() < 0
                    || p.get("across").asDouble() > 1
                    || Math.abs(p.get("angleDeg").asDouble()) > 3600) {
                return false;
            }
        }
        return true;
    }

    private static Map<String, Object> features(RingPainting ring) {
        Map<String, Object> features = new LinkedHashMap<>();
        Track t = ring.track();
        if (t != null) {
            features.put(
                    "track",
                    Map.of(
                            "centre",
                            t.centre(),
                            "width",
                            t.width(),
                            "tilt",
                            t.tilt(),
                            "arcDeg",
                            t.arcDeg(),
                            "twoOppositeArcs",
                            t.twoArcs()));
        }
        ring.marks().forEach((code, s) -> {
            if (!code.equals("track")) {
                features.put(code, spread(s));
            }
        });
        return features;
    }

    private static Map<String, Object> spread(Spread s) {
        return Map.of(
                "count",
                s.count(),
                "acrossLow",
                s.acrossLow(),
                "acrossHigh",
                s.acrossHigh(),
                "coverage",
                s.coverage(),
                "arcDeg",
                s.arcDeg(),
                "atElementPitch",
                s.atPitch(),
                "perTurn",
                s.order(),
                "regularity",
                s.regularity());
    }

    @Operation(
            operationId = "removal",
            summary = "Ways to get a bearing out, ranked, with the verdict on using it again")
    @PostMapping(path = "/removal", consumes = MediaType.APPLICATION_JSON_VALUE)
    Plan removal(@RequestBody JsonNode body) {
        ObjectNode asked = JsonTexts.without(body);
        if (!asked.has("tools")) {
            asked.put("tools", workshops.current().tools());
        }
        Removal r = Removal.of(reader.read(RemovalFields.LIST, asked));
        return new Plan(
                r.ways().stream()
                        .map(w -> new Way(w.code(), w.name(), w.crosses(), w.shock(), w.minutes()))
                        .toList(),
                r.refused().stream().map(f -> new NoWay(f.name(), f.why())).toList(),
                r.scrap(),
                r.fit() == null ? null : r.fit().pressN() * unbo.core.fit.Fit.REMOVE_LEAST,
                r.fit() == null ? null : r.fit().pressN() * unbo.core.fit.Fit.REMOVE_MOST,
                r.heatC(),
                RemovalWords.alwaysNew(r.input()),
                RemovalWords.answer(r).steps());
    }

    @Operation(operationId = "bearingCheck", summary = "Whether a cleaned bearing may go back")
    @PostMapping(path = "/bearing-check", consumes = MediaType.APPLICATION_JSON_VALUE)
    Checked check(@RequestBody JsonNode body) {
        BearingCheck c = BearingCheck.of(reader.read(BearingCheck.LIST, body));
        return new Checked(
                c.verdict().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                c.leastMm(),
                c.mostMm(),
                c.shakeInside(),
                c.reasons());
    }

    @Operation(
            operationId = "seat",
            summary = "A measured seat: its shape, its hold against the fit wanted, and what can be done")
    @PostMapping(path = "/seat", consumes = MediaType.APPLICATION_JSON_VALUE)
    Measured seat(@RequestBody JsonNode body) {
        Seat s = Seat.of(reader.read(Seat.LIST, body));
        return new Measured(
                s.verdict().name().toLowerCase(Locale.ROOT),
                s.meanMm(),
                s.ovalMm(),
                s.taperMm(),
                new Three(s.found().minUm(), s.found().meanUm(), s.found().maxUm()),
                new Three(s.wanted().minUm(), s.wanted().meanUm(), s.wanted().maxUm()),
                s.meanGapMm(),
                s.meanGapMm() == 0
                        ? null
                        : Compound.of(s.meanGapMm()).map(Compound::mostGapMm).orElse(null),
                Compound.cureHours(s.input().celsius()),
                SeatWords.answer(s).sentences());
    }
}
