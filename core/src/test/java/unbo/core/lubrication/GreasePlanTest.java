package unbo.core.lubrication;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Level;
import unbo.core.input.FieldList;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.running.BearingGreaseFields;
import unbo.core.tools.running.BearingGreaseWords;
import unbo.core.tools.running.GreaseFields;
import unbo.core.tools.running.GreaseTool;
import unbo.core.tools.running.GunFields;
import unbo.core.tools.running.HubGreaseFields;
import unbo.core.tools.running.HubGreaseTool;
import unbo.core.tools.running.HubGreaseWords;
import unbo.core.tools.running.MixTool;

/** Packing, guns, greases on the shelf, and when it is due again. */
class GreasePlanTest {

    private static <T> Reading<T> read(FieldList<T> list, Map<String, String> base, String... pairs) {
        Map<String, String> texts = new HashMap<>(base);
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(list, texts, UnitSystem.METRIC);
    }

    private static HubGrease hub(String... pairs) {
        return HubGrease.of(
                read(HubGreaseFields.LIST, new HubGreaseTool().sample(), pairs).record());
    }

    private static BearingGrease bearing(String... pairs) {
        return BearingGrease.of(
                read(BearingGreaseFields.LIST, Map.of("designation", "6205", "rpm", "800", "use", "wheel"), pairs)
                        .record());
    }

    @ParameterizedTest
    @CsvSource({"hand,palm", "packer,cone", "gun,stroke"})
    void everyWayOfGreasingHasItsSteps(String method, String step) {
        List<Step> steps = HubGreaseWords.answer(hub("method", method)).steps();
        assertThat(steps)
                .extracting(Step::code)
                .contains(step)
                .doesNotContain("balls")
                .doesNotHaveDuplicates();
    }

    @Test
    void ballBearingsAreNotPackedLikeCones() {
        List<Step> steps = HubGreaseWords.answer(hub("outerKind", "deep-groove-ball", "innerKind", "deep-groove-ball"))
                .steps();
        assertThat(steps).extracting(Step::code).contains("balls").doesNotContain("palm", "cups");
        assertThat(HubGreaseWords.answer(hub("outerKind", "deep-groove-ball")).steps())
                .extracting(Step::code)
                .contains("balls", "palm");
    }

    @Test
    void theCautionStandsAtTheGunsStep() {
        Step stroke = HubGreaseWords.answer(hub("method", "gun")).steps().stream()
                .filter(s -> s.code().equals("stroke"))
                .findFirst()
                .orElseThrow();
        assertThat(stroke.caution()).contains("surgical emergency").contains("Never into a sealed bearing");
    }

    @Test
    void aGunGivesStrokesRoundedUpToAHalf() {
        HubGrease g = hub("method", "gun", "strokeGrams", "1.2");
        assertThat(g.replenishG()).isCloseTo(0.005 * (50.292 * 14.224 + 59.131 * 15.875), within(1e-9));
        assertThat(g.strokes()).isEqualTo(Math.ceil(g.replenishG() / 1.2 * 2) / 2);
        Answer answer = HubGreaseWords.answer(g);
        assertThat(answer.figures().get(0).what()).isEqualTo("strokes");
        assertThat(HubGreaseWords.answer(hub("method", "gun")).figures().get(0).other())
                .contains("weigh ten strokes");
    }

    @Test
    void aHubHotterThanItsGreaseStandsIsSaid() {
        assertThat(hub("kind", "Ca", "oldKind", "Ca", "hubTemperature", "80").findings())
                .extracting(f -> f.code())
                .contains("grease-too-hot");
        assertThat(hub("kind", "LiX", "oldKind", "LiX", "hubTemperature", "80").findings())
                .extracting(f -> f.code())
                .doesNotContain("grease-too-hot");
    }

