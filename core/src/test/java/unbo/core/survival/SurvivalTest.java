package unbo.core.survival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class SurvivalTest {

    private static final Offset<Double> FOURTH = within(0.00006);

    /** Runs as they are written: a distance and f for failed, c for sound. */
    static List<Observed> runs(String... written) {
        return Stream.of(written)
                .map(run -> Observed.of(Double.parseDouble(run.substring(0, run.length() - 1)), run.endsWith("f")))
                .toList();
    }

    static List<Observed> eight() {
        return runs("12f", "18f", "18c", "25f", "30c", "31f", "40c", "40c");
    }

    @Test
    void productLimitWithGreenwoodAndBand() {
        Survival s = Survival.of(eight(), 0.90);
        assertThat(s.steps()).extracting(Survival.Step::at).containsExactly(12.0, 18.0, 25.0, 31.0);
        assertThat(s.steps()).extracting(Survival.Step::atRisk).containsExactly(8, 7, 5, 3);
        near(s.steps().stream().mapToDouble(Survival.Step::share), FOURTH, 0.8750, 0.7500, 0.6000, 0.4000);
        near(s.steps().stream().mapToDouble(Survival.Step::error), FOURTH, 0.1169, 0.1531, 0.1817, 0.2033);
        near(s.steps().stream().mapToDouble(Survival.Step::low), within(0.0006), 0.500, 0.397, 0.258, 0.102);
        near(s.steps().stream().mapToDouble(Survival.Step::high), within(0.0006), 0.975, 0.914, 0.825, 0.692);
        assertThat(s.median()).isEqualTo(31);
        assertThat(s.at(11)).isEqualTo(1);
        assertThat(s.at(20)).isCloseTo(0.75, FOURTH);
    }

    private static void near(DoubleStream found, Offset<Double> offset, double... wanted) {
        double[] values = found.toArray();
        assertThat(values).hasSameSizeAs(wanted);
        for (int i = 0; i < wanted.length; i++) {
            assertThat(values[i]).isCloseTo(wanted[i], offset);
        }
    }

    @Test
    void theLastOneFailingLeavesNoneAndNoError() {
        Survival.Step last = Survival.of(runs("5f", "9f"), 0.90).steps().get(1);
        assertThat(last.share()).isZero();
        assertThat(last.error()).isNull();
        assertThat(last.low()).isZero();
        assertThat(last.high()).isBetween(0.5, 1.0);
    }

    /** One first seen at 15 is not at risk at 12: three run there, and four of five at 20. */
    @Test
    void lateEntryCountsFromWhereItWasSeen() {
        List<Observed> runs = new ArrayList<>(runs("12f", "20f", "30c"));
        runs.add(new Observed(15, 40, false));
        Survival s = Survival.of(runs, 0.90);
        assertThat(s.steps()).extracting(Survival.Step::atRisk).containsExactly(3, 3);
        assertThat(s.at(20)).isCloseTo(2.0 / 3 * 2 / 3, FOURTH);
    }

    @Test
    void nothingFailedHasNoStep() {
        assertThat(Survival.of(runs("12c", "20c"), 0.90).steps()).isEmpty();
        assertThat(Survival.of(List.of(), 0.90).at(10)).isEqualTo(1);
    }
}
