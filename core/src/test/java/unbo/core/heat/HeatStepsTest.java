package unbo.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.HeatBlockFields;
import unbo.core.tools.setting.HeatBlockWords;
import unbo.core.tools.setting.HeatFields;
import unbo.core.tools.setting.HeatWords;

class HeatStepsTest {

    private static Answer answer(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return HeatWords.answer(HeatPlan.of(
                Shipped.read(HeatFields.LIST, texts, UnitSystem.METRIC).record()));
    }

    @Test
    void stepsComeInTheOrderOfTheWorkWithTheCautionBeforeTheHand() {
        Answer a = answer("designation", "6220", "interferenceUm", "38");
        assertThat(a.steps()).extracting(Step::code).containsExactly("ready", "heat", "push", "cool");
        assertThat(a.steps().get(1).caution()).contains("No flame on a ring");
        assertThat(a.steps().get(3).text()).contains("creeps off the shoulder");
    }

    @Test
    void aFreezerIsKeptDryAndDryIceWantsAir() {
        assertThat(answer("boreMm", "25", "interferenceUm", "20", "shaft", "-18")
                        .steps())
                .anyMatch(s -> s.code().equals("chill") && s.caution().contains("Never wet"));
        assertThat(answer("boreMm", "25", "interferenceUm", "20", "shaft", "-78")
                        .steps())
                .anyMatch(s -> s.code().equals("chill") && s.caution().contains("air the room"));
        assertThat(answer("boreMm", "25", "interferenceUm", "20").steps())
                .noneMatch(s -> s.code().equals("chill"));
    }

    /** 25 mm · 11.7e-6 · 100 °C = 29 µm: a shaft at −80 slides with 3 µm of interference and 25 of room. */
    @Test
    void whereTheChillIsEnoughNothingIsHeated() {
        Answer alone = answer("boreMm", "25", "interferenceUm", "3", "shaft", "-80");
        assertThat(alone.steps())
                .extracting(Step::code)
                .contains("chill", "push")
                .doesNotContain("heat");
        assertThat(alone.figures().get(0).value()).isEqualTo("none");
        assertThat(alone.steps())
                .anyMatch(s -> s.code().equals("cool") && s.text().contains("warmed up"));
        Answer both = answer("boreMm", "25", "interferenceUm", "20", "shaft", "-80");
        assertThat(both.steps()).extracting(Step::code).contains("chill", "heat");
    }

    /** Seals and their grease are cooked over 80 °C, whoever pressed the bearing into its shell. */
    @ParameterizedTest
    @CsvSource({"6205-2RS,80", "6205-2RX,80", "DAC34640037,80", "6205,120", "30205,120"})
    void whatMindsHeatHasTheLowerLimit(String number, double limitC) {
        assertThat(HeatPlan.of(Shipped.read(
                                        HeatFields.LIST,
                                        Map.of("designation", number, "interferenceUm", "10"),
                                        UnitSystem.METRIC)
                                .record())
                        .input()
                        .limitC())
                .isEqualTo(limitC);
    }

    @ParameterizedTest
    @CsvSource({"steel,11.7", "aluminium,23", "cast-iron,10.5", "magnesium,26"})
    void eachMaterialOpensByItsOwnExpansion(String material, double perMillion) {
        HeatPlan p = HeatPlan.of(Shipped.read(
                        HeatFields.LIST,
                        Map.of(
                                "part",
                                "housing",
                                "outsideMm",
                                "52",
                                "ringMaterial",
                                material,
                                "interferenceUm",
                                "20",
                                "slidingUm",
                                "30"),
                        UnitSystem.METRIC)
                .record());
        assertThat(p.ringC()).isCloseTo(20 + 50 / (perMillion * 52 / 1000), within(1e-6));
    }

    @Test
    void aHousingIsHeatedNoHotterThanItsMetalTakes() {
        HeatPlan magnesium = HeatPlan.of(Shipped.read(
                        HeatFields.LIST,
                        Map.of(
                                "part",
                                "housing",
                                "outsideMm",
                                "52",
                                "ringMaterial",
                                "magnesium",
                                "interferenceUm",
                                "20"),
                        UnitSystem.METRIC)
                .record());
        assertThat(magnesium.input().limitC()).isEqualTo(100);
        HeatPlan alloy = HeatPlan.of(Shipped.read(
                        HeatFields.LIST,
                        Map.of(
                                "part",
                                "housing",
                                "outsideMm",
                                "52",
                                "ringMaterial",
                                "aluminium",
                                "interferenceUm",
                                "20"),
                        UnitSystem.METRIC)
                .record());
        assertThat(alloy.input().limitC()).isEqualTo(120);
    }

    @Test
    void theCurveIsDrawnOnlyWhereThereAreSecondsToShow() {
        assertThat(answer("designation", "6220", "interferenceUm", "38").drawings())
                .singleElement()
                .satisfies(d -> assertThat(d.title()).contains("grips after"));
        assertThat(answer("boreMm", "25", "interferenceUm", "20").drawings()).isEmpty();
        assertThat(answer("designation", "6220", "interferenceUm", "38").figures())
                .anyMatch(f -> f.what().equals("in the hand") && f.unit().equals("s"));
    }

    @Test
    void aHotterWorkshopNeedsAHotterRingAndAChilledShaftACoolerOne() {
        double usual = ring("ambient", "20");
        assertThat(ring("ambient", "35")).isCloseTo(usual + 15, within(1e-6));
        assertThat(ring("shaft", "-18")).isCloseTo(usual - 38, within(1e-6));
        assertThat(ring("shaft", "0 F")).isCloseTo(usual - 37.8, within(0.1));
    }

    private static double ring(String name, String value) {
        return HeatPlan.of(Shipped.read(
                                HeatFields.LIST,
                                Map.of("boreMm", "40", "interferenceUm", "20", name, value),
                                UnitSystem.METRIC)
                        .record())
                .ringC();
    }

    @Test
    void aBlockOverTheRingsLimitIsStoppedAndAHeavierOneNamed() {
        HeatBlock.Input light = Shipped.read(
                        HeatBlockFields.LIST,
                        Map.of("blockMassKg", "0.1", "block", "120", "ringMassKg", "0.2", "wanted", "110"),
                        UnitSystem.METRIC)
                .record();
        Answer a = HeatBlockWords.answer(HeatBlock.of(light));
        assertThat(a.findings())
                .anyMatch(f -> f.code().equals("block-light") && f.sentence().contains("it takes a block of"));
        HeatBlock.Input steel = Shipped.read(
                        HeatBlockFields.LIST,
                        Map.of("blockMaterial", "steel", "blockMassKg", "0.1", "block", "120", "ringMassKg", "0.2"),
                        UnitSystem.METRIC)
                .record();
        assertThat(HeatBlock.of(steel).finalC())
                .as("steel holds about half as much heat")
                .isLessThan(HeatBlock.of(light).finalC());
        assertThat(HeatBlockWords.answer(HeatBlock.of(steel)).level()).isEqualTo(Level.RIGHT);
        assertThat(HeatBlock.of(steel).blockC()).isNull();
    }
}
