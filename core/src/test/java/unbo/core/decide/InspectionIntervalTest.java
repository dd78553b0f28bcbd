package unbo.core.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

class InspectionIntervalTest {

    @Test
    void worked() {
        assertThat(InspectionInterval.every(1000, 1000, 1).share()).isCloseTo(0.368, within(0.0005));
        assertThat(InspectionInterval.every(250, 1000, 1).share()).isCloseTo(0.115, within(0.0005));
        assertThat(InspectionInterval.missing(0.05, 1000, 1).interval()).isCloseTo(103.5, within(0.1));
    }

    @Test
    void thereAndBack() {
        for (double share : new double[] {0.02, 0.2, 0.5, 0.9}) {
            double interval = InspectionInterval.missing(share, 800, 0.7).interval();
            assertThat(InspectionInterval.every(interval, 800, 0.7).share()).isCloseTo(share, within(1e-6));
        }
    }

    /** Warnings drawn and looked for: as many slip through as the closed form says. */
    @Test
    void agreesWithTheDraw() {
        SplittableRandom random = new SplittableRandom(7);
        double missed = 0;
        int draws = 200_000;
        for (int i = 0; i < draws; i++) {
            double warning = -1000 * Math.log(1 - random.nextDouble());
            boolean seen = false;
            for (double at = random.nextDouble() * 600; at < warning && !seen; at += 600) {
                seen = random.nextDouble() < 0.6;
            }
            missed += seen ? 0 : 1;
        }
        assertThat(InspectionInterval.every(600, 1000, 0.6).share()).isCloseTo(missed / draws, within(0.005));
    }

    @Test
    void moreOftenNeverMissesMore() {
        double before = 0;
        for (double interval = 10; interval < 5000; interval += 70) {
            double share = InspectionInterval.every(interval, 700, 0.8).share();
            assertThat(share).isGreaterThan(before);
            before = share;
        }
    }

    @Test
    void nothingIsSeenByALookThatSeesNothing() {
        assertThatThrownBy(() -> InspectionInterval.missing(0.05, 1000, 1e-12))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
