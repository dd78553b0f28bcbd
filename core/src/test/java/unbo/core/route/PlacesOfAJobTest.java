package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.PositionFacts;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.identify.HubFields;

/** Facts by place, and the stages that are asked of one place at a time. */
class PlacesOfAJobTest {

    private static Sheet of(String kind, Fact... more) {
        List<Fact> facts = new ArrayList<>(List.of(words(FactKey.ASSEMBLY, kind)));
        facts.addAll(List.of(more));
        return Sheet.of(facts);
    }

    private static Fact words(FactKey key, String text) {
        return Fact.words(key, text, How.TYPED, "identify");
    }

    private static Typed typed(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Typed.of(texts, UnitSystem.METRIC);
    }

    private static StageRule.Outcome outcome(RouteStage stage, Sheet sheet, Typed typed) {
        StageRule.Work work = StageRules.of(stage, sheet, typed.texts()).work(typed, sheet, Knowledge.SHIPPED);
        assertThat(work.reading().problems()).isEmpty();
        return java.util.Objects.requireNonNull(work.outcome());
    }

    @ParameterizedTest
    @CsvSource({
        "OUTER_CONE,outer.CONE",
        "INNER_HALF_ANGLE,inner.HALF_ANGLE",
        "freehub-outer.CONE,freehub-outer.CONE",
        "HUB_BORE,HUB_BORE",
        "hub.BORE,hub.BORE",
        "DAMAGE,outer.DAMAGE",
        "SEAT_STATE,outer.HOUSING_STATE",
        "FIT_SEAT,outer.HOUSING_FIT"
    })
    void namesOfOlderReleasesAreReadAsTheirPlaces(String old, String now) {
        assertThat(FactKey.named(old)).map(FactKey::name).contains(now);
    }

    @Test
    void whatIsNoNameIsNone() {
        assertThat(FactKey.named("OUTER_THING")).isEmpty();
        assertThat(FactKey.named(".CONE")).isEmpty();
        assertThat(FactKey.named("left.THING")).isEmpty();
    }

    @Test
    void whatWasKeptBeforeTheKindWasKnownLiesAtItsPlaces() {
        Sheet sheet = of("ball-pair", words(FactKey.OUTER_CONE, "6204-2RS"), words(FactKey.INNER_CONE, "6205-2RS"));
        assertThat(sheet.text(PlaceProperty.CONE.at("left"))).isEqualTo("6204-2RS");
        assertThat(sheet.text(PlaceProperty.CONE.at("right"))).isEqualTo("6205-2RS");
        assertThat(sheet.text(FactKey.OUTER_CONE)).isEqualTo("6204-2RS");
        assertThat(sheet.at("right").text(PlaceProperty.CONE.here())).isEqualTo("6205-2RS");
        assertThat(sheet.text(PlaceProperty.CONE.here())).isEqualTo("6204-2RS");
        assertThat(sheet.each(PlaceProperty.CONE)).extracting(Fact::text).containsExactly("6204-2RS", "6205-2RS");
    }

    @Test
    void theLaterOfTwoNamesOfOnePlaceWins() {
        Sheet sheet = of("ball-pair", words(PlaceProperty.CONE.at("left"), "6204"))
                .with(List.of(words(FactKey.OUTER_CONE, "6304")));
        assertThat(sheet.text(PlaceProperty.CONE.at("left"))).isEqualTo("6304");
        assertThat(sheet.with(List.of(words(PlaceProperty.CONE.at("left"), "6004")))
                        .text(FactKey.OUTER_CONE))
                .isEqualTo("6004");
    }

