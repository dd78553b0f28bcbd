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
        "p6,100,37,59",
        "js6,25,-6.5,6.5",
        "h8,50,-39,0",
        "h5,20,-9,0",
        "f6,20,-33,-20",
        "f7,40,-50,-25",
        "g5,10,-11,-5",
        "r6,60,41,60",
        "r6,70,43,62",
        "r6,130,63,88",
        "r6,170,68,93",
        "k6,4,1,9"
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
        "M7,18,-18,0",
        "G6,24,7,20",
        "G7,40,9,34",
        "H6,52,0,19",
        "H8,47,0,39",
        "JS7,30,-10.5,10.5",
        "J6,62,-6,13",
        "K6,47,-13,3",
        "M6,28,-17,-4",
        "N6,26,-24,-11",
        "P6,62,-45,-26",
        "R6,26,-37,-24",
        "R6,72,-56,-37",
        "R6,90,-66,-44",
        "N7,5,-16,-4"
    })
    void housingsAreThoseOfTheStandard(String symbol, double mm, double lower, double upper) {
        assertThat(SeatBands.hole(symbol, mm)).contains(new Band(lower, upper));
    }

    @Test
    void inchTapersAreMadeLargerThanTheirSize() {
        assertThat(SeatBands.bearing(BearingKind.INCH_TAPERED_CONE, true, "bore", 25.4, "P0"))
                .contains(new Band(0, 13));
        assertThat(SeatBands.bearing(BearingKind.TAPERED_ROLLER, false, "bore", 40, "P0"))
                .contains(new Band(-12, 0));
        assertThat(SeatBands.bearing(BearingKind.DEEP_GROOVE_BALL, false, "outside", 52, "P6"))
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
        assertThat(fit.preload()).isFalse();
        assertThat(fit.aboutZero()).isTrue();
        assertThat(fit.classThatLeaves()).isEqualTo("C3");
        assertThat(FitWords.answer(fit).findings().get(0).code()).isEqualTo("about-zero");
        assertThat(FitWords.answer(fit).findings().get(0).level()).isEqualTo(Level.WATCH);
        assertThat(FitWords.answer(fit).findings().get(0).sentence()).contains("C3 leaves 6.9");
        Fit tight = fit("designation", "6205", "seat", "m6");
        assertThat(tight.preload()).isTrue();
        assertThat(FitWords.answer(tight).findings().get(0).code()).isEqualTo("fit-preload");
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
                .isCloseTo(11.5 * 25 / 28, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "LM67048/LM67010,inner,k6,-11,18",
        "LM67048,inner,k6,-11,18",
        "LM67010,outer,N7,9,64",
        "30205,inner,k6,2,27",
        "HK2016,inner,h5,-50,-20",
        "HK2016,inner,h6,-54,-20",
        "RNA4904,inner,h5,-42,-20",
        "NK20/16,inner,h6,-46,-20",
        "NA4904,inner,k5,2,21",
        "K 20x24x17,inner,h5,-29,-7"
    })
    void eachKindHasItsOwnTolerances(String marking, String ring, String seat, double least, double most) {
        Interference i = fit("designation", marking, "ring", ring, "seat", seat).interference();
        assertThat(i.minUm()).isCloseTo(least, within(1e-9));
        assertThat(i.maxUm()).isCloseTo(most, within(1e-9));
    }

    @Test
    void setsWithAJAreMadeSmaller() {
        assertThat(Shipped.decode("LM67048/LM67010").plusTolerances()).isTrue();
        assertThat(Shipped.decode("JL69349/JL69310").plusTolerances()).isFalse();
        assertThat(Shipped.decode("JL69349").plusTolerances()).isFalse();
        assertThat(Shipped.decode("L44649").plusTolerances()).isTrue();
        assertThat(Shipped.decode("32006X/Q").plusTolerances()).isFalse();
        assertThat(Shipped.decode("6205").plusTolerances()).isFalse();
    }

    @Test
    void aShaftThatIsARacewayNeverGrips() {
        Fit right = fit("designation", "HK2016", "seat", "h5");
        assertThat(right.raceway()).isTrue();
        assertThat(right.pressureMPa()).isZero();
        assertThat(right.mount().mostN()).isZero();
        assertThat(FitWords.answer(right).findings()).singleElement().satisfies(f -> {
            assertThat(f.code()).isEqualTo("raceway-clearance");
            assertThat(f.level()).isEqualTo(Level.RIGHT);
        });
        assertThat(FitWords.answer(fit("designation", "HK2016", "seat", "r6")).level())
                .isEqualTo(Level.STOP);
        assertThat(fit("designation", "NA4904", "seat", "k5").raceway()).isFalse();
        assertThat(fit("designation", "HK2016", "ring", "outer", "seat", "N6").interference())
                .isEqualTo(new Interference(11, 17.5, 24));
    }

    @Test
    void conesAndCupsHaveOneFaceAndTheirOwnWidth() {
        assertThat(read("designation", "LM67010", "ring", "inner", "seat", "k6").sentences("ring"))
                .singleElement()
                .asString()
                .contains("no bore");
        assertThat(read("designation", "LM67048", "ring", "outer", "seat", "N7").sentences("ring"))
                .singleElement()
                .asString()
                .contains("no outside");
        assertThat(read("designation", "K 20x24x17", "ring", "outer", "seat", "N7")
                        .sentences("ring"))
                .singleElement()
                .asString()
                .contains("no rings");
        assertThat(fit("designation", "30205", "seat", "k6").input().widthMm()).isCloseTo(16.25 * 0.95, within(1e-9));
        assertThat(fit("designation", "30205", "ring", "outer", "seat", "N7")
                        .input()
                        .widthMm())
                .isCloseTo(16.25 * 0.75, within(1e-9));
        assertThat(fit("designation", "30205", "seat", "k6", "width", "15")
                        .input()
                        .widthMm())
                .isEqualTo(15);
        assertThat(FitWords.answer(fit("designation", "30205", "seat", "k6")).sentences())
                .anyMatch(s -> s.contains("0.95 · T"));
    }

    @Test
    void oneForceWhereverItStands() {
        Fit fit = fit("designation", "6205", "seat", "k5");
        assertThat(fit.mount().leastN()).isCloseTo(2500, within(60.0));
        assertThat(fit.mount().mostN()).isCloseTo(6150, within(100.0));
        assertThat(fit.remove().leastN()).isCloseTo(3800, within(80.0));
        assertThat(fit.remove().mostN()).isCloseTo(9250, within(120.0));
        assertThat(fit.mount().mostN() / fit.mount().leastN()).isCloseTo(21 * 0.16 / (11.5 * 0.12), within(1e-9));
        Fit halfLoose = fit("designation", "6205", "seat", "j5");
        assertThat(halfLoose.interference()).isEqualTo(new Interference(-4, 5.5, 15));
        assertThat(halfLoose.interference().grippingMeanUm()).isEqualTo(7.5);
        assertThat(halfLoose.mount().leastN() / fit.mount().leastN()).isCloseTo(7.5 / 11.5, within(1e-9));
        assertThat(new Interference(-9, -5, -1).grippingMeanUm()).isZero();
        assertThat(fit.interference().ground(25).maxUm()).isCloseTo(21 * 25 / 27.0, within(1e-9));
        assertThat(fit.interference().rough(25).maxUm()).isCloseTo(21 * 25 / 28.0, within(1e-9));
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
