package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** Grease asks of every place of a kind, and of no other. */
class GreaseOfAPlaceTest {

    private static Fact words(FactKey key, String text) {
        return Fact.words(key, text, How.TYPED, "identify");
    }

    private static Fact mm(PlaceProperty property, String place, double value) {
        return Fact.number(property.at(place), value, How.TABLE, "identify");
    }

    private static List<Fact> sized(String place, String kind, double bore, double outside, double width) {
        return List.of(
                words(PlaceProperty.KIND.at(place), kind),
                mm(PlaceProperty.BORE, place, bore),
                mm(PlaceProperty.OUTSIDE, place, outside),
                mm(PlaceProperty.WIDTH, place, width));
    }

    private static Sheet sheet(String kind, List<Fact> facts) {
        List<Fact> all = new ArrayList<>(List.of(words(FactKey.ASSEMBLY, kind)));
        all.addAll(facts);
        return Sheet.of(all);
    }

    private static StageRule.Work work(Sheet sheet, String... typed) {
        Map<String, String> texts = new LinkedHashMap<>(Map.of("kind", "CaS", "oldKind", "CaS"));
        for (int i = 0; i < typed.length; i += 2) {
            texts.put(typed[i], typed[i + 1]);
        }
        return StageRules.of(RouteStage.GREASE, sheet)
                .work(Typed.of(texts, UnitSystem.METRIC), sheet, Knowledge.SHIPPED);
    }

    private static Map<String, Double> grams(StageRule.Work work) {
        return work.outcome().facts().stream()
                .filter(fact -> fact.key().is(PlaceProperty.GREASE_GRAMS) || fact.key() == FactKey.GREASE_TOTAL)
                .collect(Collectors.toMap(fact -> fact.key().name(), Fact::value));
    }

    /** π/4·20·(28² − 22²)/1000 = 4.712 cm³, a quarter of it free; 90 % of that at 0.90 g/cm³ is 0.954 g. */
    @Test
    void needlesOfAPivotThatRocksAreFilledNearlyWhole() {
        List<Fact> facts = new ArrayList<>(sized("left", "drawn-cup-needle-roller", 22, 28, 20));
        facts.addAll(sized("right", "drawn-cup-needle-roller", 22, 28, 20));
        StageRule.Work work = work(sheet("needle-pivot", facts));
        assertThat(grams(work).get("left.GREASE_GRAMS")).isCloseTo(0.954, within(0.001));
        assertThat(grams(work).get("GREASE_TOTAL")).isCloseTo(2 * 0.954, within(0.001));
        assertThat(work.outcome().facts()).noneMatch(fact -> fact.key() == FactKey.GREASE_CAVITY_SHARE);
        assertThat(work.outcome().answer().steps())
                .extracting(step -> step.code())
                .contains("balls");
        assertThat(work.outcome().answer().steps())
                .extracting(step -> step.code())
                .doesNotContain("cavity", "cups", "palm");
    }

    /** π/4·14·(47² − 17²)/1000 = 21.11 cm³, 0.32 of it free; 35 % of that at 0.90 g/cm³ is 2.128 g. */
    @Test
    void oneOpenBearingOfAPulleyIsEnough() {
        StageRule.Work work = work(sheet("pulley", sized("only", "deep-groove-ball", 17, 47, 14)));
        assertThat(grams(work).get("GREASE_TOTAL")).isCloseTo(2.128, within(0.001));
        assertThat(work.outcome().answer().figures().get(0).what()).isEqualTo("bearing, 25 to 35 % of its room");
    }

