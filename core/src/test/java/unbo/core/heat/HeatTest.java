package unbo.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.finding.Level;
import unbo.core.input.FieldList;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.HeatBlockFields;
import unbo.core.tools.setting.HeatBlockWords;
import unbo.core.tools.setting.HeatFields;
import unbo.core.tools.setting.HeatWords;

class HeatTest {

    private static <T> Reading<T> read(FieldList<T> list, String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(list, texts, UnitSystem.METRIC);
    }

    private static HeatPlan plan(String... pairs) {
        return HeatPlan.of(read(HeatFields.LIST, pairs).record());
    }

    @Test
    void theWorkedRing() {
        HeatPlan p = plan("boreMm", "25", "interferenceUm", "20", "slidingUm", "25");
        assertThat(p.ringC()).isCloseTo(174, within(0.5));
        assertThat(p.withinLimit()).isFalse();
        assertThat(plan("boreMm", "25", "interferenceUm", "20", "slidingUm", "25", "shaft", "-18")
                        .ringC())
                .isCloseTo(136, within(0.5));
    }

    @Test
    void overTheLimitACombinationIsFoundOrAPress() {
        assertThat(HeatWords.advice(plan("boreMm", "25", "interferenceUm", "20", "slidingUm", "25", "limit", "150")))
                .contains("chill the shaft")
                .contains("freezer");
        assertThat(HeatWords.advice(plan("boreMm", "25", "interferenceUm", "20", "slidingUm", "25")))
                .contains("chill the shaft to -34 °C".replace('-', '−'))
                .contains("dry ice");
        assertThat(HeatWords.advice(plan("designation", "6205", "interferenceUm", "60", "slidingUm", "25")))
                .contains("press it")
                .contains("kN");
        HeatPlan chilled = plan("boreMm", "25", "interferenceUm", "20", "slidingUm", "25", "shaft", "-34");
        assertThat(chilled.withinLimit()).isTrue();
    }

    @Test
    void atItsLimitARingSlidesOnThoughComfortWouldTakeMore() {
        HeatPlan p = plan("designation", "6205", "interferenceUm", "21", "leastUm", "2");
        assertThat(p.withinLimit()).isFalse();
        assertThat(p.slidesAtLimit()).isTrue();
        assertThat(p.opensUm()).isCloseTo(29.25, within(1e-9));
        assertThat(p.atLimitUm(21)).isCloseTo(8.25, within(1e-9));
        assertThat(p.atLimitUm(p.input().hold().meanUm())).isCloseTo(17.75, within(1e-9));
        assertThat(p.secondsAtLimit()).isCloseTo(250, within(15.0));
        assertThat(p.secondsAvailable()).isEqualTo(p.secondsAtLimit());
        assertThat(HeatWords.advice(p))
                .contains("stands open 8 to 18 µm for some 2")
                .contains("one quick movement");
        assertThat(HeatWords.answer(p).findings().get(0).code()).isEqualTo("heat-slides");
        HeatPlan tight = plan("designation", "6205", "interferenceUm", "26");
        assertThat(tight.slidesAtLimit()).isFalse();
        assertThat(HeatWords.answer(tight).findings().get(0).code()).isEqualTo("heat-over");
        assertThat(read(HeatFields.LIST, "designation", "6205", "interferenceUm", "5", "leastUm", "9")
                        .sentences("leastUm"))
                .isNotEmpty();
    }

    @Test
    void anInnerRingAloneCoolsSooner() {
        assertThat(plan("designation", "NU206", "interferenceUm", "15")
                        .input()
                        .ring()
                        .alone())
                .isTrue();
        assertThat(plan("designation", "6207", "interferenceUm", "15")
                        .input()
                        .ring()
                        .alone())
                .isFalse();
        HeatPlan alone = plan("designation", "6207", "interferenceUm", "15", "alone", "yes");
        assertThat(alone.secondsAtLimit())
                .isLessThan(plan("designation", "6207", "interferenceUm", "15").secondsAtLimit());
    }

    @Test
    void aHeatedCaseAndAChilledCupHaveTheirSeconds() {
        HeatPlan warm =
                plan("designation", "6205", "part", "housing", "ringMaterial", "aluminium", "interferenceUm", "33");
        assertThat(warm.secondsAvailable()).isBetween(60.0, 900.0);
        assertThat(warm.openingUm(warm.secondsAvailable())).isCloseTo(0, within(1e-6));
        HeatPlan chilled = plan("designation", "6205", "part", "housing", "interferenceUm", "20", "shaft", "-18");
        HeatPlan plain = plan("designation", "6205", "part", "housing", "interferenceUm", "20");
        assertThat(chilled.opensUm() - plain.opensUm()).isCloseTo(11.7e-6 * 38 * 52 * 1000, within(1e-6));
        assertThat(chilled.secondsAtLimit()).isGreaterThan(plain.secondsAtLimit());
        assertThat(plan("designation", "6205", "part", "housing", "interferenceUm", "90")
                        .secondsAtLimit())
                .isZero();
    }

