package unbo.core.survival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

class WeibullTest {

    private static final double NINETY = 0.90;

    @Test
    void fourFailuresFree() {
        Weibull w = Weibull.free(SurvivalTest.eight(), NINETY);
        assertThat(w.beta()).isCloseTo(2.152, within(0.0006));
        assertThat(w.betaLimits().low()).isCloseTo(0.935, within(0.0006));
        assertThat(w.betaLimits().high()).isCloseTo(3.972, within(0.0006));
        assertThat(w.eta()).isCloseTo(39.60, within(0.006));
        assertThat(w.b10()).isCloseTo(13.92, within(0.006));
    }

    @Test
    void fiveFailuresTellTheSlope() {
        List<Observed> runs = new ArrayList<>(SurvivalTest.eight());
        runs.add(Observed.of(22, true));
        Weibull w = Weibull.of(runs, Weibull.WEAR_OUT, NINETY);
        assertThat(w.held()).isFalse();
        assertThat(w.beta()).isCloseTo(2.299, within(0.0006));
        assertThat(w.betaLimits().low()).isCloseTo(1.119, within(0.0006));
        assertThat(w.betaLimits().high()).isCloseTo(3.960, within(0.0006));
        assertThat(w.eta()).isCloseTo(36.48, within(0.006));
        assertThat(w.b10()).isCloseTo(13.71, within(0.006));
        assertThat(w.etaLimits().low()).isLessThan(36.48);
        assertThat(w.etaLimits().high()).isGreaterThan(36.48);
        assertThat(w.wanted()).isZero();
    }

    @Test
    void underFiveTheSlopeIsHeld() {
        Weibull w = Weibull.of(SurvivalTest.eight(), Weibull.WEAR_OUT, NINETY);
        assertThat(w.held()).isTrue();
        assertThat(w.beta()).isEqualTo(1.5);
        assertThat(w.betaLimits()).isNull();
        assertThat(w.eta()).isCloseTo(43.87, within(0.006));
        assertThat(w.b10()).isCloseTo(9.79, within(0.006));
        assertThat(w.etaLow()).isCloseTo(27.65, within(0.006));
        assertThat(w.wanted()).isEqualTo(1);
    }

    @Test
    void noneFailedLeavesALowerLimit() {
        Weibull w = Weibull.of(SurvivalTest.runs("20c", "25c", "30c", "18c", "22c"), Weibull.WEAR_OUT, NINETY);
        assertThat(w.eta()).isNull();
        assertThat(w.b10()).isNull();
        assertThat(w.etaLow()).isCloseTo(38.9, within(0.05));
    }

    @Test
    void oneFailureTellsNoSlope() {
        assertThatThrownBy(() -> Weibull.free(SurvivalTest.runs("20f", "25c"), NINETY))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Held at 1.5, η 43.87: from 10 on 5 more, (15/43.87)^1.5 − (10/43.87)^1.5 = 0.1999 − 0.1088. */
    @Test
    void whatIsToBeLookedForFurtherOn() {
        Weibull w = Weibull.of(SurvivalTest.eight(), Weibull.WEAR_OUT, NINETY);
        assertThat(w.lookedFor(10, 5)).isCloseTo(0.0911, within(0.0001));
        assertThat(Math.exp(-w.lookedFor(0, 20))).isCloseTo(w.survives(20), within(1e-12));
    }

    /** The unit of the counter scales the life and leaves the slope. */
    @Test
    void unitsScaleTheLifeOnly() {
        List<Observed> miles = SurvivalTest.eight().stream()
                .map(r -> Observed.of(r.end() * 621.371, r.failed()))
                .toList();
        Weibull km = Weibull.free(SurvivalTest.eight(), NINETY);
        Weibull mi = Weibull.free(miles, NINETY);
        assertThat(mi.beta()).isCloseTo(km.beta(), within(1e-6));
        assertThat(mi.eta() / km.eta()).isCloseTo(621.371, within(1e-3));
        assertThat(mi.etaLow() / km.etaLow()).isCloseTo(621.371, within(1e-3));
    }

    /** Runs that are seen only from a late entry on tell the same life as the whole, in the mean. */
    @Test
    void lateEntryLeavesTheLifeUnmoved() {
        SplittableRandom random = new SplittableRandom(4);
        List<Observed> late = new ArrayList<>();
        while (late.size() < 4000) {
            double life = 50 * Math.pow(-Math.log(1 - random.nextDouble()), 1 / 2.0);
            double entry = random.nextDouble() * 40;
            if (life > entry) {
                late.add(new Observed(entry, Math.min(life, 80), life <= 80));
            }
        }
        Weibull w = Weibull.free(late, NINETY);
        assertThat(w.beta()).isCloseTo(2.0, within(0.1));
        assertThat(w.eta()).isCloseTo(50, within(1.5));
    }
}
