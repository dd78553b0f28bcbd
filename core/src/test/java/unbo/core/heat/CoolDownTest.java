package unbo.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

class CoolDownTest {

    private static CoolDown.Reading reading(double seconds, double celsius) {
        return new CoolDown.Reading(seconds, celsius);
    }

    /** 110 °C, 90 °C after 30 s, room 20 °C: τ = 30/ln(90/70) = 119.4 s; 60 °C after 96.8 s. */
    @Test
    void twoReadingsByHand() {
        CoolDown c = CoolDown.of(List.of(reading(0, 110), reading(30, 90)), 20);
        assertThat(c.tau()).isCloseTo(119.37, within(0.01));
        assertThat(c.startC()).isCloseTo(110, within(1e-9));
        assertThat(c.until(60)).isCloseTo(96.80, within(0.01));
        assertThat(c.at(30)).isCloseTo(90, within(1e-9));
        assertThat(c.until(20)).isInfinite();
    }

    /** Readings good for a kelvin find the curve again. */
    @Test
    void noisyReadingsFindTheCurve() {
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 50; i++) {
            double tau = 60 + 400 * random.nextDouble();
            List<CoolDown.Reading> readings = new ArrayList<>();
            for (int k = 0; k < 6; k++) {
                double seconds = k * tau / 6;
                readings.add(reading(seconds, 20 + 90 * Math.exp(-seconds / tau) + 2 * random.nextDouble() - 1));
            }
            CoolDown c = CoolDown.of(readings, 20);
            assertThat(c.tau()).isCloseTo(tau, within(0.12 * tau));
            assertThat(c.spreadK()).isLessThan(1.5);
        }
    }

    @Test
    void whatDoesNotFallHasNoCurve() {
        assertThat(CoolDown.of(List.of(reading(0, 80), reading(30, 90)), 20)).isNull();
    }

    /** A shaft out of the freezer at −24 °C, −10 °C after 60 s: τ = 60/ln(44/30) = 156.7 s; 0 °C after 123.5 s. */
    @Test
    void aChilledPartWarms() {
        CoolDown c = CoolDown.of(List.of(reading(0, -24), reading(60, -10)), 20);
        assertThat(c.tau()).isCloseTo(156.7, within(0.1));
        assertThat(c.until(0)).isCloseTo(123.5, within(0.1));
        assertThat(c.at(60)).isCloseTo(-10, within(1e-9));
        assertThat(c.until(30)).isInfinite();
    }
}