    @Test
    void aShaftChilledEnoughNeverGripsInTheHand() {
        HeatPlan cold = plan("designation", "6205", "interferenceUm", "8", "shaft", "-78");
        assertThat(cold.gripC()).isLessThan(20);
        assertThat(cold.secondsAvailable()).isNull();
        assertThat(HeatWords.answer(cold).drawings()).isEmpty();
    }

    @Test
    void aSealedBearingIsNotTakenToAHundred() {
        assertThat(read(HeatFields.LIST, "designation", "6205-2RS", "interferenceUm", "10", "limit", "100")
                        .sentences("limit"))
                .singleElement()
                .asString()
                .contains("sealed")
                .contains("cooked");
        assertThat(plan("designation", "6205-2RS", "interferenceUm", "10")
                        .input()
                        .limitC())
                .isEqualTo(80);
        assertThat(read(HeatFields.LIST, "designation", "6205", "interferenceUm", "10", "limit", "180")
                        .problems())
                .isNotEmpty();
        assertThat(HeatWords.answer(plan("designation", "6205", "interferenceUm", "10", "limit", "150"))
                        .findings())
                .anyMatch(f -> f.code().equals("heat-school"));
    }

    @Test
    void secondsRunFromTheHeatDownToTheGrip() {
        HeatPlan p = plan(
                "boreMm",
                "25",
                "outsideMm",
                "31",
                "widthMm",
                "15",
                "massKg",
                "0.04",
                "interferenceUm",
                "8",
                "slidingUm",
                "20");
        double area = Math.PI * 56 * 15 + Math.PI / 2 * (31 * 31 - 25 * 25);
        double tau = 0.04 * 470 / (12 * area * 1e-6);
        assertThat(p.tauS()).isCloseTo(tau, within(1e-6));
        assertThat(p.secondsAvailable()).isCloseTo(tau * Math.log((p.fromC() - 20) / (p.gripC() - 20)), within(1e-6));
        assertThat(p.openingUm(0)).isCloseTo(20, within(1e-6));
        assertThat(p.openingUm(p.secondsAvailable())).isCloseTo(0, within(1e-6));
        assertThat(plan("boreMm", "25", "outsideMm", "52", "widthMm", "15", "interferenceUm", "40")
                        .secondsAvailable())
                .isZero();
        assertThat(plan("boreMm", "25", "interferenceUm", "10").secondsAvailable())
                .isNull();
    }

    @Test
    void aHousingIsHeatedForItsBearing() {
        HeatPlan p =
                plan("designation", "6205", "part", "housing", "ringMaterial", "aluminium", "interferenceUm", "33");
        assertThat(p.ringC()).isCloseTo(20 + (0.033 + 0.05) / (23e-6 * 52), within(0.5));
        assertThat(p.withinLimit()).isTrue();
        assertThat(HeatWords.answer(p).steps()).anyMatch(s -> s.caution().contains("magnesium"));
    }

    @Test
    void temperColoursAreJudgedAfterwards() {
        assertThat(HeatWords.answer(plan("boreMm", "25", "interferenceUm", "5", "slidingUm", "15", "colour", "blue"))
                        .level())
                .isEqualTo(Level.STOP);
        assertThat(HeatWords.answer(plan("boreMm", "25", "interferenceUm", "5", "slidingUm", "15", "colour", "straw"))
                        .level())
                .isEqualTo(Level.WATCH);
    }

    @Test
    void whatCannotBeIsASentence() {
        assertThat(read(HeatFields.LIST, "boreMm", "25", "interferenceUm", "10", "shaft", "60", "limit", "50")
                        .sentences("shaft"))
                .singleElement()
                .asString()
                .contains("colder of the two");
        assertThat(read(HeatFields.LIST, "interferenceUm", "10").sentences("boreMm"))
                .isNotEmpty();
        assertThat(read(HeatFields.LIST, "boreMm", "52", "outsideMm", "25", "interferenceUm", "10")
                        .sentences("outsideMm"))
                .isNotEmpty();
        assertThat(read(HeatBlockFields.LIST, "blockMassKg", "1", "block", "20", "ringMassKg", "0.1", "ring", "25")
                        .sentences("block"))
                .singleElement()
                .asString()
                .contains("does not warm");
    }

    @Test
    void theWorkedHeatBlockBothWays() {
        HeatBlock b = HeatBlock.of(
                read(HeatBlockFields.LIST, "blockMassKg", "0.4", "block", "130", "ringMassKg", "0.1", "wanted", "110")
                        .record());
        assertThat(b.finalC()).isCloseTo(117.3, within(0.2));
        assertThat(HeatBlockWords.answer(b).level()).isEqualTo(Level.STOP);
        HeatBlock back = HeatBlock.of(read(
                        HeatBlockFields.LIST,
                        "blockMassKg",
                        "0.4",
                        "block",
                        String.valueOf(b.blockC()),
                        "ringMassKg",
                        "0.1")
                .record());
        assertThat(back.finalC()).isCloseTo(110, within(0.01));
        HeatBlock heavy = HeatBlock.of(read(
                        HeatBlockFields.LIST,
                        "blockMassKg",
                        String.valueOf(b.massKg()),
                        "block",
                        "120",
                        "ringMassKg",
                        "0.1")
                .record());
        assertThat(heavy.finalC()).isCloseTo(110, within(0.01));
    }
}
