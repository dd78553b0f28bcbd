package unbo.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.bearing.BearingGeometry;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.life.ShaftFields;
import unbo.core.life.ShaftLife;
import unbo.core.life.WheelFields;
import unbo.core.life.WheelLife;
import unbo.core.lubrication.Viscosity;
import unbo.core.running.FrictionQuestion;
import unbo.core.running.InsideQuestion;
import unbo.core.running.SpeedQuestion;
import unbo.core.running.WorthQuestion;

/** Oil film, speed, friction and the life of a wheel's bearings, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class LifeApi {

    record Film(double nu, double nuRequired, double kappa) {}

    private static final double USUAL_CLEANLINESS = 0.55;

    record Speeds(
            double rpm,
            double cageRpm,
            double elementRpm,
            double nDm,
            Double nDmLimit,
            String verdict,
            Candidate other,
            Double spinRatio) {}

    /** A second bearing at the same speed. */
    record Candidate(double elementRpm, double nDm, Double nDmLimit, String verdict) {}

    record Drag(double torqueNmm, double powerW, double lubricantNmm, double loadNmm, double sealsNmm, double warmK) {}

    record StateLoad(double share, double lateralG, double radialN, double axialN, double equivalentN) {}

    record Side(
            double radialN,
            double axialN,
            double equivalentN,
            double basicLifeKm,
            double lifeKm,
            double lifeFactor,
            boolean ratingsEstimated,
            List<StateLoad> states) {}

    record Insides(
            BearingGeometry geometry,
            boolean geometryEstimated,
            double cN,
            double c0N,
            double cuN,
            boolean ratingsEstimated) {}

    /** @param verticalN, horizontalN what the bearing puts on the shaft, up and away */
    record ShaftSide(
            double verticalN,
            double horizontalN,
            double radialN,
            double axialN,
            double equivalentN,
            double basicLifeHours,
            double lifeHours,
            double lifeFactor,
            boolean ratingsEstimated) {}

    record Shaft(ShaftSide left, ShaftSide right, double systemLifeHours) {}

    /** @param perWatt null where nothing is saved @param yearsToPay null where it never pays */
    record Upgrade(
            String name,
            double watts,
            double savedW,
            double yearlyCost,
            double per1000Km,
            Double perWatt,
            Double yearsToPay) {}

    record Worth(List<Upgrade> candidates) {}

    record Wheel(Side inner, Side outer, double systemLifeKm, double flangeMomentNm) {}

    private final JsonTexts reader;

    LifeApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(operationId = "viscosity", summary = "Viscosity at running temperature, what is needed, and their ratio")
    @PostMapping(path = "/viscosity", consumes = MediaType.APPLICATION_JSON_VALUE)
    Film viscosity(@RequestBody JsonNode body) {
        Viscosity v = Viscosity.of(reader.read(Viscosity.LIST, body));
        return new Film(v.nu(), v.nuRequired(), v.kappa());
    }

    @Operation(
            operationId = "speed",
            summary = "Road speed to bearing, cage and element, against the guides; designation or "
                    + "geometry: {elements, elementMm, pitchMm, contactDeg}")
    @PostMapping(path = "/speed", consumes = MediaType.APPLICATION_JSON_VALUE)
    Speeds speed(@RequestBody JsonNode body) {
        SpeedQuestion s = SpeedQuestion.of(reader.read(SpeedQuestion.LIST, withGeometry(body)));
        return new Speeds(
                s.rpm(),
                s.cageRpm(),
                s.guide().elementRpm(),
                s.guide().nDm(),
                s.guide().nDmLimit(),
                s.guide().verdict().name().toLowerCase(Locale.ROOT),
                s.other() == null
                        ? null
                        : new Candidate(
                                s.other().elementRpm(),
                                s.other().nDm(),
                                s.other().nDmLimit(),
                                s.other().verdict().name().toLowerCase(Locale.ROOT)),
                s.spinRatio());
    }

    @Operation(
            operationId = "friction",
            summary = "Friction torque and the power it takes; designation or geometry: {elements, "
                    + "elementMm, pitchMm, contactDeg}")
    @PostMapping(path = "/friction", consumes = MediaType.APPLICATION_JSON_VALUE)
    Drag friction(@RequestBody JsonNode body) {
        FrictionQuestion f = FrictionQuestion.of(reader.read(FrictionQuestion.LIST, withGeometry(body)));
        return new Drag(
                f.friction().totalNmm(),
                f.powerW(),
                f.friction().lubricantNmm(),
                f.friction().loadNmm(),
                f.friction().sealsNmm(),
                f.warmK());
    }

    /** The geometry's members as fields of the call. */
    private static ObjectNode withGeometry(JsonNode body) {
        ObjectNode flat = JsonTexts.without(body, "geometry");
        if (body.path("geometry").isObject()) {
            body.get("geometry").properties().forEach(e -> {
                if (!List.of("elements", "elementMm", "pitchMm", "contactDeg").contains(e.getKey())) {
                    throw ApiProblem.of(List.of(new Problem(
                            "geometry." + e.getKey(),
                            "geometry has elements, elementMm, pitchMm and contactDeg.",
                            false)));
                }
                flat.set(e.getKey(), e.getValue());
            });
        }
        return flat;
    }

    @Operation(
            operationId = "inside",
            summary = "Elements and ratings of a bearing, estimated or from what was counted and "
                    + "measured; designation, or boreMm, outsideMm, widthMm, or geometry: {elements, "
                    + "elementMm, pitchMm, contactDeg}")
    @PostMapping(path = "/inside", consumes = MediaType.APPLICATION_JSON_VALUE)
    Insides inside(@RequestBody JsonNode body) {
        InsideQuestion i = InsideQuestion.of(reader.read(InsideQuestion.LIST, withGeometry(body)));
        return new Insides(
                i.geometry(),
                i.geometry().estimated(),
                i.ratings().cN(),
                i.ratings().c0N(),
                i.fatigueLimitN(),
                i.ratings().estimated());
    }

    @Operation(
            operationId = "shaftLife",
            summary = "Loads and life of a shaft's two bearings; loads: [{at, vertical, horizontal, "
                    + "axial}] with at from the left bearing, left and right: {designation or cN, "
                    + "c0N, contactDeg, rollers}, lubrication: {kappa, contamination, waterPpm}")
    @PostMapping(path = "/shaft-life", consumes = MediaType.APPLICATION_JSON_VALUE)
    Shaft shaftLife(@RequestBody JsonNode body) {
        ObjectNode flat = JsonTexts.without(body, "loads", "left", "right", "lubrication");
        List<Problem> problems = new ArrayList<>();
        for (String way : List.of("at", "vertical", "horizontal", "axial")) {
            ArrayNode values = flat.arrayNode();
            body.path("loads").forEach(load -> values.add(load.hasNonNull(way) ? load.get(way) : flat.numberNode(0)));
            if (!values.isEmpty()) {
                flat.set(way, values);
            }
        }
        body.path("loads")
                .forEach(load -> load.fieldNames().forEachRemaining(name -> {
                    if (!List.of("at", "vertical", "horizontal", "axial").contains(name)) {
                        problems.add(
                                new Problem("loads." + name, "A load has at, vertical, horizontal and axial.", false));
                    }
                }));
        sides(body, flat, List.of("left", "right"), problems);
        body.path("lubrication").properties().forEach(e -> {
            if (List.of("kappa", "contamination", "waterPpm").contains(e.getKey())) {
                flat.set(e.getKey(), e.getValue());
            } else {
                problems.add(new Problem(
                        "lubrication." + e.getKey(), "lubrication has kappa, contamination and waterPpm.", false));
            }
        });
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        ShaftLife life = ShaftLife.of(reader.read(ShaftFields.LIST, flat));
        return new Shaft(shaftSide(life.left()), shaftSide(life.right()), life.systemHours());
    }

    private static ShaftSide shaftSide(ShaftLife.Side s) {
        return new ShaftSide(
                s.verticalN(),
                s.horizontalN(),
                s.radialN(),
                s.axialN(),
                s.equivalentN(),
                s.basicHours(),
                s.hours(),
                s.factor(),
                s.bearing().estimated());
    }

    @Operation(
            operationId = "worth",
            summary = "What an upgrade saves in watts and what a watt costs; candidates: [{name, "
                    + "seals, balls, price, hours}] with the fitted one first, alternatives: [{name, "
                    + "savedW, price}]")
    @PostMapping(path = "/worth", consumes = MediaType.APPLICATION_JSON_VALUE)
    Worth worth(@RequestBody JsonNode body) {
        ObjectNode flat = withGeometry(JsonTexts.without(body, "candidates", "alternatives"));
        lines(body, flat, "candidates", List.of("name", "seals", "balls", "price", "hours"));
        lines(body, flat, "alternatives", List.of("name", "savedW", "price"));
        WorthQuestion w = WorthQuestion.of(reader.read(WorthQuestion.LIST, flat));
        return new Worth(w.costs().stream()
                .map(c -> new Upgrade(
                        c.choice().name(),
                        c.watts(),
                        c.savedW(),
                        c.yearly(),
                        c.per1000Km(),
                        c.perWatt(),
                        c.yearsToPay()))
                .toList());
    }

    /** Rows of a call as the lines of a form. */
    private static void lines(JsonNode body, ObjectNode flat, String name, List<String> members) {
        if (body.path(name).isArray()) {
            List<String> lines = new ArrayList<>();
            body.get(name)
                    .forEach(row -> lines.add(String.join(
                            "; ",
                            members.stream()
                                    .map(m -> row.path(m).asText("").replace(';', ','))
                                    .toList())));
            flat.put(name, String.join("\n", lines));
        }
    }

    @Operation(
            operationId = "wheelLife",
            summary = "Loads and life of a wheel's two bearings; states: [{share, lateralG}], inner "
                    + "and outer: {designation or cN, c0N, contactDeg, rollers}, lubrication: "
                    + "{kappa, contamination}")
    @PostMapping(path = "/wheel-life", consumes = MediaType.APPLICATION_JSON_VALUE)
    Wheel wheelLife(@RequestBody JsonNode body) {
        ObjectNode flat = JsonTexts.without(body, "states", "inner", "outer", "lubrication");
        ArrayNode shares = flat.arrayNode();
        ArrayNode lateral = flat.arrayNode();
        List<Problem> problems = new ArrayList<>();
        JsonNode states = body.path("states");
        for (int i = 0; i < states.size(); i++) {
            if (!states.get(i).path("share").isNumber()
                    || !states.get(i).path("lateralG").isNumber()) {
                problems.add(new Problem("states[" + i + "]", "Write {share, lateralG}.", false));
            }
            shares.add(states.get(i).path("share"));
            lateral.add(states.get(i).path("lateralG"));
        }
        if (!states.isMissingNode() && !states.isNull()) {
            flat.set("shares", shares);
            flat.set("lateralGs", lateral);
        }
        sides(body, flat, List.of("inner", "outer"), problems);
        body.path("lubrication").properties().forEach(e -> {
            if (e.getKey().equals("kappa")) {
                flat.set("kappa", e.getValue());
            } else if (!e.getKey().equals("contamination")) {
                problems.add(
                        new Problem("lubrication." + e.getKey(), "lubrication has kappa and contamination.", false));
            }
        });
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        JsonNode dirt = body.path("lubrication").path("contamination");
        if (!dirt.isMissingNode() && !dirt.isNumber()) {
            throw ApiProblem.of(List.of(new Problem(
                    "lubrication.contamination", "Write cleanliness ec as a number over 0 and up to 1.", false)));
        }
        double clean = dirt.asDouble(USUAL_CLEANLINESS);
        if (!(clean > 0) || clean > 1) {
            throw ApiProblem.of(
                    List.of(Problem.impossible("lubrication.contamination", "Cleanliness ec is over 0 and up to 1.")));
        }
        WheelLife life =
                WheelLife.of(reader.read(WheelFields.LIST, flat).wheel().clean(clean));
        return new Wheel(
                side(life, life.inner()), side(life, life.outer()), life.systemLifeKm(), life.flangeMomentNm());
    }

    /** Bearings given by their members, as fields of the call. */
    private static void sides(JsonNode body, ObjectNode flat, List<String> sides, List<Problem> problems) {
        for (String side : sides) {
            body.path(side).properties().forEach(e -> {
                String to = Map.of(
                                "designation",
                                side + "Designation",
                                "cN",
                                side + "CN",
                                "c0N",
                                side + "C0N",
                                "contactDeg",
                                side + "ContactDeg",
                                "rollers",
                                side + "Rollers")
                        .get(e.getKey());
                if (to == null) {
                    problems.add(new Problem(
                            side + "." + e.getKey(),
                            side + " has designation, or cN, c0N, contactDeg and rollers.",
                            false));
                } else {
                    flat.set(to, e.getValue());
                }
            });
        }
    }

    private static Side side(WheelLife life, WheelLife.Side s) {
        List<StateLoad> states = new ArrayList<>();
        for (int i = 0; i < s.states().size(); i++) {
            WheelLife.Load l = s.states().get(i);
            states.add(new StateLoad(
                    life.input().states().get(i).share(),
                    life.input().states().get(i).lateralG(),
                    l.radialN(),
                    l.axialN(),
                    l.equivalentN()));
        }
        return new Side(
                s.radialN(),
                s.axialN(),
                s.equivalentN(),
                s.basicLifeKm(),
                s.lifeKm(),
                s.factor(),
                s.bearing().estimated(),
                states);
    }

    /** What these calls read, for their description. */
    static Map<String, FieldList<?>> bodies() {
        return Map.of(
                "/api/v1/viscosity",
                Viscosity.LIST,
                "/api/v1/speed",
                SpeedQuestion.LIST,
                "/api/v1/friction",
                FrictionQuestion.LIST,
                "/api/v1/inside",
                InsideQuestion.LIST);
    }
}
