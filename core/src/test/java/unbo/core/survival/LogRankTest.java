package unbo.core.survival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

class LogRankTest {

    /**
     * By hand: failures at 4, 6 (first) and 8, 10 (second), one of each sound at 12. At 4: 3 of 6, e 0.5, v 0.25. At 6:
     * 2 of 5, e 0.4, v 0.24. At 8: 1 of 4, e 0.25, v 0.1875. At 10: 1 of 3, e 1/3, v 2/9. E = 1.4833, V = 0.8997:
     * chi-square 0.2967.
     */
    @Test
    void workedByHand() {
        LogRank l = LogRank.of(SurvivalTest.runs("4f", "6f", "12c"), SurvivalTest.runs("8f", "10f", "12c"));
        assertThat(l.first().expected()).isCloseTo(1.48333, within(1e-5));
        assertThat(l.second().expected()).isCloseTo(2.51667, within(1e-5));
        assertThat(l.chiSquare()).isCloseTo(0.29669, within(1e-4));
        assertThat(l.chance()).isCloseTo(0.586, within(0.001));
        assertThat(l.ratio()).isCloseTo(2 / 1.48333 / (2 / 2.51667), within(1e-4));
        assertThat(l.differ()).isFalse();
    }

    @Test
    void howManyFailuresTellARatio() {
        assertThat(LogRank.failuresWanted(0.5, 2)).isEqualTo(52);
        assertThat(LogRank.failuresWanted(0.5, 0.5)).isEqualTo(52);
        assertThat(LogRank.failuresWanted(0.25, 2)).isEqualTo(69);
        assertThat(LogRank.ratioSeen(0.5, 52)).isCloseTo(1.99, within(0.01));
    }

    @Test
    void groupsThatAreAlikeAreSeldomCalledDifferent() {
        SplittableRandom random = new SplittableRandom(20);
        int alarms = 0;
        int groups = 1000;
        for (int i = 0; i < groups; i++) {
            alarms += LogRank.of(drawn(random, 1), drawn(random, 1)).differ() ? 1 : 0;
        }
        System.out.println("log-rank: " + alarms + " false alarms of " + groups + " equal groups at the 10 % level");
        assertThat(alarms).isBetween(50, 150);
    }

    @Test
    void aRatioOfThreeIsMostlySeen() {
        SplittableRandom random = new SplittableRandom(21);
        int seen = 0;
        for (int i = 0; i < 200; i++) {
            seen += LogRank.of(drawn(random, 1), drawn(random, 1 / Math.sqrt(3)))
                            .differ()
                    ? 1
                    : 0;
        }
        assertThat(seen).isGreaterThan(150);
    }

    /** Thirty lives of slope 2, censored here and there. */
    private static List<Observed> drawn(SplittableRandom random, double eta) {
        List<Observed> runs = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            double life = eta * Math.sqrt(-Math.log(1 - random.nextDouble()));
            double sound = 0.3 + 1.5 * random.nextDouble();
            runs.add(Observed.of(Math.min(life, sound), life <= sound));
        }
        return runs;
    }
}