    static List<AssemblyKind> kinds() {
        return AssemblyKind.all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindIsIdentifiedAtAllItsPlaces(AssemblyKind kind) {
        Map<String, String> texts = new HashMap<>();
        for (HubFields.Boxes boxes : HubFields.boxes(kind)) {
            KindPlace.Usual usual = boxes.place().usual();
            if (boxes.cone() == null) {
                texts.put(boxes.name() + "Balls", "9");
                texts.put(boxes.name() + "BallMm", "6.35");
            } else {
                texts.put(boxes.cone(), "bench mark " + boxes.name());
                texts.put(boxes.name() + "Bore", usual.boreMm() + " mm");
                texts.put(boxes.name() + "Outside", usual.outsideMm() + " mm");
                texts.put(boxes.name() + "Width", usual.widthMm() + " mm");
            }
        }
        Sheet sheet = of(kind.code());
        StageRule.Outcome done = outcome(RouteStage.IDENTIFY, sheet, Typed.of(texts, UnitSystem.METRIC));
        Sheet after = sheet.with(done.facts());
        for (KindPlace place : KindPlace.of(kind.code())) {
            if (place.loose()) {
                assertThat(after.text(PlaceProperty.BALLS.at(place.code()))).isEqualTo("9");
                assertThat(after.number(PlaceProperty.BALL_SIZE.at(place.code())))
                        .isEqualTo(6.35);
            } else {
                assertThat(after.number(PlaceProperty.BORE.at(place.code())))
                        .isEqualTo(place.usual().boreMm());
            }
        }
    }

    @Test
    void allOfOneNumberFillsEveryPlaceThatIsEmpty() {
        Sheet sheet = of("bottom-bracket");
        Sheet after = sheet.with(outcome(RouteStage.IDENTIFY, sheet, typed("outerCone", "6805-2RS", "allSame", "yes"))
                .facts());
        assertThat(after.each(PlaceProperty.CONE)).extracting(Fact::text).containsExactly("6805-2RS", "6805-2RS");
    }

    @Test
    void whatIsNotKnownYetIsSaidAndHoldsNothingUp() {
        Sheet sheet = of("gearbox-shaft");
        StageRule.Outcome done = outcome(RouteStage.IDENTIFY, sheet, typed("innerCone", "6205"));
        assertThat(done.answer().sentences()).anyMatch(s -> s.contains("Not known yet: left bearing"));
        assertThat(sheet.with(done.facts()).text(PlaceProperty.CONE.at("right")))
                .isEqualTo("6205");
        assertThat(done.complete()).isTrue();
    }

    @Test
    void nothingAtAllIsRefusedInASentence() {
        StageRule.Work work = StageRules.of(RouteStage.IDENTIFY, of("gearbox-shaft"))
                .work(typed(), of("gearbox-shaft"), Knowledge.SHIPPED);
        assertThat(work.reading().sentences("outerCone"))
                .singleElement()
                .asString()
                .contains("one bearing at least");
    }

    @Test
    void aTaperAmongBallsIsNamed() {
        StageRule.Outcome done = outcome(
                RouteStage.IDENTIFY,
                of("ball-pair"),
                typed("assembly", "ball-pair", "outerCone", "32005X", "innerCone", "6205"));
        assertThat(done.answer().findings())
                .extracting(f -> f.code() + " " + f.sentence())
                .anyMatch(s -> s.startsWith("other-kind Left bearing: 32005X is a taper"));
    }

    @Test
    void aVanWithoutAWordOfItsHubIsAskedForOneOrTwo() {
        Sheet van = Sheet.of(List.of(words(FactKey.VEHICLE_KIND, "van"), words(FactKey.WHERE, "rear-left")));
        assertThat(van.guessed()).isTrue();
        assertThat(StageRules.of(RouteStage.IDENTIFY, van).asked()).contains("outerCone", "innerCone");
        assertThat(StageRules.of(RouteStage.IDENTIFY, van.with(List.of(words(FactKey.HUB_TYPE, "cartridge"))))
                        .asked())
                .contains("outerCone")
                .doesNotContain("innerCone");
        Sheet after = van.with(outcome(RouteStage.IDENTIFY, van, typed("outerCone", "DAC40740036/34"))
                .facts());
        assertThat(after.kind()).map(AssemblyKind::code).contains("cartridge-knuckle");
        assertThat(after.text(PlaceProperty.CONE.at("hub"))).startsWith("DAC40740036");
    }

    private static Sheet crank(Fact... more) {
        List<Fact> facts = new ArrayList<>(List.of(
                words(PlaceProperty.CONE.at("left"), "6305"),
                words(PlaceProperty.CONE.at("right"), "6205"),
                words(PlaceProperty.KIND.at("left"), "deep-groove-ball")));
        facts.addAll(List.of(more));
        return of("crank", facts.toArray(Fact[]::new));
    }

    @Test
    void fitTakesTheNumberAndTheMeasuredSeatOfItsOwnPlace() {
        Sheet sheet = crank(
                Fact.number(PlaceProperty.HOUSING_MIN.at("right"), 51.99, How.MEASURED, "inspect"),
                Fact.number(PlaceProperty.HOUSING_MAX.at("right"), 52.01, How.MEASURED, "inspect"),
                Fact.number(PlaceProperty.HOUSING_INTERFERENCE.at("left"), 0.012, How.COMPUTED, "fit"));
        StageRule<?> fit = StageRules.of(RouteStage.FIT, sheet);
        assertThat(fit.prefill(sheet, Map.of("which", "right", "ring", "outer")))
                .containsEntry("designation", "6205")
                .containsEntry("measuredMinMm", "51.99 mm")
                .containsEntry("measuredMaxMm", "52.01 mm")
                .containsEntry("material", "aluminium")
                .containsEntry("seat", "M7");
        assertThat(fit.prefill(sheet, Map.of("which", "left", "ring", "inner")))
                .containsEntry("designation", "6305")
                .containsEntry("seat", "k5")
                .containsEntry("otherRingUm", "12")
                .doesNotContainKeys("measuredMinMm", "material");
    }

    @Test
    void aSeatThatIsRenewedIsNotFittedAsItWasMeasured() {
        Fact gap = Fact.number(PlaceProperty.HOUSING_MIN.at("right"), 52.06, How.MEASURED, "inspect");
        Map<String, String> right = Map.of("which", "right", "ring", "outer");
        for (String stays : List.of("used as it is", "retaining compound", "bearing of another class or size")) {
            Sheet asItIs = crank(gap, words(PlaceProperty.HOUSING_REMEDY.at("right"), stays));
            assertThat(StageRules.of(RouteStage.FIT, asItIs).prefill(asItIs, right))
                    .as(stays)
                    .containsEntry("measuredMinMm", "52.06 mm");
        }
        Sheet sleeved = crank(gap, words(PlaceProperty.HOUSING_REMEDY.at("right"), "sleeve"));
        assertThat(StageRules.of(RouteStage.FIT, sleeved).prefill(sleeved, right))
                .doesNotContainKey("measuredMinMm");
    }

    @Test
    void aNumberCorrectedAfterFitMakesThatPlaceStaleAndNoOther() {
        Sheet then = crank();
        Sheet now = then.with(List.of(words(PlaceProperty.CONE.at("right"), "6204-2RS")));
        StageRule<?> fit = StageRules.of(RouteStage.FIT, then);
        for (String place : List.of("left", "right")) {
            Map<String, String> texts = new HashMap<>(Map.of("which", place, "ring", "inner"));
            texts.putAll(fit.prefill(then, texts));
            Typed typed = Typed.of(texts, UnitSystem.METRIC);
            Map<String, String> used = fit.hangsOn(then, typed);
            assertThat(fit.stale(then, typed, used)).isFalse();
            assertThat(fit.stale(now, typed, used)).as(place).isEqualTo(place.equals("right"));
            Typed over = typed.with("designation", "6304", UnitSystem.METRIC);
            assertThat(fit.stale(now, over, fit.hangsOn(then, over)))
                    .as(place + ": what was found is watched too")
                    .isEqualTo(place.equals("right"));
        }
    }

    @Test
    void anotherBearingIsNamedForWhatIsOtherAndIsThereAfterwards() {
        Sheet sheet = crank();
        StageRule.Outcome done = outcome(
                RouteStage.FIT,
                sheet,
                typed(
                        "which",
                        "left",
                        "ring",
                        "inner",
                        "designation",
                        "NU305",
                        "seat",
                        "k5",
                        "batch",
                        "A-17",
                        "maker",
                        "as stamped"));
        assertThat(done.answer().findings())
                .filteredOn(f -> f.code().equals("other-bearing"))
                .singleElement()
                .satisfies(f -> assertThat(f.sentence())
                        .contains("NU305 goes in where 6305 was")
                        .contains("floats: it cannot locate a shaft"));
        Sheet signed = Sheet.of(PositionFacts.of(sheet.with(done.facts())));
        assertThat(signed.with(List.of(words(FactKey.ASSEMBLY, "crank"))).text(PlaceProperty.CONE.at("left")))
                .isEqualTo("NU305");
        assertThat(PositionFacts.of(sheet.with(done.facts())))
                .extracting(fact -> fact.key().name())
                .contains("left.MAKER", "left.BATCH", "right.CONE")
                .doesNotContain("left.KIND", "left.FITTED");
    }

    @Test
    void theConeOrCupOfTheSetThatWasFoundIsNoOther() {
        Sheet sheet = of("adjustable-taper", words(FactKey.OUTER_CONE, "L44643"), words(FactKey.OUTER_CUP, "L44610"));
        StageRule.Outcome done = outcome(
                RouteStage.FIT, sheet, typed("which", "outer", "ring", "outer", "designation", "L44610", "seat", "N7"));
        assertThat(done.facts()).noneMatch(fact -> fact.key().is(PlaceProperty.FITTED));
    }

    @Test
    void inspectKeepsWhatItFindsAtItsPlace() {
        Sheet sheet = of("adjustable-taper", words(FactKey.OUTER_CONE, "32008X"), words(FactKey.INNER_CONE, "32010X"));
        StageRule.Outcome done = outcome(
                RouteStage.INSPECT,
                sheet,
                typed(
                        "which",
                        "inner",
                        "designation",
                        "32010X",
                        "turning",
                        "outer",
                        "seatRing",
                        "outer",
                        "seatSymbol",
                        "N7",
                        "plane1",
                        "80.05 80.06 80.05",
                        "remedy",
                        "sleeve"));
        Sheet after = sheet.with(done.facts());
        assertThat(after.text(PlaceProperty.HOUSING_STATE.at("inner"))).isEqualTo("spun");
        assertThat(after.number(PlaceProperty.HOUSING_MAX.at("inner"))).isEqualTo(80.06);
        assertThat(after.text(PlaceProperty.HOUSING_REMEDY.at("inner"))).isEqualTo("sleeve");
        assertThat(after.has(PlaceProperty.HOUSING_MIN.at("outer"))).isFalse();
        assertThat(unbo.core.inspect.Carried.to("fit", after))
                .singleElement()
                .asString()
                .contains("Inner bearing: the measured seat is spun, put right by: sleeve");
    }

    @Test
    void looseBallsAreGreasedByTheirUsualRoomWhichIsNoFact() {
        Sheet sheet = of("cup-and-cone");
        StageRule.Outcome counted = outcome(
                RouteStage.IDENTIFY, sheet, typed("outerBalls", "10", "outerBallMm", "4.763", "innerBalls", "10"));
        assertThat(counted.facts())
                .extracting(fact -> fact.key().name())
                .doesNotContain("left.BORE", "BETWEEN_CUPS", "HUB_BORE", "SPINDLE");
        StageRule.Outcome greased =
                outcome(RouteStage.GREASE, sheet.with(counted.facts()), typed("kind", "LiX", "oldKind", "LiX"));
        assertThat(greased.answer().figures()).isNotEmpty();
    }
}
