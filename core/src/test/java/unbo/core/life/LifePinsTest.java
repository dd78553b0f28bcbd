package unbo.core.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;

/** Loads and lives computed by hand from the formulas of ISO 281, to a tenth of a percent. */
class LifePinsTest {

    private static final Percentage TENTH = Percentage.withPercentage(0.1);
    private static final WheelInput.Bearing TAPER =
            new WheelInput.Bearing("taper", 35_000, 40_000, 14, true, false, 14);
    private static final WheelInput.Bearing BALL = new WheelInput.Bearing("ball", 14_000, 7_900, 0, false, false, 13.9);
    private static final WheelInput.Bearing ANGULAR =
            new WheelInput.Bearing("angular", 40_000, 32_000, 40, false, false, 14);

    private static WheelLife wheel(WheelInput.Wheel wheel, WheelInput.Bearing both, WheelInput.State... states) {
        return WheelLife.of(new WheelInput(
                false,
                wheel,
                List.of(states),
                both,
                both,
                new WheelInput.Oil(1, 0.5),
                new WheelInput.VehicleBody(null, null)));
    }

    /**
     * 4000 N, R 0.3 m, a 60 mm, s 10 mm, straight, tapers of 14°, C 35 kN, C0 40 kN, κ 1, ec 0.5. Fro 2666.7, Fri
     * 1333.3; Y = 0.4·cot 14° = 1.6043; the outer one induces 831.1 on both. Po = Fro; Pi = 0.4·1333.3 + Y·831.1 =
     * 1866.7. Turns (C/P)^(10/3), 1.885 m each: 10.053 and 33.009 million km; a_ISO 4.4687 and 9.4755.
     */
    @Test
    void aWheelOnTapersRunsSoManyKilometres() {
        WheelLife life = wheel(new WheelInput.Wheel(4000, 0.3, 60, 10), TAPER, new WheelInput.State(1, 0));
        assertThat(life.outer().equivalentN()).isCloseTo(2666.67, TENTH);
        assertThat(life.inner().equivalentN()).isCloseTo(1866.67, TENTH);
        assertThat(life.inner().axialN()).isCloseTo(831.09, TENTH);
        assertThat(life.outer().axialN()).isCloseTo(831.09, TENTH);
        assertThat(life.outer().basicLifeKm()).isCloseTo(10_053_073, TENTH);
        assertThat(life.outer().factor()).isCloseTo(4.4687, TENTH);
        assertThat(life.outer().lifeKm()).isCloseTo(44_923_916, TENTH);
        assertThat(life.inner().lifeKm()).isCloseTo(312_782_284, TENTH);
        assertThat(life.systemLifeKm()).isCloseTo(40_855_987, TENTH);
        assertThat(life.flangeMomentNm()).isCloseTo(40, TENTH);
    }

    /**
     * 1000 N on deep groove balls, four fifths straight, a fifth at 0.2 g: the inner one carries 500 and 1500 N with
     * 200 N of thrust under e·Fr, mean 918.5 N by the cube; the outer one 500 N throughout.
     */
    @Test
    void twoStatesAreWeighedByTheirSharesOnBalls() {
        WheelLife life = wheel(
                new WheelInput.Wheel(1000, 0.3, 60, 0),
                BALL,
                new WheelInput.State(0.8, 0),
                new WheelInput.State(0.2, 0.2));
        assertThat(life.inner().equivalentN()).isCloseTo(918.545, TENTH);
        assertThat(life.inner().radialN()).isCloseTo(1500, within(1e-9));
        assertThat(life.inner().axialN()).isCloseTo(200, within(1e-9));
        assertThat(life.inner().basicLifeKm()).isCloseTo(6_673_959, TENTH);
        assertThat(life.inner().lifeKm()).isCloseTo(44_327_058, TENTH);
        assertThat(life.outer().lifeKm()).isCloseTo(983_774_151, TENTH);
        assertThat(life.systemLifeKm()).isCloseTo(43_090_731, TENTH);
        assertThat(life.inner().states().get(1).lifeMillions()).isCloseTo(Math.pow(14_000 / 1500.0, 3), TENTH);
        assertThat(life.flangeMomentNm()).isCloseTo(-60, within(1e-9));
    }

