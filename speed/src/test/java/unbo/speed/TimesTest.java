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

    /** Of 1 to 100 ms the ranks 40 and 60 bound the median with 95 %: 41 to 61 ms, half of it over 50 is a fifth. */
    @Test
    void howFarAMedianMayBeOffIsReadOffTheRanks() {
        Times times = new Times(
                LongStream.rangeClosed(1, 100).map(ms -> ms * 1_000_000).toArray());
        assertThat(times.medianOff()).isCloseTo(0.2, org.assertj.core.data.Offset.offset(0.011));
        assertThat(new Times(new long[] {5, 5, 5, 5}).medianOff()).isZero();
    }
}
