package unbo.core.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RebuildBatchTest {

    private static RebuildBatch of(double usable, double newPrice) {
        return RebuildBatch.of(new RebuildBatch.Input(
                20,
                usable,
                5,
                new RebuildBatch.Work(30, 10, 40, 60),
                new RebuildBatch.Against(newPrice, 60_000, 45_000)));
    }

    /** Core 5 + 10 = 15, over 0.75 is 20; parts 30, building 40: 90 each. 2 per 1000 against 150/60 = 2.5. */
    @Test
    void worked() {
        RebuildBatch b = of(0.75, 150);
        assertThat(b.good()).isEqualTo(15);
        assertThat(b.each()).isCloseTo(90, within(1e-9));
        assertThat(b.per1000().rebuilt()).isCloseTo(2, within(1e-9));
        assertThat(b.per1000().fresh()).isCloseTo(2.5, within(1e-9));
        assertThat(b.pays()).isTrue();
    }

    /** May cost 112.5: 15/(112.5 − 70) = 0.353; at that share both cost 2.5. */
    @Test
    void evenWhereBothCostTheSame() {
        double share = of(0.75, 150).evenAt();
        assertThat(share).isCloseTo(0.3529, within(0.0001));
        assertThat(of(share, 150).per1000().rebuilt()).isCloseTo(2.5, within(1e-9));
        assertThat(of(0.75, 80).evenAt()).isNull();
        assertThat(of(0.75, 80).pays()).isFalse();
    }
}
