package unbo.core.tools.school;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.assembly.AssemblyKind;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.route.StageRules;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

class DisputeTest {

    private static Dispute named(String code) {
        return Dispute.all().stream()
                .filter(dispute -> dispute.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyQuestionHasSidesThatSayWhatTheyAssumeAndOneDefaultWithItsReason() {
        assertThat(Dispute.all())
                .extracting(Dispute::code)
                .containsExactlyInAnyOrder(
                        "removal", "loose-seat", "both", "rough", "clearance", "balls", "fill", "setting", "interval");
        assertThat(Dispute.all()).allSatisfy(dispute -> {
            assertThat(dispute.sides())
                    .hasSizeGreaterThan(1)
                    .filteredOn(Dispute.Side::usual)
                    .hasSize(1);
            assertThat(dispute.usual().usual()).isTrue();
            assertThat(dispute.sides()).extracting(Dispute.Side::suits).doesNotContain("");
            assertThat(dispute.sides()).extracting(Dispute.Side::code).doesNotHaveDuplicates();
        });
    }

    /** A side that stands in a box must be one that the box takes, wherever the question is shown. */
    @Test
    void aSideOfABoxIsTakenByThatBoxOfItsToolAndItsStation() {
        for (Dispute dispute : Dispute.all()) {
            for (String tool : dispute.tools()) {
                Tool<?, ?> there = Tools.named(tool).orElseThrow();
                if (!dispute.box().isEmpty() && !tool.equals("seat")) {
                    taken(there.fields(), dispute);
                }
            }
            for (String stage : dispute.box().isEmpty() ? List.<String>of() : dispute.stages()) {
                Sheet sheet =
                        Sheet.of(List.of(Fact.words(FactKey.ASSEMBLY, "adjustable-taper", How.TYPED, "identify")));
                taken(
                        StageRules.of(RouteStage.of(stage).orElseThrow(), sheet, Map.of())
                                .fields(),
                        dispute);
            }
        }
    }

    private static void taken(FieldList<?> fields, Dispute dispute) {
        Field box = fields.field(dispute.box()).orElseThrow(() -> new AssertionError(dispute.box()));
        assertThat(dispute.sides())
                .extracting(Dispute.Side::text)
                .filteredOn(text -> !text.isEmpty())
                .isNotEmpty()
                .allSatisfy(text -> assertThat(box.takes(text))
                        .as(dispute.code() + " " + text)
                        .isTrue());
    }

    @Test
    void itIsAskedWhereItIsDecidedAndOfTheKindsThatItIsAbout() {
        AssemblyKind wheel = AssemblyKind.find("ball-pair").orElseThrow();
        AssemblyKind unit = AssemblyKind.find("unit-bolted").orElseThrow();
        assertThat(Dispute.at(RouteStage.STRIP, wheel, List.of()))
                .extracting(Dispute::code)
                .containsExactly("removal");
        assertThat(Dispute.at(RouteStage.STRIP, unit, List.of())).isEmpty();
        assertThat(Dispute.at(RouteStage.STRIP, null, List.of())).isEmpty();
        assertThat(Dispute.at(RouteStage.INSPECT, wheel, List.of("remedy")))
                .extracting(Dispute::code)
                .containsExactly("loose-seat", "both");
        assertThat(Dispute.at(RouteStage.LOG, unit, List.of("serviceSchool"))).isEmpty();
        assertThat(Dispute.of("mount")).extracting(Dispute::code).containsExactly("clearance");
    }

    /** A head has no cavity to fill, a taper no clearance class: nothing is asked there that cannot be taken. */
    @Test
    void nothingIsAskedThatNoBoxTakes() {
        AssemblyKind head = AssemblyKind.find("steering-head").orElseThrow();
        AssemblyKind hub = AssemblyKind.find("adjustable-taper").orElseThrow();
        assertThat(Dispute.at(RouteStage.GREASE, head, List.of("kind", "oldKind")))
                .isEmpty();
        assertThat(Dispute.at(RouteStage.GREASE, hub, List.of("kind", "cavityShare")))
                .extracting(Dispute::code)
                .containsExactly("fill");
        assertThat(Dispute.at(RouteStage.FIT, hub, List.of("clearanceClass"))).isEmpty();
    }

    @Test
    void whatWasTakenIsToldAndNothingElse() {
        Dispute both = named("both");
        assertThat(both.taken(Map.of())).isEmpty();
        assertThat(both.taken(Map.of("side-both", "one")))
                .map(Dispute.Side::name)
                .contains("the one that failed");
        assertThat(Dispute.told(RouteStage.INSPECT, Map.of("side-both", "one")))
                .containsExactly(
                        entry("Renew all bearings of the place, or the one that failed?", "the one that failed"));
        assertThat(Dispute.told(RouteStage.INSPECT, Map.of("side-both", "three", "remedy", "sleeve")))
                .isEmpty();
        assertThat(Dispute.told(RouteStage.FIT, Map.of("side-both", "one"))).isEmpty();
        assertThat(Dispute.keeps("side-both", "one")).isTrue();
        assertThat(Dispute.keeps("side-both", "three")).isFalse();
        assertThat(Dispute.keeps("remedy", "sleeve")).as("that is a box").isFalse();
        assertThat(named("clearance").taken(Map.of("clearanceClass", "C3")))
                .map(Dispute.Side::code)
                .contains("c3");
    }
}
