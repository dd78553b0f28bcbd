package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RanWithTest {

    private static final RanWith.Loaded TAPER = new RanWith.Loaded(true, 18, 11, 14, 2000);
    private static final RanWith.Loaded BALLS = new RanWith.Loaded(false, 9, 8, 15, 1500);

    /** Tabled values of the load integral at half the ring: 0.2288 for points, 0.2453 for lines; all round 0.25. */
    @Test
    void theLoadIntegralIsTheTabledOne() {
        assertThat(RanWith.integral(Math.PI / 2, 0.5, 1.5)).isCloseTo(0.2288, within(0.0005));
        assertThat(RanWith.integral(Math.PI / 2, 0.5, 1 / 0.9)).isCloseTo(0.2453, within(0.0010));
        assertThat(RanWith.integral(Math.acos(0.6), 0.2, 1.5)).isCloseTo(0.1590, within(0.0005));
    }

    @Test
    void halfTheRingIsNoClearance() {
        assertThat(RanWith.of(TAPER, 180).clearanceMm()).isCloseTo(0, within(1e-12));
        assertThat(RanWith.of(BALLS, 180).axialMm()).isCloseTo(0, within(1e-12));
    }

    /**
     * Balls, 120° of arc: ε = 0.25, Jr(0.25) = 0.1762; Q = 1500/(9·cos 15°·0.1762) = 979 N; δ = 4.36e-4·979^(2/3)/2 =
     * 0.02149 mm; δr = 0.02149/0.5/cos 15° = 0.0445; Pd = 2·0.0445·cos 60° = 0.0445 mm; along the axis 0.0830.
     */
    @Test
    void aThirdOfTheRingByHand() {
        RanWith ran = RanWith.of(BALLS, 120);
        assertThat(ran.clearanceMm()).isCloseTo(0.0445, within(0.0004));
        assertThat(ran.axialMm()).isCloseTo(0.0830, within(0.0008));
        assertThat(ran.allRound()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(doubles = {60, 120, 160, 200, 260, 340})
    void aLongerArcIsALessClearanceAndMoreLoadWantsMoreOfIt(double arc) {
        assertThat(RanWith.of(TAPER, arc + 10).clearanceMm())
                .isLessThan(RanWith.of(TAPER, arc).clearanceMm());
        RanWith.Loaded heavier = new RanWith.Loaded(true, 18, 11, 14, 4000);
        assertThat(Math.abs(RanWith.of(heavier, arc).clearanceMm()))
                .isGreaterThan(Math.abs(RanWith.of(TAPER, arc).clearanceMm()));
        assertThat(Math.signum(RanWith.of(TAPER, arc).clearanceMm())).isEqualTo(arc < 180 ? 1 : -1);
    }

    @Test
    void allRoundIsPressedByThatMuchAtLeast() {
        RanWith all = RanWith.of(TAPER, 360);
        assertThat(all.allRound()).isTrue();
        assertThat(all.clearanceMm()).isNegative();
    }
}
