package unbo.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

import unbo.core.numeric.LeastSquares;
import unbo.core.simulation.SpunWheel;

class SpinDownTest {

    /** Rubbing alone: 20 rad/s at 0.5 rad/s² stand after 40 s, and from 10 to 5 rad/s it takes 10. */
    @Test
    void whatRubsAloneSlowsInAStraightLine() {
        List<SpinDown.Speed> speeds = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            speeds.add(new SpinDown.Speed(4.0 * i, 20 - 2.0 * i));
        }
        SpinDown down = SpinDown.of(speeds);
        assertThat(down.rubbing()).isCloseTo(0.5, within(1e-9));
        assertThat(down.shear()).isCloseTo(0, within(1e-9));
        assertThat(down.air()).isCloseTo(0, within(1e-9));
        assertThat(down.seconds(10, 5)).isCloseTo(10, within(1e-6));
        assertThat(down.at(20)).isCloseTo(10, within(1e-6));
    }

    /** Shear alone falls by e in 1/b: from e·5 to 5 rad/s in 25 s at b = 0.04. */
    @Test
    void whatShearsAloneFallsByE() {
        List<SpinDown.Speed> speeds = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            speeds.add(new SpinDown.Speed(i, 20 * Math.exp(-0.04 * i)));
        }
        SpinDown down = SpinDown.of(speeds);
        assertThat(down.shear()).isCloseTo(0.04, within(1e-4));
        assertThat(down.seconds(5 * Math.E, 5)).isCloseTo(25, within(0.1));
    }

    @Test
    void aWheelThatDoesNotSlowIsNone() {
        List<SpinDown.Speed> speeds = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            speeds.add(new SpinDown.Speed(i, 10 + 0.1 * i));
        }
        assertThat(SpinDown.of(speeds)).isNull();
    }

    @Test
    void clicksBecomeSpeeds() {
        assertThat(SpinDown.clicks(List.of(0.0, 0.5, 1.0), 2))
                .extracting(SpinDown.Speed::radS)
                .allSatisfy(speed -> assertThat(speed).isCloseTo(2 * Math.PI, within(1e-9)));
        assertThat(SpinDown.Speed.rpm(0, 60).radS()).isCloseTo(2 * Math.PI, within(1e-12));
    }

    /**
     * A hundred wheels with clicks that jitter by 2 ms: what rubs lies in its 90 % band in most, and within 15 % or
     * 0.02 rad/s² in nearly all.
     */
    @Test
    void whatRubsIsPartedFromTheRestInAHundredWheels() {
        SplittableRandom random = new SplittableRandom(20);
        int inBand = 0;
        int close = 0;
        for (int i = 0; i < 100; i++) {
            double rubbing = 0.1 + 0.4 * random.nextDouble();
            double shear = 0.005 + 0.03 * random.nextDouble();
            double air = 0.0002 + 0.001 * random.nextDouble();
            SpunWheel wheel = new SpunWheel(20 + 10 * random.nextDouble(), rubbing, shear, air, 0.002, 2, i);
            SpinDown down = SpinDown.of(SpinDown.clicks(wheel.clicks(), 2));
            double off = Math.abs(down.rubbing() - rubbing);
            inBand += off <= 1.645 * down.errors().rubbing() ? 1 : 0;
            close += off <= Math.max(0.15 * rubbing, 0.02) ? 1 : 0;
        }
        System.out.println("spin-down: rubbing in its 90 % band " + inBand + " of 100, close " + close + " of 100");
        assertThat(close).isGreaterThanOrEqualTo(90);
        assertThat(inBand).isBetween(70, 100);
    }

    @Test
    void noValueIsUnderZeroAndTheFirstMayBe() {
        LeastSquares fit =
                LeastSquares.notUnderZero(new double[][] {{1, 1, 1, 1}, {0, 1, 2, 3}}, new double[] {-1, -2, -3, -4.1});
        assertThat(fit.values().get(1)).isZero();
        assertThat(fit.values().get(0)).isCloseTo(-2.525, within(1e-9));
    }
}
