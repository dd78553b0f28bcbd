package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

class WatchedFactsTest {

    private static Sheet van(Fact... more) {
        List<Fact> facts =
                new ArrayList<>(List.of(words(FactKey.VEHICLE_KIND, "trailer"), words(FactKey.WHERE, "axle1-left")));
        facts.addAll(List.of(more));
        return Sheet.of(facts);
    }

    private static Fact words(FactKey key, String text) {
        return Fact.words(key, text, How.TYPED, "identify");
    }

    /** What stands in the boxes when a stage is first opened. */
    private static Typed prefilled(RouteStage stage, Sheet sheet) {
        return Typed.of(StageRules.of(stage, sheet).prefill(sheet), UnitSystem.METRIC);
    }

    @ParameterizedTest
    @CsvSource({
        "STRIP,OUTER_CONE,L44643,LM67048",
        "FIT,OUTER_CONE,6305,6306",
        "FIT,OUTER_CUP,L44610,LM67010",
        "SET,NUT_PITCH,1.5,2",
        "INSPECT,OUTER_CONE,32008X,32010X"
    })
    void aFactThatFilledABoxIsWatched(RouteStage stage, String name, String before, String after) {
        FactKey key = FactKey.named(name).orElseThrow();
        Sheet then = van(fact(key, before));
        StageRule<?> rule = StageRules.of(stage, then);
        Map<String, String> used = rule.hangsOn(then, prefilled(stage, then));
        assertThat(used).containsKey(key.name());
        assertThat(rule.stale(then, prefilled(stage, then), used)).isFalse();
        assertThat(rule.stale(van(fact(key, after)), prefilled(stage, then), used))
                .isTrue();
    }

    private static Fact fact(FactKey key, String text) {
        return key.quantity() == null
                ? words(key, text)
                : Fact.number(key, Double.parseDouble(text), How.TYPED, "identify");
    }

    @Test
    void aBoxThatWasTypedOverIsNotWatched() {
        Sheet then = van(words(FactKey.OUTER_CONE, "L44643"));
        StageRule<?> strip = StageRules.of(RouteStage.STRIP, then);
        Typed over = Typed.of(Map.of("numbers", "outer LM67048"), UnitSystem.METRIC);
        Map<String, String> used = strip.hangsOn(then, over);
        assertThat(used).doesNotContainKey(FactKey.OUTER_CONE.name());
        assertThat(strip.stale(van(words(FactKey.OUTER_CONE, "32008X")), over, used))
                .isFalse();
    }

    @Test
    void aCupThatCameLaterMakesAFitStaleThatTookTheCone() {
        Sheet cone = van(words(FactKey.OUTER_CONE, "L44643"));
        StageRule<?> fit = StageRules.of(RouteStage.FIT, cone);
        Map<String, String> used = fit.hangsOn(cone, prefilled(RouteStage.FIT, cone));
        assertThat(fit.stale(
                        van(words(FactKey.OUTER_CONE, "L44643"), words(FactKey.OUTER_CUP, "L44610")),
                        prefilled(RouteStage.FIT, cone),
                        used))
                .isTrue();
    }

    @Test
    void aMeasuredSeatReachesFitWithItsSource() {
        Sheet measured = van(
                Fact.number(PlaceProperty.HOUSING_MIN.at(FactKey.FIRST), 50.29, How.MEASURED, "inspect"),
                Fact.number(PlaceProperty.HOUSING_MAX.at(FactKey.FIRST), 50.31, How.MEASURED, "inspect"));
        assertThat(StageRules.of(RouteStage.FIT, measured).prefill(measured))
                .containsEntry("measuredMinMm", "50.29 mm")
                .containsEntry("measuredMaxMm", "50.31 mm")
                .containsEntry("ring", "outer");
        Sheet shaft = Sheet.of(List.of(
                words(FactKey.VEHICLE_KIND, "motorcycle"),
                words(FactKey.WHERE, "crank"),
                Fact.number(PlaceProperty.SHAFT_MIN.at(FactKey.FIRST), 25.004, How.MEASURED, "inspect")));
        assertThat(StageRules.of(RouteStage.FIT, shaft).prefill(shaft))
                .containsEntry("measuredMinMm", "25.004 mm")
                .containsEntry("ring", "inner")
                .containsEntry("seat", "k5");
    }

    @ParameterizedTest
    @CsvSource({
        "trailer,axle1-left,'',end-play nut-locked",
        "car,front-left,unit,bolts axle-nut",
        "van,rear-left,cartridge,axle-nut clip",
        "motorcycle,crank,'',runout end-float",
        "bicycle,front,cup-and-cone,play-clamped",
        "motorcycle,steering-head,'',slack-braking notch",
        "bicycle,jockey,'',hand-of-thread"
    })
    void proveAsksByTheKindOfPlace(String vehicle, String position, String hub, String proofs) {
        Sheet sheet = Sheet.of(List.of(
                words(FactKey.VEHICLE_KIND, vehicle), words(FactKey.WHERE, position), words(FactKey.HUB_TYPE, hub)));
        List<String> asked = StageRules.of(RouteStage.PROVE, sheet).asked();
        for (String proof : proofs.split(" ")) {
            assertThat(asked).contains("proof-" + proof, "why-" + proof);
        }
        assertThat(asked).doesNotContain("splitPin").contains("twinTemperature");
    }

    @Test
    void twoBearingsTwoRingsTwoWaysAreTwoEntries() {
        StageRule<?> fit = StageRules.of(RouteStage.FIT);
        Map<String, String> outer = Map.of("designation", "32008 x", "ring", "outer");
        assertThat(entry(fit, outer))
                .isEqualTo(entry(fit, Map.of("designation", "32008X", "ring", "outer", "seat", "P7")));
        assertThat(entry(fit, outer)).isNotEqualTo(entry(fit, Map.of("designation", "32008X", "ring", "inner")));
        assertThat(entry(fit, outer)).isNotEqualTo(entry(fit, Map.of("designation", "32010X", "ring", "outer")));
        Map<String, String> left = new HashMap<>(outer);
        left.put("which", "left");
        assertThat(entry(fit, left)).isNotEqualTo(entry(fit, outer));
        assertThat(fit.entry(Typed.of(left, UnitSystem.METRIC)).words())
                .isEqualTo("the left bearing, 32008 x, outer ring");
        assertThat(SetWay.of("nut").orElseThrow().rule().entry(Typed.NOTHING))
                .isNotEqualTo(SetWay.of("stack").orElseThrow().rule().entry(Typed.NOTHING));
        assertThat(entry(StageRules.of(RouteStage.GREASE), outer)).isEqualTo(EntryName.ONLY.code());
    }

    private static String entry(StageRule<?> rule, Map<String, String> texts) {
        return rule.entry(Typed.of(texts, UnitSystem.METRIC)).code();
    }
}
