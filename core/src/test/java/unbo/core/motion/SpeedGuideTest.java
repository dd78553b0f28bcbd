package unbo.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static unbo.core.motion.SpeedGuide.Lubricant.GREASE;
import static unbo.core.motion.SpeedGuide.Lubricant.OIL;

import org.junit.jupiter.api.Test;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Build;

class SpeedGuideTest {

    private static final Build CAGED = new Build(BearingKind.DEEP_GROOVE_BALL, false, false, false);

    private static SpeedGuide at(double ball, SpeedGuide.Lubricant in) {
        return SpeedGuide.of(CAGED, 7000, 38.5, BearingGeometry.of(9, ball, 38.5, 0), in);
    }

    @Test
    void halfTheBallSpinsTwiceAsFastAndTheSpinDecides() {
        SpeedGuide full = at(7.97, GREASE);
        SpeedGuide half = at(4.0, GREASE);
        assertThat(half.elementRpm() / full.elementRpm()).isCloseTo(2, within(0.1));
        assertThat(full.verdict()).isEqualTo(SpeedGuide.Verdict.FINE);
        assertThat(half.verdict()).isEqualTo(SpeedGuide.Verdict.WRONG);
        assertThat(half.spinDecides()).isTrue();
        assertThat(half.nDm()).isEqualTo(full.nDm());
    }

    @Test
    void oilStandsHalfAsMuchSpinAgain() {
        assertThat(at(4.0, OIL).verdict()).isEqualTo(SpeedGuide.Verdict.WATCH);
    }

    @Test
    void sealsAndFullComplementsLowerTheLimitAndHybridsRaiseIt() {
        assertThat(SpeedGuide.of(new Build(BearingKind.DEEP_GROOVE_BALL, true, false, false), 100, 40, null, GREASE)
                        .nDmLimit())
                .isEqualTo(300_000);
        assertThat(SpeedGuide.of(new Build(BearingKind.DEEP_GROOVE_BALL, false, true, false), 100, 40, null, GREASE)
                        .nDmLimit())
                .isEqualTo(150_000);
        assertThat(SpeedGuide.of(new Build(BearingKind.DEEP_GROOVE_BALL, false, false, true), 100, 40, null, OIL)
                        .nDmLimit())
                .isCloseTo(500_000 * 1.69, within(1.0));
        assertThat(SpeedGuide.of(new Build(BearingKind.THRUST_BALL, false, false, false), 100, 40, null, GREASE)
                        .nDmLimit())
                .isEqualTo(150_000);
        assertThat(SpeedGuide.of(
                                new Build(BearingKind.THRUST_NEEDLE_ROLLER, false, false, false), 100, 40, null, GREASE)
                        .nDmLimit())
                .isEqualTo(80_000);
    }

    @Test
    void sevenTenthsOfTheLimitIsHot() {
        assertThat(SpeedGuide.of(CAGED, 9000, 40, null, GREASE).verdict()).isEqualTo(SpeedGuide.Verdict.WATCH);
        assertThat(SpeedGuide.of(CAGED, 13000, 40, null, GREASE).verdict()).isEqualTo(SpeedGuide.Verdict.WRONG);
    }
}