    /** The same shares doubled are the same weights. */
    @Test
    void sharesNeedNotComeToOne() {
        WheelInput.Wheel wheel = new WheelInput.Wheel(1000, 0.3, 60, 0);
        assertThat(wheel(wheel, BALL, new WheelInput.State(1.6, 0), new WheelInput.State(0.4, 0.2))
                        .inner()
                        .equivalentN())
                .isCloseTo(918.545, TENTH);
    }

    /**
     * Angular contact of 40°: e 1.14, X 0.35, Y 0.57. 4000 N at 0.25 g over 80 mm: inner 5750 N, outer 1750 N; the
     * inner one induces 6555 N, which leaves the outer 5555 N: Pi 5750, Po = 0.35·1750 + 0.57·5555 = 3778.85.
     */
    @ParameterizedTest
    @CsvSource({"0.25, 5750, 6555, 5750, 1750, 5555, 3778.85", "-0.25, 1750, 5555, 3778.85, 5750, 6555, 5750"})
    void anAngularPairSharesItsThrust(double g, double fri, double fai, double pi, double fro, double fao) {
        WheelLife life = wheel(new WheelInput.Wheel(4000, 0.3, 80, 0), ANGULAR, new WheelInput.State(1, g));
        assertThat(life.inner().radialN()).isCloseTo(fri, TENTH);
        assertThat(life.inner().axialN()).isCloseTo(fai, TENTH);
        assertThat(life.inner().equivalentN()).isCloseTo(pi, TENTH);
        assertThat(life.outer().radialN()).isCloseTo(fro, TENTH);
        assertThat(life.outer().axialN()).isCloseTo(fao, TENTH);
    }

    /** The row of ISO 281 that is nearest: 25, 30, 35, 40°. */
    @ParameterizedTest
    @CsvSource({"20, 680", "25, 680", "29, 800", "33, 950", "36, 950", "40, 1140", "45, 1140"})
    void thrustInducedByAnAngularBearing(double degrees, double axial) {
        assertThat(WheelLife.induced(new WheelInput.Bearing("b", 1, 1, degrees, false, false, 14), 1000))
                .isCloseTo(axial, within(1e-9));
    }

    /** 7205C: f0 14.7, C0 11 kN; e of the row that its own thrust falls into. */
    @Test
    void fifteenDegreesFollowTheLoad() {
        WheelInput.Bearing c = new WheelInput.Bearing("c", 18_000, 11_000, 15, false, false, 14);
        double induced = WheelLife.induced(c, 1000);
        assertThat(induced).isBetween(380.0, 430.0);
        double e = 0.40 + (14 * induced / 11_000 - 0.357) / (0.714 - 0.357) * 0.03;
        assertThat(induced).isCloseTo(e * 1000, within(0.5));
        assertThat(WheelLife.equivalent(c, 1000, 300)).isEqualTo(1000);
        assertThat(WheelLife.equivalent(c, 1000, 1.07 / 14 * 11_000))
                .isCloseTo(0.44 * 1000 + 1.23 * 1.07 / 14 * 11_000, within(1e-6));
        assertThat(WheelLife.equivalent(c, 1000, 7.14 / 14 * 11_000 * 2))
                .isCloseTo(440 + 7.14 / 14 * 11_000 * 2, within(1e-6));
    }

    @Test
    void aCylindricalRollerTakesNoThrustAndMakesNone() {
        WheelInput.Bearing nu = new WheelInput.Bearing("nu", 30_000, 28_000, 0, true, false, 14);
        assertThat(WheelLife.induced(nu, 1000)).isZero();
        assertThat(WheelLife.equivalent(nu, 1000, 0)).isEqualTo(1000);
    }

