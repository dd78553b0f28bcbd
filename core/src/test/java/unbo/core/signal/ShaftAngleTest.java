package unbo.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;

import org.junit.jupiter.api.Test;

class ShaftAngleTest {

    private static Series tone(
            double rate, double seconds, java.util.function.DoubleUnaryOperator turns, double order) {
        float[] values = new float[(int) (rate * seconds)];
        Random random = new Random(2);
        for (int i = 0; i < values.length; i++) {
            values[i] = (float)
                    (Math.sin(2 * Math.PI * order * turns.applyAsDouble(i / rate)) + 0.2 * random.nextGaussian());
        }
        return new Series(rate, values);
    }

    @Test
    void aLineThatSweepsStandsStillInShaftAngle() {
        ShaftAngle ramp = ShaftAngle.ramp(8, 12, 20);
        assertThat(ramp.meanHz()).isCloseTo(10, within(1e-9));
        assertThat(ramp.steady()).isFalse();
        Series swept = tone(1000, 20, t -> 8 * t + 0.1 * t * t, 3.6);
        assertThat(Lines.of(ramp.resampled(swept), 100).near(36)).isGreaterThan(25);
        assertThat(Lines.of(swept, 100).near(36)).isLessThan(15);
    }

    @Test
    void aSteadySpeedNeedsNoTurning() {
        assertThat(ShaftAngle.ramp(10, 10.01, 30).steady()).isTrue();
    }

    @Test
    void pulsesTellTheTurns() {
        float[] pulses = new float[10_000];
        for (int i = 0; i < pulses.length; i++) {
            pulses[i] = i % 125 < 10 ? 1 : 0;
        }
        ShaftAngle tacho = ShaftAngle.tacho(pulses, 1000);
        assertThat(tacho.meanHz()).isCloseTo(8, within(1e-6));
        assertThat(tacho.steady()).isTrue();
        assertThat(ShaftAngle.tacho(new float[10_000], 1000)).isNull();
    }

    @Test
    void theWheelsRateIsTheLowestThatExplainsItsMultiples() {
        Random random = new Random(5);
        float[] sound = new float[20_000];
        for (int i = 0; i < sound.length; i++) {
            double t = i / 1000.0;
            for (int k = 1; k <= 8; k++) {
                sound[i] += (float) (0.3 / k * Math.sin(2 * Math.PI * k * 7.3 * t + k));
            }
            sound[i] += (float) (0.1 * random.nextGaussian());
        }
        assertThat(WheelRate.find(Lines.of(new Series(1000, sound), 200), 2.5, 25))
                .isCloseTo(7.3, within(0.03));
        float[] noise = new float[20_000];
        for (int i = 0; i < noise.length; i++) {
            noise[i] = (float) random.nextGaussian();
        }
        assertThat(WheelRate.find(Lines.of(new Series(1000, noise), 200), 2.5, 25))
                .isZero();
    }

    @Test
    void aLineStandsOverItsOwnFloorWhateverTheFloorIs() {
        Lines lines = Lines.of(tone(2000, 16, t -> t, 50), 300);
        assertThat(lines.stepHz()).isLessThanOrEqualTo(0.5);
        assertThat(lines.near(50)).isGreaterThan(30);
        assertThat(lines.near(70)).isLessThan(8);
        assertThat(lines.near(1e6)).isNaN();
        assertThat(lines.without(25, 4).near(50)).isZero();
    }

    @Test
    void bandsAreOctavesAndThirdsOfThemAndNoNarrowerThanAsked() {
        assertThat(Band.of(16_000, 150)).isNotEmpty().allMatch(b -> b.widthHz() >= 150 && b.hiHz() <= 0.46 * 16_000);
        assertThat(Band.of(16_000, 150))
                .anyMatch(b -> Math.abs(b.hiHz() / b.loHz() - 2) < 0.01)
                .anyMatch(b -> Math.abs(b.hiHz() / b.loHz() - 1.26) < 0.01);
    }
}
