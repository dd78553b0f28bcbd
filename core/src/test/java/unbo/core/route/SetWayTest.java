package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.core.fact.FactKey;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

class SetWayTest {

    private static Sheet at(FactKey key, String text) {
        return Sheet.of(List.of(Fact.words(key, text, How.TYPED, "vehicle")));
    }

    static List<SetWay> ways() {
        return SetWay.all();
    }

    @ParameterizedTest
    @CsvSource({
        "steering-head,torque",
        "headset,torque",
        "crank,crank",
        "gearbox,stack",
        "driveline,stack",
        "axle1-left,nut",
        "rear,nut"
    })
    void thePlaceHasAUsualWay(String place, String way) {
        assertThat(SetWay.usual(at(FactKey.POSITION, place)).code()).isEqualTo(way);
    }

    @ParameterizedTest
    @CsvSource({"unit,axle-nut", "cartridge,axle-nut", "ball-pair,spacer", "cup-and-cone,cone", "adjustable-taper,nut"})
    void theKindOfHubHasAUsualWay(String hub, String way) {
        assertThat(SetWay.usual(at(FactKey.HUB_TYPE, hub)).code()).isEqualTo(way);
    }

    @ParameterizedTest
    @MethodSource("ways")
    void everyWayBelongsToSetAndIsFoundByItsCode(SetWay way) {
        assertThat(SetWay.of(way.code())).contains(way);
        assertThat(way.rule().stage()).isEqualTo(RouteStage.SET);
        assertThat(way.rule().fields().field(SetWay.BY)).isEmpty();
        assertThat(StageRules.of(RouteStage.SET, Sheet.of(List.of()), Map.of(SetWay.BY, way.code())))
                .isSameAs(way.rule());
    }

    @Test
    void anUnknownWayFallsBackToTheUsual() {
        assertThat(StageRules.of(RouteStage.SET, at(FactKey.POSITION, "crank"), Map.of(SetWay.BY, "by feel")))
                .isSameAs(SetWay.of("crank").orElseThrow().rule());
        assertThat(StageRules.of(RouteStage.GREASE, Sheet.of(List.of()), Map.of(SetWay.BY, "stack"))
                        .stage())
                .isEqualTo(RouteStage.GREASE);
    }

    @Test
    void aStackIsKeptWithItsChainsShimsAndFloat() {
        Sheet gearbox = at(FactKey.POSITION, "gearbox");
        StageRule<?> rule = StageRules.of(RouteStage.SET, gearbox);
        StageRule.Work work = rule.work(
                Typed.of(
                        Map.of(
                                "outer",
                                "face to face in the case; 182.60; depth; aluminium",
                                "inner",
                                "left bearing; 17.00; table\nshoulders; 147.80; micrometer\n"
                                        + "right bearing; 17.00; table",
                                "min",
                                "0.05",
                                "max",
                                "0.15",
                                "shims",
                                "0.50 x 2\n0.10 x 4\n0.20 x 3"),
                        UnitSystem.METRIC),
                gearbox,
                Knowledge.SHIPPED);
        assertThat(work.ok()).isTrue();
        assertThat(work.outcome().complete()).isTrue();
        Sheet after = Sheet.of(work.outcome().facts());
        assertThat(after.text(FactKey.SHIMS)).isEqualTo("0.50 + 0.20 mm");
        assertThat(after.text(FactKey.INNER_CHAIN)).contains("shoulders; 147.8; 0.005; steel");
        assertThat(rule.prefill(after))
                .containsEntry("outer", after.text(FactKey.OUTER_CHAIN))
                .containsKeys("inner", "min", "max");
    }

    @Test
    void aStackThatNoShimFitsIsNotComplete() {
        Sheet gearbox = at(FactKey.POSITION, "gearbox");
        StageRule.Work work = StageRules.of(RouteStage.SET, gearbox)
                .work(
                        Typed.of(
                                Map.of(
                                        "outer",
                                        "case; 20.00",
                                        "inner",
                                        "shaft; 18.00",
                                        "min",
                                        "0.05",
                                        "max",
                                        "0.15",
                                        "shims",
                                        ""),
                                UnitSystem.METRIC),
                        gearbox,
                        Knowledge.SHIPPED);
        assertThat(work.outcome().complete()).isFalse();
        assertThat(work.outcome().answer().findings()).extracting(f -> f.code()).contains("no-shim");
    }

    @Test
    void fitJudgesTheShaftWhereAnArrangementIsPicked() {
        Sheet none = Sheet.of(List.of());
        Map<String, String> mounting = Map.of("designation", "6305", "ring", "inner", "seat", "k5");
        StageRule.Work alone = StageRules.of(RouteStage.FIT, none)
                .work(Typed.of(mounting, UnitSystem.METRIC), none, Knowledge.SHIPPED);
        Map<String, String> both = new java.util.HashMap<>(mounting);
        both.putAll(Map.of("arrangement", "two-tight", "leftBearing", "6305", "rightBearing", "6305"));
        StageRule.Work shaft =
                StageRules.of(RouteStage.FIT, none).work(Typed.of(both, UnitSystem.METRIC), none, Knowledge.SHIPPED);
        assertThat(alone.outcome().answer().findings())
                .extracting(f -> f.code())
                .doesNotContain("located-twice");
        assertThat(shaft.outcome().answer().findings())
                .extracting(f -> f.code())
                .contains("located-twice");
        assertThat(shaft.outcome().answer().steps())
                .isEqualTo(alone.outcome().answer().steps());
        assertThat(Sheet.of(shaft.outcome().facts()).text(FactKey.ARRANGEMENT)).isEqualTo("two-tight");
        both.remove("rightBearing");
        assertThat(StageRules.of(RouteStage.FIT, none)
                        .work(Typed.of(both, UnitSystem.METRIC), none, Knowledge.SHIPPED)
                        .reading()
                        .sentences("rightBearing"))
                .isNotEmpty();
    }
}
