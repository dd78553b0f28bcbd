package unbo.speed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;

import org.junit.jupiter.api.Test;

class TimesTest {

    @Test
    void theMedianAndTheNinetyNinthOfAHundredAreReadOffInMilliseconds() {
        Times times = new Times(
                LongStream.rangeClosed(1, 100).map(ms -> (101 - ms) * 1_000_000).toArray());
        assertThat(times.median()).isEqualTo(50);
        assertThat(times.within(0.99)).isEqualTo(99);
        assertThat(times.within(1)).isEqualTo(100);
        assertThat(times.count()).isEqualTo(100);
    }

    @Test
    void oneTimeIsItsOwnMedian() {
        assertThat(new Times(new long[] {7_000_000}).within(0.99)).isEqualTo(7);
    }
}
