package unbo.app.api;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.arrange.Arrangement;
import unbo.core.arrange.ConeHub;
import unbo.core.arrange.CrankTruing;
import unbo.core.arrange.EndPlayHeat;
import unbo.core.arrange.Preload;
import unbo.core.arrange.SpacerHub;
import unbo.core.arrange.UnitHub;
import unbo.core.heat.HeatBlock;
import unbo.core.heat.HeatFields;
import unbo.core.heat.HeatPlan;
import unbo.core.heat.HeatWords;
import unbo.core.input.Problem;
import unbo.core.measure.Show;
import unbo.core.mount.Mounting;
import unbo.core.stack.Link;
import unbo.core.stack.LinkFields;
import unbo.core.stack.Stack;
import unbo.core.stack.StackInput;

/** Heat, stacks, arrangements, preload: by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class SettingUpApi {

    record Heated(
            double ringC,
            boolean withinLimit,
            double gripC,
            String advice,
            Double secondsAvailable,
            Double chillC,
            Double pressForceN) {}

    record Block(double finalC, Double blockC, Double blockMassKg) {}

    record Slip(String name, double lengthMm, double suggestedMm) {}

    record Stacked(
            double gapMm,
            List<Double> worstCaseMm,
            List<Double> rssMm,
            double hotGapMm,
            List<Double> shims,
            Double resultMm,
            Double hotResultMm,
            boolean worstCaseInside,
            Double solvedMm,
            Double buyMm,
            List<String> questions,
            List<Slip> slips) {}

    record Spacer(double axialClearanceMm, boolean sideLoaded, double sideLoadN, double lifeShare) {}

    record Arranged(
            boolean floating,
            boolean sideLoaded,
            boolean adjusted,
            int heldFromLeft,
            int heldFromRight,
            double growthMm,
            List<String> reasons) {}

    record PlayHot(double changeLeastMm, double changeMostMm, double hotLeastMm, double hotMostMm) {}

    record Preloaded(Double torqueNm, Double preloadN, Double expectedTorqueNm, Boolean inside, List<String> reasons) {}

    record Cone(double playMm, List<String> findings) {}

    record Judged(String level, List<String> findings) {

        static Judged of(Answer answer) {
            return new Judged(
                    answer.level().code(),
                    answer.findings().stream().map(f -> f.sentence()).toList());
        }
    }

    record Trued(String move, boolean inside) {}

    record Mounted(
            boolean byHeat,
            Double heatC,
            Double gripC,
            Double secondsAvailable,
            double pressForceKN,
            double interferenceMeanUm,
            List<Step> steps) {}

    private static final BodyShape LINK = BodyShape.of(LinkFields.LINK);
    static final BodyShape STACK = BodyShape.EMPTY
            .withEach("outer", LINK)
            .withEach("inner", LINK)
            .with("target", BodyShape.EMPTY.with("min", LinkFields.FRAME, "min").with("max", LinkFields.FRAME, "max"))
            .withEach("stock", BodyShape.of(LinkFields.SHIM))
            .with("workingTemperature", LinkFields.FRAME, "workingTemperature");

    private final JsonTexts reader;

    SettingUpApi(JsonTexts reader) {
        this.reader = reader;
    }

    @Operation(operationId = "heat", summary = "How hot a ring must be, when it grips, and the seconds there are")
    @PostMapping(path = "/heat", consumes = MediaType.APPLICATION_JSON_VALUE)
    Heated heat(@RequestBody JsonNode body) {
        HeatPlan p = HeatPlan.of(reader.read(HeatFields.LIST, body));
        return new Heated(
                p.ringC(),
                p.withinLimit(),
                p.gripC(),
                HeatWords.advice(p),
                p.secondsAvailable(),
                p.chillC(),
                p.pressN());
    }

    @Operation(
            operationId = "heatBlock",
            summary = "What a ring comes to on a heated block, and how hot or heavy the block must be")
    @PostMapping(path = "/heat-block", consumes = MediaType.APPLICATION_JSON_VALUE)
    Block block(@RequestBody JsonNode body) {
        HeatBlock b = HeatBlock.of(reader.read(HeatBlock.LIST, body));
        return new Block(b.finalC(), b.blockC(), b.massKg());
    }

    @Operation(
            operationId = "stack",
            summary = "The gap between two chains, hot and cold, and the shims that fill it; body: "
                    + "{outer: [{name, length, uncertainty, material, unknown}], inner: [...], "
                    + "target: {min, max}, stock: [{thickness, count}], workingTemperature}")
    @PostMapping(path = "/stack", consumes = MediaType.APPLICATION_JSON_VALUE)
    Stacked stack(@RequestBody JsonNode body) {
        JsonTexts.judge(STACK, body);
        Map<String, String> frame = new HashMap<>();
        body.path("target")
                .fieldNames()
                .forEachRemaining(
                        name -> frame.put(name, body.get("target").get(name).asText()));
        if (body.hasNonNull("workingTemperature")) {
            frame.put("workingTemperature", body.get("workingTemperature").asText());
        }
        StackInput wanted = reader.read(LinkFields.FRAME, frame);
        List<Link> outer = reader.readAll(LinkFields.LINK, "outer", body.get("outer"), StackInput.MOST_LINKS);
        List<Link> inner = reader.readAll(LinkFields.LINK, "inner", body.get("inner"), StackInput.MOST_LINKS);
        List<StackInput.Shim> stock =
                body.hasNonNull("stock") && !body.get("stock").isEmpty()
                        ? reader.readAll(LinkFields.SHIM, "stock", body.get("stock"), StackInput.MOST_SHIMS)
                        : List.of();
        List<Problem> problems = LinkFields.chains(outer, inner);
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        Stack s = Stack.of(new StackInput(outer, inner, wanted.minMm(), wanted.maxMm(), stock, wanted.workingC()));
        return new Stacked(
                s.gapMm(),
                List.of(s.gapMm() - s.worstMm(), s.gapMm() + s.worstMm()),
                List.of(s.gapMm() - s.rssMm(), s.gapMm() + s.rssMm()),
                s.hotGapMm(),
                s.shimsMm() == null ? List.of() : s.shimsMm(),
                s.resultMm(),
                s.hotResultMm(),
                s.worstInside(),
                s.solvedMm(),
                s.buyMm(),
                s.questions().stream()
                        .map(q -> q.name() + ": did you mean " + Show.number(q.suggestedMm(), 3) + " mm instead of "
                                + Show.number(q.lengthMm(), 3) + " mm?")
                        .toList(),
                s.questions().stream()
                        .map(q -> new Slip(q.name(), q.lengthMm(), q.suggestedMm()))
                        .toList());
    }

    @Operation(
            operationId = "spacerHub",
            summary = "Whether a hub's spacer side-loads its bearings, by how much, and what that costs in life")
    @PostMapping(path = "/spacer-hub", consumes = MediaType.APPLICATION_JSON_VALUE)
    Spacer spacer(@RequestBody JsonNode body) {
        SpacerHub s = SpacerHub.of(reader.read(SpacerHub.LIST, body));
        return new Spacer(s.axialMm(), s.sideLoaded(), s.sideN(), s.lifeShare());
    }

    @Operation(operationId = "arrangement", summary = "Whether a shaft is located once each way and free to grow")
    @PostMapping(path = "/arrangement", consumes = MediaType.APPLICATION_JSON_VALUE)
    Arranged arrangement(@RequestBody JsonNode body) {
        Arrangement a = Arrangement.of(reader.read(Arrangement.LIST, body));
        return new Arranged(
                a.floating(),
                a.sideLoads(),
                a.adjusted(),
                a.toLeft(),
                a.toRight(),
                a.growsMm(),
                a.answer().findings().stream().map(f -> f.sentence()).toList());
    }

    @Operation(
            operationId = "endPlayHeat",
            summary = "End play of a tapered pair, cold and hot, both bounds in an alloy hub")
    @PostMapping(path = "/end-play-heat", consumes = MediaType.APPLICATION_JSON_VALUE)
    PlayHot endPlay(@RequestBody JsonNode body) {
        EndPlayHeat e = EndPlayHeat.of(reader.read(EndPlayHeat.LIST, body));
        return new PlayHot(
                Math.min(e.changeSteelMm(), e.changeHubMm()),
                Math.max(e.changeSteelMm(), e.changeHubMm()),
                e.leastHotMm(),
                e.mostHotMm());
    }

    @Operation(operationId = "preload", summary = "Preload from turning torque and back")
    @PostMapping(path = "/preload", consumes = MediaType.APPLICATION_JSON_VALUE)
    Preloaded preload(@RequestBody JsonNode body) {
        Preload p = Preload.of(reader.read(Preload.LIST, body));
        return new Preloaded(
                p.torqueNm(),
                p.preloadN(),
                p.expectedNm(),
                p.inside(),
                p.answer().findings().stream().map(f -> f.sentence()).toList());
    }

    @Operation(operationId = "crank", summary = "The next move in truing a built-up crankshaft")
    @PostMapping(path = "/crank", consumes = MediaType.APPLICATION_JSON_VALUE)
    Trued crank(@RequestBody JsonNode body) {
        CrankTruing c = CrankTruing.of(reader.read(CrankTruing.LIST, body));
        return new Trued(c.move().name().toLowerCase(Locale.ROOT).replace('_', '-'), c.inside());
    }

    @Operation(
            operationId = "mount",
            summary = "How a bearing goes in: heat or force, and the steps with their cautions")
    @PostMapping(path = "/mount", consumes = MediaType.APPLICATION_JSON_VALUE)
    Mounted mount(@RequestBody JsonNode body) {
        Mounting m = Mounting.of(reader.read(Mounting.LIST, body));
        return new Mounted(
                m.byHeat(),
                m.heat() == null ? null : m.heat().ringC(),
                m.heat() == null ? null : m.heat().gripC(),
                m.heat() == null ? null : m.heat().secondsAvailable(),
                m.fit().pressN() / 1000,
                m.fit().interference().meanUm(),
                m.answer().steps());
    }

    @Operation(operationId = "unitHub", summary = "A unit or cartridge hub: its axle nut against the maker's torque")
    @PostMapping(path = "/unit-hub", consumes = MediaType.APPLICATION_JSON_VALUE)
    Judged unitHub(@RequestBody JsonNode body) {
        return Judged.of(reader.read(UnitHub.LIST, body).answer());
    }

    @Operation(operationId = "coneHub", summary = "Cup and cone: the play a cone turned back leaves")
    @PostMapping(path = "/cone-hub", consumes = MediaType.APPLICATION_JSON_VALUE)
    Cone coneHub(@RequestBody JsonNode body) {
        ConeHub cone = reader.read(ConeHub.LIST, body);
        return new Cone(cone.playMm(), Judged.of(cone.answer()).findings());
    }

    /** What these calls read, for their description. */
    static Map<String, BodyShape> bodies() {
        return Map.ofEntries(
                Map.entry("/api/v1/stack", STACK),
                Map.entry("/api/v1/unit-hub", BodyShape.of(UnitHub.LIST)),
                Map.entry("/api/v1/cone-hub", BodyShape.of(ConeHub.LIST)),
                Map.entry("/api/v1/heat", BodyShape.of(HeatFields.LIST)),
                Map.entry("/api/v1/heat-block", BodyShape.of(HeatBlock.LIST)),
                Map.entry("/api/v1/spacer-hub", BodyShape.of(SpacerHub.LIST)),
                Map.entry("/api/v1/arrangement", BodyShape.of(Arrangement.LIST)),
                Map.entry("/api/v1/end-play-heat", BodyShape.of(EndPlayHeat.LIST)),
                Map.entry("/api/v1/preload", BodyShape.of(Preload.LIST)),
                Map.entry("/api/v1/crank", BodyShape.of(CrankTruing.LIST)),
                Map.entry("/api/v1/mount", BodyShape.of(Mounting.LIST)));
    }
}
