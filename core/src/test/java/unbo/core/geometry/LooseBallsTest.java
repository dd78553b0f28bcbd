package unbo.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LooseBallsTest {

    /** Six circles touch round one of their own size: on twice their diameter six fit exactly. */
    @Test
    void sixStandRoundOne() {
        LooseBalls balls = LooseBalls.of(5, 10);
        assertThat(balls.fit()).isEqualTo(6);
        assertThat(balls.angleDeg()).isCloseTo(60, within(1e-9));
        assertThat(balls.putIn()).isEqualTo(5);
        assertThat(balls.gapMm()).isCloseTo(Math.PI * 10 / 6, within(1e-9));
        assertThat(balls.gapMm(6)).isCloseTo(0, within(1e-9));
        assertThat(balls.gapMm(7)).isNegative();
    }

    /** A quarter inch on 19.9 mm: asin(6.35/19.9) = 18.61°, 360/37.22 = 9.67: nine fit. 3/16 inch on 17.4: 11.33. */
    @ParameterizedTest
    @CsvSource({"6.35, 19.9, 9, 8", "4.7625, 17.4, 11, 10", "3.96875, 37.5, 29, 28"})
    void byTheSumOfTheirChords(double ball, double circle, int fit, int putIn) {
        LooseBalls balls = LooseBalls.of(ball, circle);
        assertThat(balls.fit()).isEqualTo(fit);
        assertThat(balls.putIn()).isEqualTo(putIn);
        assertThat(balls.gapMm(fit)).isNotNegative();
        assertThat(balls.gapMm(fit + 1)).isNegative();
        assertThat(balls.gapMm()).isBetween(ball * 0.9, ball * 2.1);
    }
}
