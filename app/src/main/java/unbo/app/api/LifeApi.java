package unbo.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;

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
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.life.ShaftFields;
import unbo.core.life.ShaftLife;
import unbo.core.life.WheelFields;
import unbo.core.life.WheelLife;
import unbo.core.lubrication.Viscosity;
import unbo.core.measure.Quantity;
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

    private static final int LONGEST_WORD = 60;
    private static final List<String> SIDE = List.of("designation", "cN", "c0N", "contactDeg", "rollers");
    private static final BodyShape GEOMETRY = BodyShape.EMPTY
            .with("elements", InsideQuestion.LIST, "elements")
            .with("elementMm", InsideQuestion.LIST, "elementMm")
            .with("pitchMm", InsideQuestion.LIST, "pitchMm")
            .with("contactDeg", InsideQuestion.LIST, "contactDeg");
    private static final BodyShape SPEED = BodyShape.of(SpeedQuestion.LIST).with("geometry", GEOMETRY);
    private static final BodyShape FRICTION =
            BodyShape.of(FrictionQuestion.LIST).with("geometry", GEOMETRY);
    private static final BodyShape INSIDE = BodyShape.of(InsideQuestion.LIST).with("geometry", GEOMETRY);
    private static final BodyShape WORTH = BodyShape.of(WorthQuestion.LIST)
            .with("geometry", GEOMETRY)
            .withEachOrText(
                    "candidates",
                    BodyShape.EMPTY
                            .with(named("Name"))
                            .with(Field.text("seals", "Seals", LONGEST_WORD))
                            .with(Field.text("balls", "Balls", LONGEST_WORD))
                            .with(amount("price", "Price"))
                            .with(amount("hours", "Hours of service a year")))
            .withEachOrText(
                    "alternatives",
                    BodyShape.EMPTY
                            .with(named("Name"))
                            .with(amount("savedW", "Watts it saves"))
                            .with(amount("price", "Price")));
    private static final BodyShape SHAFT = BodyShape.of(ShaftFields.LIST)
            .withEach(
                    "loads",
                    BodyShape.EMPTY
                            .with(force("at", "Place from the left bearing, mm"))
                            .with(force("vertical", "Upwards, N"))
                            .with(force("horizontal", "Away from you, N"))
                            .with(force("axial", "To the right, N")))
            .with("left", side(ShaftFields.LIST, "left"))
            .with("right", side(ShaftFields.LIST, "right"))
            .with(
                    "lubrication",
                    BodyShape.EMPTY
                            .with("kappa", ShaftFields.LIST, "kappa")
                            .with("contamination", ShaftFields.LIST, "contamination")
                            .with("waterPpm", ShaftFields.LIST, "waterPpm"));
    private static final BodyShape WHEEL = BodyShape.of(WheelFields.LIST)
            .withEach(
                    "states",
                    BodyShape.EMPTY
                            .withNumber(Field.quantity("share", "Share of the distance", Quantity.RATIO, "", 0, 1)
                                    .must())
                            .withNumber(
                                    Field.quantity("lateralG", "Lateral acceleration, g", Quantity.RATIO, "", -1.5, 1.5)
                                            .must()))
            .with("inner", side(WheelFields.LIST, "inner"))
            .with("outer", side(WheelFields.LIST, "outer"))
            .with(
                    "lubrication",
                    BodyShape.EMPTY
                            .with("kappa", WheelFields.LIST, "kappa")
                            .withNumber(Field.quantity("contamination", "Cleanliness ec", Quantity.RATIO, "", 0, 1)));

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
        JsonTexts.judge(SPEED, body);
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
        JsonTexts.judge(FRICTION, body);
        FrictionQuestion f = FrictionQuestion.of(reader.read(FrictionQuestion.LIST, withGeometry(body)));
        return new Drag(
                f.friction().totalNmm(),
                f.powerW(),
                f.friction().lubricantNmm(),
                f.friction().loadNmm(),
                f.friction().sealsNmm(),
                f.warmK());
    }

    private static Field named(String label) {
        return Field.text("name", label, LONGEST_WORD);
    }

    private static Field amount(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 1_000_000);
    }

    private static Field force(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", -200_000, 200_000);
    }

    /** A bearing of a side, each member a field of the list. */
    private static BodyShape side(FieldList<?> list, String side) {
        BodyShape shape = BodyShape.EMPTY;
        for (String member : SIDE) {
            shape = shape.with(member, list, sided(side, member));
        }
        return shape;
    }

    private static String sided(String side, String member) {
        return side + Character.toUpperCase(member.charAt(0)) + member.substring(1);
    }

    /** The members of an object, as fields of the call. */
    private static void lift(JsonNode object, ObjectNode flat, UnaryOperator<String> name) {
        object.properties().forEach(e -> flat.set(name.apply(e.getKey()), e.getValue()));
    }

    private static ObjectNode withGeometry(JsonNode body) {
        ObjectNode flat = JsonTexts.without(body, "geometry");
        lift(body.path("geometry"), flat, UnaryOperator.identity());
        return flat;
    }

    @Operation(
            operationId = "inside",
            summary = "Elements and ratings of a bearing, estimated or from what was counted and "
                    + "measured; designation, or boreMm, outsideMm, widthMm, or geometry: {elements, "
                    + "elementMm, pitchMm, contactDeg}")
    @PostMapping(path = "/inside", consumes = MediaType.APPLICATION_JSON_VALUE)
    Insides inside(@RequestBody JsonNode body) {
        JsonTexts.judge(INSIDE, body);
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
        JsonTexts.judge(SHAFT, body);
        ObjectNode flat = JsonTexts.without(body, "loads", "left", "right", "lubrication");
        for (String way : List.of("at", "vertical", "horizontal", "axial")) {
            ArrayNode values = flat.arrayNode();
            body.path("loads").forEach(load -> values.add(load.hasNonNull(way) ? load.get(way) : flat.numberNode(0)));
            if (!values.isEmpty()) {
                flat.set(way, values);
            }
        }
        lift(body.path("left"), flat, member -> sided("left", member));
        lift(body.path("right"), flat, member -> sided("right", member));
        lift(body.path("lubrication"), flat, UnaryOperator.identity());
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
        JsonTexts.judge(WORTH, body);
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
        JsonTexts.judge(WHEEL, body);
        ObjectNode flat = JsonTexts.without(body, "states", "inner", "outer", "lubrication");
        JsonNode states = body.path("states");
        if (states.isArray()) {
            ArrayNode shares = flat.arrayNode();
            ArrayNode lateral = flat.arrayNode();
            states.forEach(state -> {
                shares.add(state.path("share"));
                lateral.add(state.path("lateralG"));
            });
            flat.set("shares", shares);
            flat.set("lateralGs", lateral);
        }
        lift(body.path("inner"), flat, member -> sided("inner", member));
        lift(body.path("outer"), flat, member -> sided("outer", member));
        if (body.path("lubrication").has("kappa")) {
            flat.set("kappa", body.get("lubrication").get("kappa"));
        }
        JsonNode dirt = body.path("lubrication").path("contamination");
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
    static Map<String, BodyShape> bodies() {
        return Map.of(
                "/api/v1/viscosity",
                BodyShape.of(Viscosity.LIST),
                "/api/v1/speed",
                SPEED,
                "/api/v1/friction",
                FRICTION,
                "/api/v1/inside",
                INSIDE,
                "/api/v1/worth",
                WORTH,
                "/api/v1/shaft-life",
                SHAFT,
                "/api/v1/wheel-life",
                WHEEL);
    }
}
