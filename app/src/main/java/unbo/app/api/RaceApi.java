package unbo.app.api;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.damage.Mark;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RingPainting;
import unbo.core.damage.Seen;
import unbo.core.damage.Spread;
import unbo.core.damage.Stroke;
import unbo.core.damage.Track;
import unbo.core.input.Field;
import unbo.core.input.Problem;
import unbo.core.measure.Quantity;
import unbo.core.tool.Shape;
import unbo.core.tools.strip.RaceMapFields;
import unbo.core.tools.strip.RaceMapWords;

/** Painted races read, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class RaceApi {

    private static final double USUAL_WIDTH = 0.08;

    record ModeRead(String id, double confidence, List<String> because, List<String> against, String remedy) {}

    record RaceRead(
            List<ModeRead> modes,
            Map<String, Object> features,
            boolean scrap,
            @JsonUnwrapped Judgement judgement) {}

    private static final Shape STROKE = Shape.EMPTY
            .and(Field.choice(
                    "mark",
                    "Mark",
                    Mark.all().stream()
                            .map(mark -> new Field.Choice(mark.code(), mark.code()))
                            .toList()))
            .andNumber(Field.quantity("width", "Width, share of the race", Quantity.RATIO, "", 0, 1), "width")
            .andColumns(
                    "points",
                    Shape.EMPTY
                            .andNumber(
                                    Field.quantity("angleDeg", "Angle", Quantity.ANGLE, "°", -3600, 3600), "angleDeg")
                            .andNumber(
                                    Field.quantity("across", "Place across the race", Quantity.RATIO, "", 0, 1),
                                    "across"));
    private static final Shape RING = Shape.EMPTY
            .and(Field.choice(
                    "ring", "Ring", List.of(new Field.Choice("inner", "inner"), new Field.Choice("outer", "outer"))))
            .andColumns("strokes", STROKE);
    static final Shape RACES = RING.and("kind", RaceMapFields.LIST, "kind")
            .and("turning", RaceMapFields.LIST, "turning")
            .and("elements", RaceMapFields.LIST, "elements")
            .and("designation", RaceMapFields.LIST, "designation")
            .and("up", RaceMapFields.LIST, "up")
            .and("load", RaceMapFields.LIST, "load")
            .and("other", RING)
            .and("seen", RaceMapFields.beside(RaceMapFields.LIST));

    private final JsonTexts reader;

    RaceApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(
            operationId = "raceMap",
            summary = "Modes of damage read off painted races; body: {ring, kind, turning, elements, "
                    + "strokes: [{mark, width, points: [{angleDeg, across}]}], other: {ring, strokes}, "
                    + "seen: {rolling, cage, seat, lip, grease, smell}}")
    @PostMapping(path = "/race-map", consumes = MediaType.APPLICATION_JSON_VALUE)
    RaceRead raceMap(@RequestBody JsonNode body) {
        JsonTexts.judge(new BodyShape(RACES), body);
        ObjectNode rest = JsonTexts.without(body, "ring", "strokes", "other", "seen");
        for (Seen.Part part : Seen.Part.values()) {
            String look = body.path("seen").path(part.code()).asText("");
            if (!look.isEmpty() && Seen.find(part, look).isEmpty()) {
                throw ApiProblem.of(List.of(new Problem(
                        "seen." + part.code(),
                        part.label() + " is one of "
                                + Seen.of(part).stream().map(Seen::code).collect(Collectors.joining(", ")) + ".",
                        false)));
            }
            rest.put(part.box(), look);
        }
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
                map.scrap(),
                Judgement.of(RaceMapWords.answer(map).findings()));
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
}
