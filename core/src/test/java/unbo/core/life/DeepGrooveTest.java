package unbo.core.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeepGrooveTest {

    @ParameterizedTest
    @CsvSource({
        "0.172,0.19,2.30",
        "1.03,0.28,1.55",
        "6.89,0.44,1.00",
        "0.01,0.19,2.30",
        "20,0.44,1.00",
        "1.205,0.29,1.50"
    })
    void factorsAreThoseOfTheTableAndBetweenItsRowsInALine(double relative, double e, double y) {
        assertThat(AxialFactors.read("deep-groove-factors.csv").at(relative).e())
                .isCloseTo(e, within(1e-3));
        assertThat(AxialFactors.read("deep-groove-factors.csv").at(relative).y())
                .isCloseTo(y, within(1e-3));
    }

    @Test
    void aLittleThrustCostsNothingAndMuchThrustCostsALot() {
        assertThat(DeepGroove.equivalentN(1000, 0, 14, 7900)).isEqualTo(1000);
        assertThat(DeepGroove.equivalentN(1000, 150, 14, 7900)).isEqualTo(1000);
        assertThat(DeepGroove.equivalentN(1000, 1000, 14, 7900)).isGreaterThan(1800);
        assertThat(DeepGroove.equivalentN(1000, -1000, 14, 7900))
                .isEqualTo(DeepGroove.equivalentN(1000, 1000, 14, 7900));
    }

    @Property(tries = 300)
    void theEquivalentLoadIsNeverUnderTheRadialOne(
            @ForAll @DoubleRange(min = 1, max = 20_000) double radial,
            @ForAll @DoubleRange(min = 0, max = 20_000) double axial) {
        assertThat(DeepGroove.equivalentN(radial, axial, 14, 7900)).isGreaterThanOrEqualTo(radial);
    }

    @Property(tries = 300)
    void theLifeFactorRisesWithTheFilmAndWithCleanliness(
            @ForAll boolean rollers,
            @ForAll @DoubleRange(min = 0.15, max = 3.9) double kappa,
            @ForAll @DoubleRange(min = 0.01, max = 2) double relative) {
        assertThat(LifeFactor.of(rollers, kappa * 1.02, relative))
                .isGreaterThanOrEqualTo(LifeFactor.of(rollers, kappa, relative) * 0.985);
        assertThat(LifeFactor.of(rollers, kappa, relative * 1.1))
                .isGreaterThanOrEqualTo(LifeFactor.of(rollers, kappa, relative));
        assertThat(LifeFactor.of(rollers, kappa, relative)).isBetween(0.09, 50.0);
    }

    @Test
    void kappaIsHeldWithinTheStandardsRange() {
        assertThat(LifeFactor.of(true, 0.01, 0.3)).isEqualTo(LifeFactor.of(true, 0.1, 0.3));
        assertThat(LifeFactor.of(false, 40, 0.3)).isEqualTo(LifeFactor.of(false, 4, 0.3));
        assertThat(LifeFactor.fatigueLimitN(8200, true)).isCloseTo(1000, within(1e-9));
        assertThat(LifeFactor.fatigueLimitN(2200, false)).isCloseTo(100, within(1e-9));
    }
}