    @Test
    void theIntervalIsShortenedByWhatGetsIn() {
        assertThat(bearing("vertical", "yes", "rpm", "3000").hours())
                .isCloseTo(bearing("rpm", "3000").hours() * 0.5, within(1e-6));
        assertThat(bearing("rpm", "3000", "dirt", "0.4", "water", "0.5").hours())
                .isCloseTo(bearing("rpm", "3000").hours() * 0.2, within(1e-6));
        assertThat(bearing("rpm", "3000").hours()).isCloseTo(10 * (14e6 / (3000 * 5) - 100), within(1e-6));
        assertThat(bearing("rpm", "800").hours()).as("the cap").isEqualTo(30_000);
    }

    @Test
    void theIntervalComesToKilometresAndADay() {
        BearingGrease g = bearing(
                "rpm", "3000", "meanSpeed", "40", "yearly", "8000", "greased", "2026-05-01", "strokeGrams", "1.2");
        assertThat(g.km()).isCloseTo(g.hours() * 40, within(1e-6));
        assertThat(g.dueOn()).isEqualTo(LocalDate.of(2026, 5, 1).plusDays(Math.round(g.km() / 8000 * 365.25)));
        assertThat(g.strokesAYear()).isCloseTo(g.strokes() * 8000 / g.km(), within(1e-9));
        assertThat(bearing("rpm", "3000", "meanSpeed", "40").dueOn()).isNull();
        assertThat(bearing().km()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"6205-2RS,25,52,15", "LM67048/LM67010,31.75,59.131,15.875", "32008X,40,68,19", "6005 C3,25,47,12"})
    void sizesComeFromTheNumberAsStamped(String number, double bore, double outside, double width) {
        BearingGreaseInput in = bearing("designation", number).input();
        assertThat(List.of(in.boreMm(), in.outsideMm(), in.widthMm())).containsExactly(bore, outside, width);
    }

    @Test
    void aFullFillAtHighSpeedIsWarnedOf() {
        assertThat(read(BearingGreaseFields.LIST, Map.of("designation", "6205", "rpm", "9000"))
                        .get()
                        .map(new GreaseTool()::answer)
                        .orElseThrow()
                        .findings())
                .extracting(f -> f.code())
                .containsExactly("fast");
    }

    @Test
    void theFillIsDrawnInTheSection() {
        Answer answer = new GreaseTool().answer(bearing().input());
        assertThat(answer.drawings().get(0).shapes())
                .anyMatch(s -> s instanceof Shape.Outline o && o.role() == Role.GREASE);
        assertThat(answer.drawings().get(0).title()).contains("40 %");
    }

    @Test
    void allPairsStandOnTheBoardAndInItsTable() {
        Answer answer = new MixTool().answer(new Mixture.Pair("PU", "LiX"));
        assertThat(answer.findings().get(0).sentence()).contains("doubtful").contains("Wash");
        assertThat(answer.behind(answer.drawings().get(0)).rows())
                .hasSize(8)
                .allSatisfy(r -> assertThat(r).hasSize(9));
        assertThat(answer.drawings().get(0).title()).endsWith("PU on LiX is doubtful");
    }

    /** 6205 at 8000 rpm: n·dm = 8000·38.5 = 308 000. */
    @ParameterizedTest
    @CsvSource({"300000, over-its-speed", "350000, near-its-speed", "385000, in-its-speed", "500000, in-its-speed"})
    void itsSpeedIsHeldAgainstTheGreasesOwn(String factor, String code) {
        Answer answer = new GreaseTool()
                .answer(read(
                                new GreaseTool().fields(),
                                Map.of("designation", "6205", "rpm", "8000", "speedFactor", factor))
                        .record());
        assertThat(answer.findings()).extracting(f -> f.code()).containsExactly("fast", code);
    }

    @Test
    void aGreaseOnTheShelfIsJudgedForItsPlace() {
        Grease tub = read(
                        GreaseFields.LIST,
                        Map.of("name", "green tub", "thickener", "CaS", "nu40", "220", "nu100", "19.5", "hot", "150"))
                .record();
        assertThat(tub.at("CaS", 70, true)).extracting(f -> f.level()).containsExactly(Level.RIGHT);
        assertThat(tub.at("PU", 160, true)).extracting(f -> f.code()).containsExactly("too-hot", "mix-doubtful");
        assertThat(tub.at("", 70, true)).isEmpty();
        Grease bar = read(GreaseFields.LIST, Map.of("name", "dry tub", "thickener", "Li", "oil", "silicone"))
                .record();
        assertThat(bar.at("Li", 70, true)).extracting(f -> f.code()).containsExactly("oil-alone", "washes-out");
    }

