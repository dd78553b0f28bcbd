package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.bearing.BearingKind;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.FitFields;
import unbo.core.tools.setting.FitWords;

class FitTest {

    private static Reading<FitInput> read(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(FitFields.LIST, texts, UnitSystem.METRIC);
    }

    private static Fit fit(String... pairs) {
        return Fit.of(read(pairs).record());
    }

    @ParameterizedTest
    @CsvSource({
        "k5,25,2,11",
        "m6,35,9,25",
        "h6,20,-13,0",
        "g6,20,-20,-7",
        "j5,30,-4,5",
        "j6,40,-5,11",
        "n6,60,20,39",
        "p6,100,37,59"
    })
    void shaftsAreThoseOfTheStandard(String symbol, double mm, double lower, double upper) {
        assertThat(SeatBands.shaft(symbol, mm)).contains(new Band(lower, upper));
    }

    @ParameterizedTest
    @CsvSource({
        "N7,47,-33,-8",
        "P7,52,-51,-21",
        "R7,62,-60,-30",
        "R7,72,-62,-32",
        "H7,120,0,35",
        "K7,8,-10,5",
        "M7,18,-18,0"
    })
    void housingsAreThoseOfTheStandard(String symbol, double mm, double lower, double upper) {
        assertThat(SeatBands.hole(symbol, mm)).contains(new Band(lower, upper));
    }

    @Test
    void inchTapersAreMadeLargerThanTheirSize() {
        assertThat(SeatBands.bearing(BearingKind.INCH_TAPERED_CONE, "bore", 25.4, "P0"))
                .contains(new Band(0, 13));
        assertThat(SeatBands.bearing(BearingKind.TAPERED_ROLLER, "bore", 40, "P0"))
                .contains(new Band(-12, 0));
        assertThat(SeatBands.bearing(BearingKind.DEEP_GROOVE_BALL, "outside", 52, "P6"))
                .contains(new Band(-11, 0));
        assertThat(SeatBands.shaft("q6", 25)).isEmpty();
        assertThat(SeatBands.hole("N7", 250)).isEmpty();
    }

    @Test
    void theWorkedPressFit() {
        PressFit press = new PressFit(25, 0, 31, Material.STEEL, Material.STEEL);
        assertThat(press.pressureMPa(20)).isCloseTo(28.8, within(0.05));
        assertThat(press.forceN(20, 15, PressFit.OILED)).isCloseTo(4070, within(10.0));
        assertThat(press.outerGrowthUm(20)).isCloseTo(20 * 25 / 31.0, within(1e-9));
        assertThat(press.pressureMPa(-5)).isZero();
    }

    @Test
    void theWorkedClearanceColdAndWarm() {
        Fit fit = fit("designation", "6205", "seat", "k5");
        assertThat(fit.interference()).isEqualTo(new Interference(2, 11.5, 21));
        assertThat(fit.left().get(1).cold().meanUm()).isCloseTo(3.5, within(0.1));
        assertThat(fit.left().get(2).cold().meanUm()).isCloseTo(11.5, within(0.1));
        assertThat(fit.left().get(1).warm().meanUm()).isCloseTo(-1.1, within(0.1));
        assertThat(fit.left().get(2).warm().meanUm()).isCloseTo(6.9, within(0.1));
        assertThat(fit.preload()).isTrue();
        assertThat(fit.classThatLeaves()).isEqualTo("C3");
        assertThat(FitWords.answer(fit).findings().get(0).sentence()).contains("C3 leaves 6.9");
        assertThat(FitWords.answer(fit("designation", "6205/C3", "seat", "k5")).level())
                .isEqualTo(Level.RIGHT);
    }

    @Test
    void anAlloyHousingLosesItsHoldWhenHot() {
        Fit fit = fit("designation", "6205", "ring", "outer", "seat", "N7", "material", "aluminium");
        assertThat(fit.interference().meanUm() - fit.warmed(60).meanUm()).isCloseTo(35, within(0.5));
        assertThat(FitWords.answer(fit).sentences().get(0)).contains("loose when hot");
    }

    @Test
    void aHollowShaftAndAThinHousingPressLess() {
        assertThat(fit("designation", "6205", "seat", "m6", "shaftBoreMm", "18").pressureMPa())
                .isLessThan(fit("designation", "6205", "seat", "m6").pressureMPa());
        assertThat(fit("designation", "6205", "ring", "outer", "seat", "P7", "housingOutsideMm", "60")
                        .pressureMPa())
                .isLessThan(fit("designation", "6205", "ring", "outer", "seat", "P7")
                        .pressureMPa());
    }

    @Test
    void aMeasuredSeatTakesThePlaceOfASymbol() {
        Fit fit =
                fit("bore", "25", "outside", "52", "width", "15", "measuredMinMm", "25.006", "measuredMaxMm", "25.010");
        assertThat(fit.interference().minUm()).isCloseTo(6, within(1e-6));
        assertThat(fit.interference().maxUm()).isCloseTo(20, within(1e-6));
        Fit loose = fit("bore", "25", "outside", "52", "width", "15", "measuredMaxMm", "24.96");
        assertThat(FitWords.answer(loose).findings()).anyMatch(f -> f.code().equals("fit-loose"));
        assertThat(loose.pressureMPa()).isZero();
    }

    @Test
    void roughSeatsLoseALittleOfTheirInterference() {
        assertThat(fit("designation", "6205", "seat", "k5", "rough", "yes")
                        .interference()
                        .meanUm())
                .isCloseTo(11.5 * 25 / 27, within(1e-9));
    }

    @Test
    void whatCannotBeIsASentence() {
        assertThat(read("designation", "6205", "seat", "N7").sentences("seat"))
                .singleElement()
                .asString()
                .contains("small letter is a shaft");
        assertThat(read("designation", "6205", "seat", "k5", "shaftBoreMm", "25")
                        .sentences("shaftBoreMm"))
                .singleElement()
                .asString()
                .contains("has no wall");
        assertThat(read("designation", "6205", "ring", "outer", "seat", "N7", "housingOutsideMm", "50")
                        .sentences("housingOutsideMm"))
                .singleElement()
                .asString()
                .contains("smaller than the bearing");
        assertThat(read("bore", "25", "measuredMinMm", "30").sentences("measuredMinMm"))
                .singleElement()
                .asString()
                .contains("does not belong");
        assertThat(read("seat", "k5").sentences("bore")).isNotEmpty();
        assertThat(read("bore", "25").sentences("seat")).isNotEmpty();
        assertThat(fit("bore", "25", "seat", "k5").input().estimatedSizes()).isTrue();
    }
}