    @Test
    void fourPlacesAreCountedAndTheSealedOneGetsNone() {
        List<Fact> facts = new ArrayList<>();
        for (String place : List.of("left", "drive", "freehub-inner")) {
            facts.addAll(sized(place, "deep-groove-ball", 15, 28, 7));
        }
        facts.addAll(sized("freehub-outer", "deep-groove-ball", 15, 26, 7));
        facts.add(words(PlaceProperty.GREASED.at("freehub-outer"), "yes"));
        StageRule.Work work = work(sheet("bicycle-rear", facts));
        assertThat(grams(work))
                .containsOnlyKeys(
                        "left.GREASE_GRAMS", "drive.GREASE_GRAMS", "freehub-inner.GREASE_GRAMS", "GREASE_TOTAL");
        double each = Math.PI / 4 * 7 * (28 * 28 - 15 * 15) / 1000 * 0.32 * 0.5 * 0.9;
        assertThat(grams(work).get("GREASE_TOTAL")).isCloseTo(3 * each, within(1e-9));
        assertThat(work.outcome().answer().sentences())
                .anyMatch(sentence -> sentence.contains("freehub's outer bearing is greased for life"));
    }

    /** A sealed one came out and an open one went in: it takes grease. */
    @Test
    void theBearingThatGoesInSaysWhetherItTakesGrease() {
        List<Fact> facts = new ArrayList<>(sized("only", "deep-groove-ball", 17, 47, 14));
        facts.add(words(PlaceProperty.GREASED.at("only"), "yes"));
        facts.add(words(PlaceProperty.FITTED.at("only"), "6303"));
        facts.add(words(PlaceProperty.FITTED_GREASED.at("only"), "no"));
        Sheet sheet = sheet("pulley", facts);
        assertThat(sheet.greasedForLife()).isFalse();
        assertThat(grams(work(sheet)).get("GREASE_TOTAL")).isCloseTo(2.128, within(0.001));
    }

    @Test
    void aPlaceThatNobodyMeasuredIsSaidAndInNobodysWay() {
        StageRule.Work work = work(sheet("steering-head", sized("lower", "tapered-roller", 30, 55, 17)));
        assertThat(work.ok()).isTrue();
        assertThat(work.outcome().answer().findings())
                .anyMatch(finding -> finding.code().equals("sizes-unknown")
                        && finding.sentence().contains("upper bearing"));
    }

    @Test
    void aTaperedHubIsNotPackedWithoutItsCavity() {
        List<Fact> facts = new ArrayList<>(sized("outer", "tapered-roller", 20, 47, 15.25));
        facts.addAll(sized("inner", "tapered-roller", 30, 62, 17.25));
        StageRule.Work work = work(sheet("adjustable-taper", facts));
        assertThat(work.ok()).isFalse();
        assertThat(work.reading().problems())
                .extracting(problem -> problem.field())
                .contains("betweenCups");
    }

    @ParameterizedTest
    @ValueSource(strings = {"hand", "packer", "gun"})
    void everyKindThatIsGreasedComputesWithItsUsualBearings(String method) {
        for (AssemblyKind kind : AssemblyKind.all()) {
            List<Fact> facts = new ArrayList<>();
            for (KindPlace place : KindPlace.of(kind.code())) {
                KindPlace.Usual usual = place.usual();
                facts.addAll(
                        sized(place.code(), usual.kind().code(), usual.boreMm(), usual.outsideMm(), usual.widthMm()));
            }
            facts.add(Fact.number(FactKey.BETWEEN_CUPS, 40.0, How.MEASURED, "identify"));
            facts.add(Fact.number(FactKey.HUB_BORE, 46.0, How.MEASURED, "identify"));
            facts.add(Fact.number(FactKey.SPINDLE, 30.0, How.MEASURED, "identify"));
            StageRule.Work work = work(sheet(kind.code(), facts), "method", method);
            assertThat(work.ok()).as(kind.code()).isTrue();
            assertThat(grams(work).get("GREASE_TOTAL")).as(kind.code()).isPositive();
            if (!method.equals("gun")) {
                assertThat(grams(work))
                        .as(kind.code())
                        .hasSize(KindPlace.of(kind.code()).size() + 1);
            }
        }
    }
}