    @ParameterizedTest
    @CsvSource({"0.3, 0.2, true", "0.3, 0.19, false", "1.0, 0.5, false", "0.9, 0.5, true"})
    void epAdditivesCountWhereTheStandardLetsThem(double kappa, double ec, boolean helps) {
        double plain = LifeFactor.of(true, kappa, 0.3);
        double ep = LifeFactor.withEp(true, kappa, ec, 0.3);
        assertThat(ep > plain).isEqualTo(helps);
        assertThat(ep).isGreaterThanOrEqualTo(plain);
        if (helps) {
            assertThat(ep).isEqualTo(Math.min(3, LifeFactor.of(true, 1, 0.3)));
        }
        assertThat(LifeFactor.withEp(true, 0.9, 0.5, 5)).isGreaterThanOrEqualTo(LifeFactor.of(true, 0.9, 5));
    }

    @Test
    void aKerbStrikesFromTheSideAsWell() {
        WheelLife life = wheel(new WheelInput.Wheel(4000, 0.3, 60, 0), TAPER, new WheelInput.State(1, 0));
        double straight = TAPER.c0N() / (4 * 4000 / 2.0);
        assertThat(life.kerbSafety(4)).isLessThan(straight / 2);
        double inner = (16_000 * 30.0 + 4000 * 300) / 60;
        double y = 0.4 / Math.tan(Math.toRadians(TAPER.contactDeg()));
        double outer = Math.abs((16_000 * 30.0 - 4000 * 300) / 60);
        double axial = Math.max(0.5 * inner / y, 0.5 * outer / y + 4000);
        double p0 = Math.max(inner, 0.5 * inner + 0.22 / Math.tan(Math.toRadians(TAPER.contactDeg())) * axial);
        assertThat(life.kerbSafety(4)).isCloseTo(TAPER.c0N() / p0, within(1e-9));
        assertThat(life.kerbSafety(3)).isGreaterThan(life.kerbSafety(4));
    }

    @Test
    void whatEachKindInduces() {
        assertThat(WheelLife.induced(TAPER, 1000)).isCloseTo(500 / 1.604312, TENTH);
        assertThat(WheelLife.induced(BALL, 1000)).isZero();
    }

    /** Up to e only the radial load counts; negative thrust is none. */
    @Test
    void equivalentLoadsTurnAtE() {
        double e = 1.5 * Math.tan(Math.toRadians(14));
        assertThat(WheelLife.equivalent(TAPER, 1000, e * 1000)).isEqualTo(1000);
        assertThat(WheelLife.equivalent(TAPER, 1000, e * 1000 + 1)).isCloseTo(1001.6, within(0.1));
        assertThat(WheelLife.equivalent(TAPER, 1000, -900)).isEqualTo(1000);
        assertThat(WheelLife.equivalent(ANGULAR, 1000, 1140)).isEqualTo(1000);
        assertThat(WheelLife.equivalent(ANGULAR, 1000, 2000)).isCloseTo(1490, within(1e-9));
        assertThat(WheelLife.equivalent(BALL, 1000, 800))
                .isCloseTo(DeepGroove.equivalentN(1000, 800, 13.9, 7900), within(1e-9));
    }

    /** Track 1.5 m, height 0.6 m, 0.25 g: the outer wheel carries 4000·(1 + 2·0.25·0.6/1.5) = 4800 N. */
    @Test
    void loadMovesOverInABend() {
        WheelInput in = new WheelInput(
                false,
                new WheelInput.Wheel(4000, 0.3, 60, 0),
                List.of(new WheelInput.State(1, 0.25)),
                TAPER,
                TAPER,
                new WheelInput.Oil(1, 0.5),
                new WheelInput.VehicleBody(1500.0, 600.0));
        WheelLife life = WheelLife.of(in);
        assertThat(life.inner().radialN() - life.outer().radialN())
                .isCloseTo(4800 * 0.25 * 300 * 2 / 60 - 2 * (6000 - 2400), within(1e-6));
        WheelInput lifted = in.lateral(-10);
        assertThat(WheelLife.of(lifted).inner().radialN()).isZero();
    }

