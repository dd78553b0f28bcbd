package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.Shipped;
import unbo.core.heat.HeatPlan;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.FitFields;
import unbo.core.tools.setting.FitWords;
import unbo.core.tools.setting.HeatFields;

class FitAnythingTest {

    @Property(tries = 300)
    void pressureRisesWithInterferenceAndFallsWithAHollowShaft(
            @ForAll @DoubleRange(min = 8, max = 120) double seat,
            @ForAll @DoubleRange(min = 1, max = 80) double um,
            @ForAll @DoubleRange(min = 0.1, max = 0.8) double hollow) {
        PressFit solid = new PressFit(seat, 0, seat * 1.25, Material.STEEL, Material.STEEL);
        PressFit tube = new PressFit(seat, seat * hollow, seat * 1.25, Material.STEEL, Material.STEEL);
        assertThat(solid.pressureMPa(um * 1.5)).isGreaterThan(solid.pressureMPa(um));
        assertThat(tube.pressureMPa(um)).isLessThan(solid.pressureMPa(um));
        assertThat(solid.outerGrowthUm(um)).as("steel on steel: δ·d/F").isCloseTo(um / 1.25, within(1e-9));
        assertThat(tube.outerGrowthUm(um)).isLessThan(solid.outerGrowthUm(um));
    }

    @Property(tries = 200)
    void aHeavyHousingShrinksTheRaceByItsShare(
            @ForAll @DoubleRange(min = 20, max = 150) double seat, @ForAll @DoubleRange(min = 1, max = 80) double um) {
        PressFit heavy = new PressFit(seat, seat * 0.85, Double.POSITIVE_INFINITY, Material.STEEL, Material.STEEL);
        assertThat(heavy.innerShrinkUm(um)).as("δ·G/D").isCloseTo(um * 0.85, within(1e-9));
        PressFit thin = new PressFit(seat, seat * 0.85, seat * 1.1, Material.STEEL, Material.STEEL);
        assertThat(thin.innerShrinkUm(um)).isLessThan(heavy.innerShrinkUm(um));
        assertThat(heavy.outerGrowthUm(um)).isZero();
    }

    @Property(tries = 200)
    void bandsOfASeatLieInOrderAndTighterLettersHoldTighter(@ForAll @IntRange(min = 11, max = 119) int mm) {
        double last = Double.NEGATIVE_INFINITY;
        for (String symbol : new String[] {"g6", "h6", "k6", "m6", "n6", "p6"}) {
            Band band = SeatBands.shaft(symbol, mm).orElseThrow();
            assertThat(band.meanUm()).as(symbol + " " + mm).isGreaterThan(last);
            last = band.meanUm();
        }
        last = Double.POSITIVE_INFINITY;
        for (String symbol : new String[] {"H7", "J7", "K7", "M7", "N7", "P7", "R7"}) {
            Band band = SeatBands.hole(symbol, mm).orElseThrow();
            assertThat(band.meanUm()).as(symbol + " " + mm).isLessThan(last);
            last = band.meanUm();
        }
    }

    @Property(tries = 200)
    void heatAndInterferenceAreTwoWaysOfOneSum(
            @ForAll @DoubleRange(min = 10, max = 120) double bore,
            @ForAll @DoubleRange(min = 1, max = 60) double um,
            @ForAll @DoubleRange(min = -70, max = 20) double shaft) {
        HeatPlan p = HeatPlan.of(Shipped.read(
                        HeatFields.LIST,
                        Map.of("boreMm", bore + " mm", "interferenceUm", um + " um", "shaft", shaft + " C"),
                        UnitSystem.METRIC)
                .record());
        double opens = (p.ringC() - 20) * 11.7e-6 * bore * 1000 + (20 - shaft) * 11.7e-6 * bore * 1000;
        assertThat(opens).isCloseTo(um + p.slidingUm(), within(1e-6));
        assertThat(p.gripC()).isLessThan(p.ringC());
        if (p.chillC() != null) {
            HeatPlan chilled = HeatPlan.of(Shipped.read(
                            HeatFields.LIST,
                            Map.of(
                                    "boreMm",
                                    bore + " mm",
                                    "interferenceUm",
                                    um + " um",
                                    "shaft",
                                    Math.max(-196, p.chillC()) + " C"),
                            UnitSystem.METRIC)
                    .record());
            assertThat(p.chillC() < -196 || Math.abs(chilled.ringC() - 120) < 0.01)
                    .isTrue();
        }
    }

    @Test
    void aWarmerInnerRingAndTheOtherRingsFitTakeTheirShareOfClearance() {
        Fit free = Fit.of(Shipped.read(
                        FitFields.LIST, Map.of("designation", "6205", "seat", "k5", "deltaT", "0"), UnitSystem.METRIC)
                .record());
        Fit both = Fit.of(Shipped.read(
                        FitFields.LIST,
                        Map.of("designation", "6205", "seat", "k5", "deltaT", "0", "otherRingUm", "10"),
                        UnitSystem.METRIC)
                .record());
        assertThat(free.chosen().warm().meanUm()).isEqualTo(free.chosen().cold().meanUm());
        assertThat(free.chosen().cold().meanUm() - both.chosen().cold().meanUm())
                .isCloseTo(10 * (52 - 6.75) / 52, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"6205", "NU205", "32008X", "6305/C4", "61905", "NKI25/20", "7205B"})
    void everyKindHasAnAnswerWhetherItsClassesAreListedOrNot(String number) {
        var answer = FitWords.answer(
                Fit.of(Shipped.read(FitFields.LIST, Map.of("designation", number, "seat", "k5"), UnitSystem.METRIC)
                        .record()));
        assertThat(answer.findings()).isNotEmpty();
        assertThat(answer.drawings()).isNotEmpty();
        assertThat(answer.worksheet().lines()).hasSizeGreaterThan(6);
    }

    @Test
    void thePlaceTellsWhichSeatsAreUsual() {
        var odd = FitWords.answer(Fit.of(Shipped.read(
                        FitFields.LIST,
                        Map.of("designation", "6205", "ring", "outer", "where", "outer-turns", "seat", "H7"),
                        UnitSystem.METRIC)
                .record()));
        assertThat(odd.sentences()).anyMatch(s -> s.contains("M7, N7, P7") && s.contains("H7 is not among them"));
        assertThat(Shipped.read(
                                FitFields.LIST,
                                Map.of("designation", "6205", "where", "outer-turns", "seat", "k5"),
                                UnitSystem.METRIC)
                        .sentences("where"))
                .singleElement()
                .asString()
                .contains("housing");
        assertThat(FitPlace.choices()).hasSize(7);
    }

    @Test
    void materialsAndPlacesAreWhole() {
        assertThat(Material.of("aluminium").perK()).isEqualTo(23e-6);
        assertThat(Material.choices()).hasSize(4);
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> Material.of("wood"))
                .hasMessageContaining("wood");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> new Band(3, 2)).hasMessageContaining("3");
        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () -> new PressFit(25, 25, 31, Material.STEEL, Material.STEEL))
                .hasMessageContaining("25");
    }
}
