package unbo.app.api;

import java.util.List;
import java.util.Map;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import unbo.core.apart.Apart;
import unbo.core.apart.ApartInput;
import unbo.core.apart.ApartStep;
import unbo.core.apart.ClearanceLeft;
import unbo.core.apart.MountStep;
import unbo.core.apart.Together;
import unbo.core.apart.WholePlan;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindOption;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.designation.Decoder;
import unbo.core.fit.Interference;
import unbo.core.fit.PressFit;
import unbo.core.input.Field;
import unbo.core.input.Problem;
import unbo.core.proof.ProofItem;
import unbo.core.tools.strip.ApartWords;
import unbo.core.vehicle.VehicleInput;

/** AssemblyKinds of assembly, and how a whole one comes apart and goes together, by JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class AssemblyApi {

    record AssemblySides(String inner, String outer) {}

    record AssemblyPlace(String code, String label, AssemblySides sides) {}

    record AssemblyPart(String code, String label, String kind, String on) {}

    record AssemblyOption(String code, String label, List<String> values) {}

    record AssemblyKindOf(
            String code,
            String label,
            List<String> vehicles,
            String turns,
            List<AssemblyPlace> places,
            List<AssemblyPart> parts,
            List<AssemblyOption> options,
            List<String> stages,
            List<String> proofs,
            List<String> required,
            String due,
            List<String> dueBy) {}

    record AssemblyKinds(List<AssemblyKindOf> kinds) {}

    record ApartStepOf(
            String part,
            String joint,
            String method,
            String through,
            @Nullable String ring,
            @Nullable List<Double> forceKN,
            @Nullable Double celsius,
            double minutes,
            List<String> tools,
            List<String> missing,
            List<String> spoils,
            List<String> along,
            List<String> measureFirst,
            String says,
            String caution) {}

    record ApartPlan(
            List<ApartStepOf> steps,
            double minutes,
            List<String> spoiled,
            double cost,
            boolean inPieces,
            @JsonUnwrapped Judgement judgement) {}

    record TogetherStep(
            String part,
            String joint,
            String method,
            @Nullable Double celsius,
            double minutes,
            boolean renewed,
            boolean torque,
            String says,
            String caution) {}

    record ClearanceUm(double min, double mean, double max) {}

    record ClearanceLeftOf(String place, @Nullable ClearanceUm um, String counted) {}

    record TogetherPlan(
            List<TogetherStep> steps,
            double minutes,
            List<ClearanceLeftOf> clearances,
            @JsonUnwrapped Judgement judgement) {}

    private final AssemblyReader reader;

    AssemblyApi(AssemblyReader reader) {
        this.reader = reader;
    }

    @Operation(operationId = "assemblies", summary = "The kinds of assembly: places, parts, stages, proofs and dues")
    @GetMapping("/assemblies")
    AssemblyKinds assemblies() {
        return new AssemblyKinds(
                AssemblyKind.all().stream().map(AssemblyApi::kind).toList());
    }

    private static AssemblyKindOf kind(AssemblyKind kind) {
        Assembly usual =
                Assembly.of(new Assembly.Asked(kind.code(), Map.of(), Assembly.Grip.USUAL, Map.of()), Decoder.SHIPPED);
        List<ProofItem> proofs = ProofItem.of(kind);
        return new AssemblyKindOf(
                kind.code(),
                kind.label(),
                kind.vehicles(VehicleInput.LIST.field("kind").orElseThrow().choices().stream()
                        .map(Field.Choice::code)
                        .toList()),
                kind.housing() ? "housing" : "shaft",
                KindPlace.of(kind.code()).stream()
                        .map(place -> new AssemblyPlace(
                                place.code(),
                                place.label(),
                                new AssemblySides(
                                        place.inner().side(), place.outer().side())))
                        .toList(),
                usual.parts().stream()
                        .map(part -> new AssemblyPart(
                                part.code(), part.label(), part.kind().code(), part.onShaft() ? "shaft" : "housing"))
                        .toList(),
                KindOption.of(kind.code()).stream()
                        .map(option -> new AssemblyOption(
                                option.code(),
                                option.label(),
                                option.values().stream().map(Field.Choice::code).toList()))
                        .toList(),
                kind.route().stages(),
                proofs.stream().map(ProofItem::code).toList(),
                proofs.stream()
                        .filter(item -> item.need() == ProofItem.Need.YES)
                        .map(ProofItem::code)
                        .toList(),
                kind.route().falls(),
                kind.route().dueBy());
    }

    @Operation(
            operationId = "assemblyApart",
            summary = "How a whole assembly comes apart: order, methods, forces, what is spoiled",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = @Content(schema = @Schema(implementation = AssemblyBody.class))))
    @PostMapping(path = "/assembly/apart", consumes = MediaType.APPLICATION_JSON_VALUE)
    ApartPlan apart(@RequestBody JsonNode sent) {
        AssemblyBody body = TypedBody.read(sent, AssemblyBody.class);
        AssemblyReader.without(body.seats(), "seats");
        WholePlan plan = plan(reader.read(body), Map.of());
        Apart apart = java.util.Objects.requireNonNull(plan.apart());
        return new ApartPlan(
                apart.steps().stream().map(AssemblyApi::step).toList(),
                apart.minutes(),
                apart.spoiled(),
                apart.cost(),
                apart.split(),
                Judgement.of(ApartWords.findings(plan)));
    }

    @Operation(
            operationId = "assemblyTogether",
            summary = "How a whole assembly goes together again, and the clearance that each bearing has left in it",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = @Content(schema = @Schema(implementation = AssemblyBody.class))))
    @PostMapping(path = "/assembly/together", consumes = MediaType.APPLICATION_JSON_VALUE)
    TogetherPlan together(@RequestBody JsonNode sent) {
        AssemblyBody body = TypedBody.read(sent, AssemblyBody.class);
        ApartInput input = reader.read(body);
        WholePlan plan = plan(input, reader.seats(body, input.assembly()));
        Together together = java.util.Objects.requireNonNull(plan.together());
        return new TogetherPlan(
                together.steps().stream().map(AssemblyApi::mounted).toList(),
                together.minutes(),
                together.clearances().stream().map(AssemblyApi::left).toList(),
                Judgement.of(ApartWords.tightness(together)));
    }

    private static WholePlan plan(ApartInput input, Map<String, Together.Seats> seats) {
        WholePlan plan = WholePlan.of(input, seats);
        WholePlan.Stuck stuck = plan.stuck();
        if (stuck != null) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_ENTITY,
                    stuck.why(),
                    List.of(Problem.impossible(stuck.part(), stuck.why())));
        }
        return plan;
    }

    private static ApartStepOf step(ApartStep step) {
        PressFit.Force force = step.how().force();
        return new ApartStepOf(
                step.part().code(),
                step.joint().kind().code(),
                step.how().method(),
                step.how().through(),
                step.how().ring(),
                force == null ? null : List.of(force.leastN() / 1000, force.mostN() / 1000),
                step.celsius(),
                step.minutes(),
                step.how().effort().tools(),
                step.missing(),
                step.spoils(),
                step.along().stream().map(Part::code).toList(),
                step.measureFirst(),
                step.how().words().says(),
                step.how().words().caution());
    }

    private static TogetherStep mounted(MountStep step) {
        return new TogetherStep(
                step.part().code(),
                step.joint().kind().code(),
                step.method(),
                step.celsius(),
                step.minutes(),
                step.ends().renewed(),
                step.ends().torque(),
                step.words().says(),
                step.words().caution());
    }

    private static ClearanceLeftOf left(ClearanceLeft left) {
        Interference band = left.band();
        return new ClearanceLeftOf(
                left.place().code(),
                band == null ? null : new ClearanceUm(band.minUm(), band.meanUm(), band.maxUm()),
                ApartWords.why(left.why()));
    }
}