    @Test
    void balls() {
        assertThat(new WheelInput.Bearing("b", 1, 1, 4.9, false, false, 14).deepGroove())
                .isTrue();
        assertThat(new WheelInput.Bearing("b", 1, 1, 5, false, false, 14).deepGroove())
                .isFalse();
        assertThat(new WheelInput.Bearing("b", 1, 1, 0, true, false, 14).deepGroove())
                .isFalse();
    }

    /** e and Y over f0·Fa/C0: rows, between them, ends held. */
    @ParameterizedTest
    @CsvSource({
        "0.1, 0.19, 2.30",
        "0.172, 0.19, 2.30",
        "0.5, 0.23802, 1.86384",
        "0.689, 0.26, 1.71",
        "6.89, 0.44, 1.00",
        "10, 0.44, 1.00"
    })
    void factorsOfDeepGrooveBearings(double relative, double e, double y) {
        assertThat(AxialFactors.read("deep-groove-factors.csv").at(relative).e())
                .isCloseTo(e, within(1e-5));
        assertThat(AxialFactors.read("deep-groove-factors.csv").at(relative).y())
                .isCloseTo(y, within(1e-5));
    }

    /** f0·Fa/C0 = 14·492.1/10000 = 0.689: e 0.26, Y 1.71. 0.56·1000 + 1.71·492.1 = 1401.5. */
    @Test
    void equivalentLoadOfADeepGrooveBearing() {
        assertThat(DeepGroove.equivalentN(1000, 492.142857, 14, 10_000)).isCloseTo(1401.56, TENTH);
        assertThat(DeepGroove.equivalentN(1000, -492.142857, 14, 10_000)).isCloseTo(1401.56, TENTH);
        assertThat(DeepGroove.equivalentN(1900, 492.142857, 14, 10_000))
                .as("Fa/Fr 0.259 is under e 0.26")
                .isEqualTo(1900);
    }

    /** a_ISO at ec·Cu/P 0.5 for balls, 0.3 for rollers, held at κ 0.1 and 4 and at 50. */
    @ParameterizedTest
    @CsvSource({
        "0.05, 0.1003, 0.1000",
        "0.1, 0.1003, 0.1000",
        "0.3, 0.5256, 0.1711",
        "0.4, 0.7681, 0.1969",
        "0.9, 34.7812, 0.7892",
        "1, 50, 0.9448",
        "1.5, 50, 1.2255",
        "4, 50, 2.2977",
        "9, 50, 2.2977"
    })
    void lifeFactors(double kappa, double balls, double rollers) {
        assertThat(LifeFactor.of(false, kappa, 0.5)).isCloseTo(balls, within(2e-4));
        assertThat(LifeFactor.of(true, kappa, 0.3)).isCloseTo(rollers, within(2e-4));
    }

    @Test
    void fatigueLimits() {
        assertThat(LifeFactor.fatigueLimitN(22_000, false)).isCloseTo(1000, within(1e-9));
        assertThat(LifeFactor.fatigueLimitN(8_200, true)).isCloseTo(1000, within(1e-9));
    }

    private static ShaftLife shaft(
            ShaftLife.Locates locates, WheelInput.Bearing both, double water, ShaftLife.Load... loads) {
        return ShaftLife.of(new ShaftLife.Input(
                100, List.of(loads), both, both, locates, 1000, new ShaftLife.Input.Oil(1, 0.5, water)));
    }

