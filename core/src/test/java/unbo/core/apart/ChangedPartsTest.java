package unbo.core.apart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.ChangedParts;
import unbo.core.assembly.Joint;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartChange;
import unbo.core.assembly.PartKind;
import unbo.core.assembly.Side;
import unbo.core.designation.Decoder;
import unbo.core.drawing.Shape;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.strip.Tools;
import unbo.core.tools.section.Section;
import unbo.core.tools.strip.ApartFields;
import unbo.core.tools.strip.ApartTool;

/** Parts that are not there, are called otherwise, or are more than in the kind. */
class ChangedPartsTest {

    static List<String> kinds() {
        return AssemblyKind.all().stream().map(AssemblyKind::code).toList();
    }

    private static Assembly assembly(String kind, PartChange... changes) {
        return Assembly.of(
                new Assembly.Asked(kind, Map.of(), Assembly.Grip.USUAL, Map.of(), List.of(changes)), Decoder.SHIPPED);
    }

    /** What comes off, by itself or along with another. */
    private static List<String> opened(Assembly assembly) {
        return plan(assembly).steps().stream()
                .flatMap(step -> Stream.concat(Stream.of(step.part()), step.along().stream()))
                .map(Part::code)
                .distinct()
                .toList();
    }

    private static List<String> order(Assembly assembly) {
        return plan(assembly).steps().stream().map(step -> step.part().code()).toList();
    }

    private static Apart plan(Assembly assembly) {
        return Apart.of(ApartInput.of(assembly, Tools.codes(), List.of()));
    }

    private static Reading<ApartInput> read(String kind, String changed) {
        Map<String, String> texts = new HashMap<>(Map.of(ApartFields.KIND, kind, ApartFields.CHANGED, changed));
        return FieldReader.read(ApartFields.LIST, Typed.of(texts, UnitSystem.METRIC), Decoder.SHIPPED);
    }

    @Test
    void everyChangeIsReadAsItIsWritten() {
        List<PartChange> changes = List.of(
                new PartChange.Without("clip"),
                new PartChange.Called("wear-ring", "flinger"),
                new PartChange.With(PartKind.SHIM, Side.OUTBOARD, "left-bearing", "shim 0.20 of brass"));
        assertThat(PartChange.all(PartChange.text(changes))).isEqualTo(changes);
        assertThat(PartChange.read("with a hub inboard of clip: x")).isEmpty();
        assertThat(PartChange.read("without")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whateverMayBeLeftOutTheRestStillComesApartAndGoesTogether(String kind) {
        Assembly whole = assembly(kind);
        int left = 0;
        for (Part part : whole.parts()) {
            if (ChangedParts.loose(part, whole.parts())) {
                Assembly without = assembly(kind, new PartChange.Without(part.code()));
                assertThat(without.part(part.code())).isEmpty();
                assertThat(opened(without))
                        .as(kind + " without " + part.code())
                        .containsExactlyInAnyOrderElementsOf(without.joints().stream()
                                .map(Joint::part)
                                .distinct()
                                .toList());
                assertThat(Together.of(plan(without), Map.of()).steps()).isNotEmpty();
                left++;
            }
        }
        assertThat(left).as(kind).isPositive();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void aPartMoreComesOffBeforeWhatItCoversBesideEveryPart(String kind) {
        Assembly whole = assembly(kind);
        List<String> opened = opened(whole);
        for (Part by : whole.parts()) {
            if (!opened.contains(by.code())) {
                continue;
            }
            for (Side side : Side.BOTH.ends()) {
                PartChange.With shim = new PartChange.With(PartKind.SHIM, side, by.code(), "thin shim");
                Assembly more = assembly(kind, shim);
                assertThat(opened(more))
                        .as(kind + " " + shim.line())
                        .contains("own-thin-shim")
                        .hasSize(opened.size() + 1);
            }
        }
    }

    /** Outboard of the nut it is in the nut's way; inboard it comes off after it. */
    @Test
    void theSideDecidesTheOrder() {
        List<String> before =
                order(assembly("pinion", new PartChange.With(PartKind.WASHER, Side.OUTBOARD, "flange", "shield")));
        assertThat(before.indexOf("own-shield")).isLessThan(before.indexOf("flange"));
        List<String> after =
                order(assembly("pinion", new PartChange.With(PartKind.WASHER, Side.INBOARD, "flange", "shield")));
        assertThat(after.indexOf("own-shield")).isGreaterThan(after.indexOf("flange"));
    }

    @Test
    void aSealMoreIsAlwaysNewAndANutMayTurnEitherWay() {
        Apart plan = plan(assembly(
                "ball-pair",
                new PartChange.With(PartKind.SEAL, Side.INBOARD, "left-seal", "dust lip"),
                new PartChange.With(PartKind.NUT, Side.OUTBOARD, "axle", "lock nut")));
        assertThat(plan.input().assembly().the("own-dust-lip").upkeep().renewed())
                .isTrue();
        assertThat(plan.input().assembly().joints().stream()
                        .filter(joint -> joint.part().equals("own-lock-nut"))
                        .map(joint -> joint.turn().hand()))
                .containsExactly("look");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "without left-bearing",
                "without hub",
                "without nothing-there",
                "with shim inboard of nothing-there: shim",
                "with bearing inboard of axle: one more",
                "no such line",
                "with shim inboard of axle: shim\nwith shim outboard of axle: shim"
            })
    void whatDoesNotFitIsSaidAtItsBox(String line) {
        Reading<ApartInput> reading = read("ball-pair", line);
        assertThat(reading.ok()).isFalse();
        assertThat(reading.problems()).allMatch(problem -> problem.field().equals(ApartFields.CHANGED));
        assertThat(read("ball-pair", "without clip; left-collar is bush").ok()).isTrue();
    }

    @Test
    void whatWasChangedIsAFactOfThePositionAndFillsTheNextOne() {
        ApartTool tool = new ApartTool();
        Map<String, String> texts = new HashMap<>(
                Map.of(ApartFields.KIND, "ball-pair", "shoulder", "both", ApartFields.CHANGED, "without clip"));
        Reading<ApartInput> reading =
                FieldReader.read(ApartFields.LIST, Typed.of(texts, UnitSystem.METRIC), Decoder.SHIPPED);
        Map<String, String> facts = tool.gives(tool.compute(reading.record())).stream()
                .filter(fact -> fact.key().outlives())
                .collect(Collectors.toMap(fact -> fact.key().name(), fact -> fact.text()));
        assertThat(facts).containsEntry("PARTS", "without clip").containsEntry("BUILT", "shoulder=both");
        assertThat(ApartFields.built("shoulder=both")).containsExactly(Map.entry("shoulder", "both"));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void theSectionShowsAPartMoreAndNoneThatIsNotThere(String kind) {
        Assembly whole = assembly(kind);
        List<String> drawn = tagged(whole);
        for (Part part : whole.parts()) {
            if (ChangedParts.loose(part, whole.parts())) {
                assertThat(tagged(assembly(kind, new PartChange.Without(part.code()))))
                        .doesNotContain(part.code());
            }
            if (drawn.contains(part.code())) {
                assertThat(tagged(assembly(
                                kind, new PartChange.With(PartKind.WASHER, Side.INBOARD, part.code(), "one more"))))
                        .contains("own-one-more");
            }
        }
    }

    private static List<String> tagged(Assembly assembly) {
        List<String> codes = new ArrayList<>();
        for (Shape shape : Section.of(assembly, Section.View.WHOLE).shapes()) {
            if (shape instanceof Shape.Tagged tagged) {
                codes.add(tagged.part());
            }
        }
        return codes;
    }
}
