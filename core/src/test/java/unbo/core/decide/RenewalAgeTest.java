package unbo.core.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RenewalAgeTest {

    @Test
    void worked() {
        RenewalAge a = RenewalAge.of(new RenewalAge.Input(2.2, 60_000, 180, 900));
        assertThat(a.bestAge()).isCloseTo(29_850, within(60.0));
        assertThat(a.rate()).isCloseTo(0.01142, within(0.00001));
        assertThat(a.runRate()).isCloseTo(0.01694, within(0.00001));
        assertThat(a.window().low()).isBetween(24_500.0, 25_000.0);
        assertThat(a.window().high()).isBetween(35_000.0, 36_500.0);
        assertThat(RenewalAge.costRate(a.input(), 25_000) / a.rate()).isCloseTo(1.0165, within(0.0002));
        assertThat(RenewalAge.costRate(a.input(), 35_000) / a.rate()).isCloseTo(1.0128, within(0.0002));
        assertThat(a.saves()).isCloseTo(0.326, within(0.001));
    }

    @Test
    void noBestAgeWhereAgeOrCostSaysNothing() {
        assertThat(RenewalAge.of(new RenewalAge.Input(1, 60_000, 180, 900)).bestAge())
                .isNull();
        assertThat(RenewalAge.of(new RenewalAge.Input(2.2, 60_000, 900, 900)).bestAge())
                .isNull();
        assertThat(RenewalAge.of(new RenewalAge.Input(1, 60_000, 180, 900)).runRate())
                .isCloseTo(0.015, within(1e-9));
    }

    /** A failure that costs hardly more leaves the window open above. */
    @Test
    void theWindowMayBeOpen() {
        assertThat(RenewalAge.of(new RenewalAge.Input(1.2, 60_000, 800, 900)).bestAge())
                .isNull();
        RenewalAge a = RenewalAge.of(new RenewalAge.Input(2, 60_000, 600, 900));
        assertThat(a.bestAge()).isNotNull();
        assertThat(a.window().high()).isNull();
        assertThat(a.rate()).isLessThanOrEqualTo(a.runRate());
    }
}