    @ParameterizedTest
    @CsvSource({
        "nu100,300,nu100,thinner when hot",
        "thickener,wax,thickener,not one of the choices",
        "name,'',name,is needed"
    })
    void aSheetThatCannotBeIsASentence(String field, String value, String at, String says) {
        assertThat(read(
                                GreaseFields.LIST,
                                Map.of("name", "tub", "thickener", "Li", "nu40", "200", "nu100", "18"),
                                field,
                                value)
                        .problems())
                .anySatisfy(p -> assertThat(p.sentence()).contains(says));
        assertThat(at).isNotEmpty();
    }

    @Test
    void aRangeEndsOverWhereItBegins() {
        assertThat(read(GreaseFields.LIST, Map.of("name", "tub", "thickener", "Li", "cold", "38", "hot", "35"))
                        .sentences("hot"))
                .singleElement()
                .asString()
                .contains("range ends");
    }

    @Test
    void aGunIsWeighed() {
        Gun gun = read(GunFields.LIST, Map.of("gun", "lever gun", "strokes", "10", "weighed", "12.4"))
                .record()
                .on(LocalDate.of(2026, 5, 4));
        assertThat(gun.strokeG()).isCloseTo(1.24, within(1e-9));
        assertThat(read(GunFields.LIST, Map.of("gun", "lever gun", "strokes", "0", "weighed", "12"))
                        .ok())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"6205-2RS,true", "6205ZZ,true", "DAC34640037,true", "6205,false", "30205,false"})
    void nothingGoesIntoASealedOne(String number, boolean sealed) {
        BearingGrease g = BearingGrease.of(Shipped.read(
                        BearingGreaseFields.LIST,
                        Map.of("designation", number, "rpm", "800", "use", "wheel"),
                        UnitSystem.METRIC)
                .record());
        assertThat(g.input().sealed()).isEqualTo(sealed);
        assertThat(g.replenishGrams() == 0).isEqualTo(sealed);
        assertThat(g.grams().most() == 0).isEqualTo(sealed);
        assertThat(g.hours() == null).isEqualTo(sealed);
        assertThat(BearingGreaseWords.answer(g).findings().stream()
                        .anyMatch(f -> f.code().equals("sealed-for-life")))
                .isEqualTo(sealed);
    }

    @Test
    void aMarkThatMayBeASealIsAskedFor() {
        assertThat(Shipped.read(
                                BearingGreaseFields.LIST,
                                Map.of("designation", "6205-2RX", "rpm", "800", "use", "wheel"),
                                UnitSystem.METRIC)
                        .sentences("designation"))
                .singleElement()
                .asString()
                .contains("open or closed");
    }

    @Test
    void noMoreIsAddedThanThereIsRoomFor() {
        BearingGrease needle = BearingGrease.of(
                Shipped.read(BearingGreaseFields.LIST, Map.of("designation", "HK2016", "rpm", "800"), UnitSystem.METRIC)
                        .record());
        assertThat(needle.replenishGrams()).isLessThan(0.005 * 26 * 16).isCloseTo(needle.freeCm3() * 0.9, within(1e-9));
    }

    @Test
    void aRaceWheelIsFilledThinAndOpenedSoon() {
        BearingGrease race = BearingGrease.of(Shipped.read(
                        BearingGreaseFields.LIST,
                        Map.of("designation", "6902", "rpm", "300", "use", "race", "meanSpeed", "30"),
                        UnitSystem.METRIC)
                .record());
        assertThat(race.share().least()).isEqualTo(0.25);
        assertThat(race.km()).isCloseTo(1500, within(1e-6));
    }
}
