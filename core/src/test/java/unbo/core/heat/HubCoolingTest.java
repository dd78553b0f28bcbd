package unbo.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;

import org.junit.jupiter.api.Test;

class HubCoolingTest {

    private static HubCooling of(DoubleUnaryOperator celsius, double noise, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        return HubCooling.of(new HubCooling.Input(
                List.of(0.0, 5.0, 10.0).stream()
                        .map(t -> new HubCooling.Reading(t, celsius.applyAsDouble(t) + noise * random.nextGaussian()))
                        .toList(),
                15));
    }

    /** One mass: 15 + 60·e^(−t/20), so the same rate of 0.05 a minute in both halves. */
    private static double bearing(double minutes) {
        return 15 + 60 * Math.exp(-minutes / 20);
    }

    /** A hub at 45 °C beside a brake at 215 °C that gives its heat to it within four minutes. */
    private static double brake(double minutes) {
        return 15 + 30 * Math.exp(-minutes / 20) + 40 * (Math.exp(-minutes / 20) - Math.exp(-minutes / 4));
    }

    @Test
    void oneMassCoolsAtOneRate() {
        HubCooling cooling = of(HubCoolingTest::bearing, 0, 1);
        assertThat(cooling.rates()).allSatisfy(rate -> assertThat(rate).isCloseTo(0.05, within(1e-9)));
        assertThat(cooling.ratio()).isCloseTo(1, within(1e-9));
        assertThat(cooling.from()).isEqualTo(HubCooling.From.BEARING);
    }

    @Test
    void aHubThatRisesTakesItsHeatFromTheBrake() {
        HubCooling cooling = of(HubCoolingTest::brake, 0, 1);
        assertThat(cooling.rates().get(0)).isNegative();
        assertThat(cooling.from()).isEqualTo(HubCooling.From.BRAKE);
    }

    /** What is nearly as cool as the air tells nothing: 0.5 K of 8 K is more than the difference. */
    @Test
    void littleHeatIsUnclear() {
        assertThat(of(t -> 15 + 8 * Math.exp(-t / 20), 0, 1).from()).isEqualTo(HubCooling.From.UNCLEAR);
    }

    @Test
    void aThermometerThatScattersIsNotTakenForABrake() {
        int wrong = 0;
        int right = 0;
        for (int i = 0; i < 200; i++) {
            wrong += of(HubCoolingTest::bearing, 0.5, i).from() == HubCooling.From.BRAKE ? 1 : 0;
            wrong += of(HubCoolingTest::brake, 0.5, i).from() == HubCooling.From.BEARING ? 1 : 0;
            right += of(HubCoolingTest::brake, 0.5, i).from() == HubCooling.From.BRAKE ? 1 : 0;
        }
        assertThat(wrong).isZero();
        assertThat(right).isGreaterThan(190);
    }
}