    /** 1200 N down at 25 mm, 400 N away from you at 150 mm, over 100 mm, 300 N to the right. */
    @Test
    void aShaftsReactionsBalanceInBothPlanes() {
        ShaftLife life = shaft(
                ShaftLife.Locates.LEFT,
                BALL,
                0,
                new ShaftLife.Load(25, -1200, 0, 300),
                new ShaftLife.Load(150, 0, 400, 0));
        assertThat(life.left().verticalN()).isCloseTo(900, within(1e-9));
        assertThat(life.right().verticalN()).isCloseTo(300, within(1e-9));
        assertThat(life.left().horizontalN()).isCloseTo(200, within(1e-9));
        assertThat(life.right().horizontalN()).isCloseTo(-600, within(1e-9));
        assertThat(life.left().radialN()).isCloseTo(Math.hypot(900, 200), within(1e-9));
        assertThat(life.left().axialN()).isCloseTo(300, within(1e-9));
        assertThat(life.right().axialN()).isZero();
        assertThat(life.right().equivalentN()).isCloseTo(Math.hypot(300, 600), within(1e-9));
        double turns = Math.pow(14_000 / Math.hypot(300, 600), 3) * 1e6;
        assertThat(life.right().basicHours()).isCloseTo(turns / 60 / 1000, TENTH);
        assertThat(life.right().hours())
                .isCloseTo(life.right().basicHours() * life.right().factor(), TENTH);
        double m = 10.0 / 9;
        assertThat(life.systemHours())
                .isCloseTo(
                        Math.pow(
                                Math.pow(life.left().hours(), -m)
                                        + Math.pow(life.right().hours(), -m),
                                -1 / m),
                        TENTH);
    }

    /** Tapers of 14° with 1000 N each: 311.65 N induced. 500 N to the right: left 811.65, right 311.65. */
    @ParameterizedTest
    @CsvSource({
        "PAIR, 500, 811.65, 311.65",
        "PAIR, -500, 311.65, 811.65",
        "LEFT, 500, 500, 311.65",
        "LEFT, -200, 311.65, 311.65",
        "RIGHT, -500, 311.65, 500",
        "RIGHT, 100, 311.65, 311.65"
    })
    void thrustGoesWhereTheShaftIsHeld(ShaftLife.Locates locates, double axial, double left, double right) {
        ShaftLife life = shaft(locates, TAPER, 0, new ShaftLife.Load(50, -2000, 0, axial));
        assertThat(life.left().axialN()).isCloseTo(left, TENTH);
        assertThat(life.right().axialN()).isCloseTo(right, TENTH);
    }

    /** 400 ppm of water leave (100/400)^0.6 = 0.435 of the life; up to 100 ppm all of it. */
    @Test
    void waterTakesItsShare() {
        assertThat(ShaftLife.dilution(100)).isEqualTo(1);
        assertThat(ShaftLife.dilution(400)).isCloseTo(0.4353, within(1e-4));
        ShaftLife.Load load = new ShaftLife.Load(50, -2000, 0, 0);
        assertThat(shaft(ShaftLife.Locates.LEFT, TAPER, 400, load).left().hours()
                        / shaft(ShaftLife.Locates.LEFT, TAPER, 0, load).left().hours())
                .isCloseTo(0.4353, within(1e-4));
    }

    private static Fact size(FactKey key, double value) {
        return Fact.number(key, value, How.MEASURED, "identify");
    }

    /**
     * Back to back: 40 between the cups, widths 14 and 16, mean diameters 37.5 and 45 with half cup angles of 14 and
     * 15°: 40 + 15 + 18.75·tan 14° + 22.5·tan 15° = 65.70 mm.
     */
    @Test
    void theSpreadOfAPairOfTapers() {
        List<Fact> facts = new ArrayList<>(List.of(
                size(FactKey.BETWEEN_CUPS, 40),
                size(FactKey.OUTER_BORE, 25),
                size(FactKey.OUTER_OUTSIDE, 50),
                size(FactKey.OUTER_WIDTH, 14),
                size(FactKey.INNER_BORE, 30),
                size(FactKey.INNER_OUTSIDE, 60),
                size(FactKey.INNER_WIDTH, 16)));
        assertThat(PressureCentres.of(Sheet.of(facts)).orElseThrow()).isCloseTo(55, within(1e-9));
        facts.add(size(FactKey.OUTER_HALF_ANGLE, 14));
        facts.add(size(FactKey.INNER_HALF_ANGLE, 15));
        assertThat(PressureCentres.of(Sheet.of(facts)).orElseThrow()).isCloseTo(65.704, within(0.001));
        assertThat(PressureCentres.of(Sheet.of(facts.subList(1, facts.size())))).isEmpty();
    }

