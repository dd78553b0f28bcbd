package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.StageRules;
import unbo.core.stage.RouteStage;

class MergeTest {

    private static Merge of(Map<String, String> base, Map<String, String> mine, Map<String, String> theirs) {
        return Merge.of(StageRules.of(RouteStage.SET), metric(base), metric(mine), metric(theirs));
    }

    private static Typed metric(Map<String, String> texts) {
        return Typed.of(texts, UnitSystem.METRIC);
    }

    @Test
    void whereOnlyOneSideChangedAFieldThatSideStands() {
        Merge merge = of(
                Map.of("pitch", "1.5", "slots", "6"),
                Map.of("pitch", "1.25", "slots", "6"),
                Map.of("pitch", "1.5", "slots", "8"));
        assertThat(merge.typed(Map.of()).texts()).containsEntry("pitch", "1.25").containsEntry("slots", "8");
        assertThat(merge.lines()).extracting(Merge.Line::both).containsOnly(false);
    }

    @Test
    void whereBothChangedItMineStandsUntilTheirsIsChosen() {
        Merge merge = of(Map.of("pitch", ""), Map.of("pitch", "1.5"), Map.of("pitch", "1.25"));
        assertThat(merge.lines()).singleElement().satisfies(line -> {
            assertThat(line.both()).isTrue();
            assertThat(line.label())
                    .isEqualTo(StageRules.of(RouteStage.SET)
                            .fields()
                            .field("pitch")
                            .orElseThrow()
                            .label());
        });
        assertThat(merge.typed(Map.of()).texts()).containsEntry("pitch", "1.5");
        assertThat(merge.typed(Map.of("pitch", "theirs")).texts()).containsEntry("pitch", "1.25");
    }

    @Test
    void ticksAreMergedToo() {
        Merge merge = of(
                Map.of("tick-cups", "yes"),
                Map.of("tick-pin", "yes"),
                Map.of("tick-cups", "yes", "tick-support", "yes"));
        assertThat(merge.typed(Map.of()).texts()).containsOnlyKeys("tick-pin", "tick-support");
        assertThat(merge.typed(Map.of("tick-cups", "theirs")).texts()).containsKey("tick-cups");
        assertThat(merge.lines()).extracting(Merge.Line::mineShown).contains("ticked", "not ticked");
    }

    @Test
    void codesAreShownInWords() {
        Merge merge = Merge.of(
                StageRules.of(RouteStage.GREASE),
                Typed.NOTHING,
                metric(Map.of("kind", "CaS")),
                metric(Map.of("kind", "")));
        assertThat(merge.lines()).singleElement().satisfies(line -> {
            assertThat(line.mineShown()).contains("calcium sulfonate");
            assertThat(line.theirsShown()).isEqualTo("empty");
        });
    }

    @Test
    void twoThatSayTheSameHaveNoLines() {
        assertThat(of(Map.of(), Map.of("pitch", "1.5"), Map.of("pitch", "1.5", "slots", ""))
                        .lines())
                .isEmpty();
    }

    @Test
    void theSameFiguresInTwoSystemsAreADifferenceAndEachKeepsItsOwn() {
        Typed mine = Typed.of(Map.of("endPlayMax", "0.005"), UnitSystem.INCH);
        Typed theirs = metric(Map.of("endPlayMax", "0.005"));
        Merge merge = Merge.of(StageRules.of(RouteStage.SET), Typed.NOTHING, mine, theirs);
        assertThat(merge.lines()).singleElement().satisfies(line -> {
            assertThat(line.mineShown()).isEqualTo("0.005 in");
            assertThat(line.theirsShown()).isEqualTo("0.005 mm");
        });
        assertThat(merge.typed(Map.of("endPlayMax", "mine")).of("endPlayMax")).isEqualTo(UnitSystem.INCH);
        assertThat(merge.typed(Map.of("endPlayMax", "theirs")).of("endPlayMax")).isEqualTo(UnitSystem.METRIC);
    }
}
