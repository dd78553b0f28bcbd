package unbo.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import io.swagger.v3.oas.annotations.Operation;

import unbo.core.designation.Decoded;
import unbo.core.designation.Decoder;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.life.WheelFields;
import unbo.core.life.WheelLife;
import unbo.core.lubrication.Viscosity;
import unbo.core.motion.BearingGeometry;
import unbo.core.motion.FrictionQuestion;
import unbo.core.motion.SpeedQuestion;

/** Oil film, speed, friction and the life of a wheel's bearings, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class LifeApi {

    record Film(double nu, double nuRequired, double kappa) {
    }

    record Speeds(double rpm, double cageRpm, double elementRpm, double nDm, Double nDmLimit, String verdict) {
    }

    record Drag(double torqueNmm, double powerW, double lubricantNmm, double loadNmm, double sealsNmm) {
    }

    record StateLoad(double share, double lateralG, double radialN, double axialN, double equivalentN) {
    }

    record Side(double radialN, double axialN, double equivalentN, double basicLifeKm, double lifeKm, double lifeFactor, boolean ratingsEstimated, List<StateLoad> states) {
    }

    record Wheel(Side inner, Side outer, double systemLifeKm, double flangeMomentNm) {
    }

    @Operation(operationId = "viscosity", summary = "Viscosity at running temperature, what is needed, and their ratio")
    @PostMapping(path = "/viscosity", consumes = MediaType.APPLICATION_JSON_VALUE)
    Film viscosity(@RequestBody JsonNode body) {
        Viscosity v = Viscosity.of(JsonTexts.read(Viscosity.LIST, body));
        return new Film(v.nu(), v.nuRequired(), v.kappa());
    }

    @Operation(operationId = "speed", summary = "Road speed to bearing, cage and element, against the guides; designation or geometry: {elements, elementMm, pitchMm, contactDeg}")
    @PostMapping(path = "/speed", consumes = MediaType.APPLICATION_JSON_VALUE)
    Speeds speed(@RequestBody JsonNode body) {
        SpeedQuestion s = SpeedQuestion.of(JsonTexts.read(SpeedQuestion.LIST, withGeometry(body)));
        return new Speeds(s.rpm(), s.cageRpm(), s.guide().elementRpm(), s.guide().nDm(), s.guide().nDmLimit(), s.guide().verdict().name().toLowerCase(Locale.ROOT));
    }

    @Operation(operationId = "friction", summary = "Friction torque and the power it takes; designation or geometry: {elements, elementMm, pitchMm, contactDeg}")
    @PostMapping(path = "/friction", consumes = MediaType.APPLICATION_JSON_VALUE)
    Drag friction(@RequestBody JsonNode body) {
        FrictionQuestion f = FrictionQuestion.of(JsonTexts.read(FrictionQuestion.LIST, withGeometry(body)));
        return new Drag(f.friction().totalNmm(), f.powerW(), f.friction().lubricantNmm(), f.friction().loadNmm(), f.friction().sealsNmm());
    }

    /** The geometry's members as fields of the call; of a designation its estimated inside. */
    private static ObjectNode withGeometry(JsonNode body) {
        ObjectNode flat = JsonTexts.without(body, "geometry", "designation");
        if (body.path("geometry").isObject()) {
            body.get("geometry").properties().forEach(e -> {
                if (!List.of("elements", "elementMm", "pitchMm", "contactDeg").contains(e.getKey())) {
                    throw ApiProblem.of(List.of(new Problem("geometry." + e.getKey(), "geometry has elements, elementMm, pitchMm and contactDeg.", false)));
                }
                flat.set(e.getKey(), e.getValue());
            });
        }
        if (body.hasNonNull("designation")) {
            Decoded d = Decoder.decode(body.get("designation").asText());
            BearingGeometry g = d.inside().orElseThrow(() -> ApiProblem.of(List.of(Problem.impossible("designation", "“" + body.get("designation").asText() + "” has no sizes or no rule for its inside here: give its geometry.")))).geometry();
            put(flat, "elements", g.elements());
            put(flat, "elementMm", g.elementMm());
            put(flat, "pitchMm", g.pitchMm());
            put(flat, "contactDeg", g.contactDeg());
            if (!flat.has("kind")) {
                flat.put("kind", d.kind().contains("taper") ? "tapered-roller" : d.kind().contains("angular") ? "angular-contact-ball" : d.kind().equals("cylindrical-roller") ? "cylindrical-roller" : "deep-groove-ball");
            }
        }
        return flat;
    }

    private static void put(ObjectNode flat, String name, double value) {
        if (!flat.has(name)) {
            if (name.equals("elements")) {
                flat.put(name, (int) value);
            } else {
                flat.put(name, value);
            }
        }
    }

    @Operation(operationId = "wheelLife", summary = "Loads and life of a wheel's two bearings; states: [{share, lateralG}], inner and outer: {designation or cN, c0N, contactDeg, rollers}, lubrication: {kappa, contamination}")
    @PostMapping(path = "/wheel-life", consumes = MediaType.APPLICATION_JSON_VALUE)
    Wheel wheelLife(@RequestBody JsonNode body) {
        ObjectNode flat = JsonTexts.without(body, "states", "inner", "outer", "lubrication");
        ArrayNode shares = flat.arrayNode();
        ArrayNode lateral = flat.arrayNode();
        List<Problem> problems = new ArrayList<>();
        JsonNode states = body.path("states");
        for (int i = 0; i < states.size(); i++) {
            if (!states.get(i).path("share").isNumber() || !states.get(i).path("lateralG").isNumber()) {
                problems.add(new Problem("states[" + i + "]", "Write {share, lateralG}.", false));
            }
            shares.add(states.get(i).path("share"));
            lateral.add(states.get(i).path("lateralG"));
        }
        if (!states.isMissingNode() && !states.isNull()) {
            flat.set("shares", shares);
            flat.set("lateralGs", lateral);
        }
        for (String side : List.of("inner", "outer")) {
            body.path(side).properties().forEach(e -> {
                String to = Map.of("designation", side + "Designation", "cN", side + "CN", "c0N", side + "C0N", "contactDeg", side + "ContactDeg", "rollers", side + "Rollers").get(e.getKey());
                if (to == null) {
                    problems.add(new Problem(side + "." + e.getKey(), side + " has designation, or cN, c0N, contactDeg and rollers.", false));
                } else {
                    flat.set(to, e.getValue());
                }
            });
        }
        body.path("lubrication").properties().forEach(e -> {
            if (e.getKey().equals("kappa")) {
                flat.set("kappa", e.getValue());
            } else if (!e.getKey().equals("contamination")) {
                problems.add(new Problem("lubrication." + e.getKey(), "lubrication has kappa and contamination.", false));
            }
        });
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        double clean = body.path("lubrication").path("contamination").asDouble(0.55);
        if (!(clean > 0) || clean > 1) {
            throw ApiProblem.of(List.of(Problem.impossible("lubrication.contamination", "Cleanliness ec is over 0 and up to 1.")));
        }
        WheelLife life = WheelLife.of(JsonTexts.read(WheelFields.LIST, flat).wheel().clean(clean));
        return new Wheel(side(life, life.inner()), side(life, life.outer()), life.systemLifeKm(), life.flangeMomentNm());
    }

    private static Side side(WheelLife life, WheelLife.Side s) {
        List<StateLoad> states = new ArrayList<>();
        for (int i = 0; i < s.states().size(); i++) {
            WheelLife.Load l = s.states().get(i);
            states.add(new StateLoad(life.input().states().get(i).share(), life.input().states().get(i).lateralG(), l.radialN(), l.axialN(), l.equivalentN()));
        }
        return new Side(s.radialN(), s.axialN(), s.equivalentN(), s.basicLifeKm(), s.lifeKm(), s.factor(), s.bearing().estimated(), states);
    }

    /** What these calls read, for their description. */
    static Map<String, FieldList<?>> bodies() {
        return Map.of("/api/v1/viscosity", Viscosity.LIST, "/api/v1/speed", SpeedQuestion.LIST, "/api/v1/friction", FrictionQuestion.LIST);
    }
}