    @Test
    void sweepsAreFoundByTheirCodes() {
        assertThat(WheelSweep.choices())
                .extracting(Field.Choice::code)
                .containsExactly("offset", "lateral", "load", "kappa", "clean");
        assertThat(WheelSweep.of("kappa")).isEqualTo(WheelSweep.KAPPA);
    }

    private static WheelLife pair(WheelInput.Wheel wheel, WheelInput.Bearing inner, WheelInput.Bearing outer) {
        return WheelLife.of(new WheelInput(
                false,
                wheel,
                List.of(new WheelInput.State(1, 0)),
                inner,
                outer,
                new WheelInput.Oil(1, 0.5),
                new WheelInput.VehicleBody(null, null)));
    }

    /**
     * Deep groove, W 3000 N, 60 mm apart, 10 mm outboard, R 0.3 m, three times: from outside 18 000 N inner and 9000
     * outer, from inside 12 000 and 21 000; of 36 and 63 kN the worst is 36/18 = 2. On 200 mm and 0.15 m at once the
     * load, 0.6·3600 + 0.5·3000 = 3660 N is over the radial: 36/3.66 = 9.836.
     */
    @Test
    void aKerbByHand() {
        WheelInput.Bearing inner = new WheelInput.Bearing("i", 40_000, 36_000, 0, false, false, 14);
        WheelInput.Bearing outer = new WheelInput.Bearing("o", 40_000, 63_000, 0, false, false, 14);
        assertThat(pair(new WheelInput.Wheel(3000, 0.3, 60, 10), inner, outer).kerbSafety(3))
                .isCloseTo(2, within(1e-9));
        assertThat(pair(new WheelInput.Wheel(3000, 0.15, 200, 10), inner, outer).kerbSafety(1))
                .isCloseTo(36_000 / 3660.0, within(1e-9));
        WheelInput.Bearing strong = new WheelInput.Bearing("i", 40_000, 90_000, 20, true, false, 14);
        WheelInput.Bearing weak = new WheelInput.Bearing("o", 40_000, 80_000, 20, true, false, 14);
        assertThat(pair(new WheelInput.Wheel(3000, 0.3, 60, 10), strong, weak).kerbSafety(3))
                .isCloseTo(80_000 / 21_000.0, within(1e-9));
    }

    /** P0 of ISO 76 at 1000 N radial: the larger of that and X0·Fr + Y0·Fa. */
    @ParameterizedTest
    @CsvSource({
        "0, false, 1000, 1100",
        "0, false, 500, 1000",
        "15, false, 2000, 1420",
        "25, false, 2000, 1260",
        "30, false, 2000, 1160",
        "35, false, 2000, 1080",
        "40, false, 3000, 1280",
        "14, true, 2000, 2264.7",
        "14, true, -5, 1000",
        "0, true, 900, 1000"
    })
    void theStaticLoadOfEachKind(double degrees, boolean rollers, double axial, double expected) {
        WheelInput.Bearing bearing = new WheelInput.Bearing("b", 40_000, 36_000, degrees, rollers, false, 14);
        assertThat(WheelLife.staticN(bearing, 1000, axial)).isCloseTo(expected, within(0.1));
    }

    /** A straight pair shares no thrust: the inner takes what comes from outside, the outer what comes from inside. */
    @Test
    void aPairOfDeepGroovesHandsNoThrustOver() {
        WheelInput.Bearing groove = new WheelInput.Bearing("g", 40_000, 36_000, 0, false, false, 14);
        WheelLife life = wheel(new WheelInput.Wheel(4000, 0.3, 60, 0), groove, new WheelInput.State(1, 0.25));
        assertThat(life.inner().axialN()).isCloseTo(1000, within(1e-6));
        assertThat(life.outer().axialN()).isZero();
    }
}
