package unbo.core.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class SealTest {

    private static SealState of(SealState.Lip lip, boolean springGone, Double track, Double seat) {
        return SealState.of(new SealState.Seal(7.0, seat, lip, springGone, track));
    }

    @Test
    void aLipThatClingsOnASmoothShaftRunsOn() {
        assertThat(of(SealState.Lip.CLINGS, false, 0.05, null).verdict()).isEqualTo(SealState.Verdict.RUN);
        assertThat(of(SealState.Lip.UNSEEN, false, null, null).verdict()).isEqualTo(SealState.Verdict.UNSEEN);
    }

    @Test
    void aLooseLipOrALostSpringIsRenewed() {
        assertThat(of(SealState.Lip.LOOSE, false, null, null).verdict()).isEqualTo(SealState.Verdict.RENEW);
        assertThat(of(SealState.Lip.CLINGS, true, 0.0, null).because()).containsExactly("spring");
    }

    /** Seat 10, seal 7, half a millimetre free: 2.5 mm of room for 1.5. Seat 8.5: 1.0, so 0.5 off its back of 7. */
    @Test
    void aTrackIsLeftByMovingTheSeal() {
        SealState roomy = of(SealState.Lip.CLINGS, false, 0.2, 10.0);
        assertThat(roomy.verdict()).isEqualTo(SealState.Verdict.MOVE);
        assertThat(roomy.thinMm()).isEqualTo(0);
        SealState thinned = of(SealState.Lip.CLINGS, false, 0.2, 8.5);
        assertThat(thinned.verdict()).isEqualTo(SealState.Verdict.MOVE);
        assertThat(thinned.thinMm()).isCloseTo(0.5, within(1e-12));
    }

    /**
     * A seat as deep as the seal: 1.5 mm off a back of 7 is over a fifth. A track of half a millimetre takes one too.
     */
    @Test
    void withoutRoomOrInADeepTrackASleeve() {
        assertThat(of(SealState.Lip.CLINGS, false, 0.2, 7.0).verdict()).isEqualTo(SealState.Verdict.SLEEVE);
        assertThat(of(SealState.Lip.CLINGS, false, 0.2, null).verdict()).isEqualTo(SealState.Verdict.SLEEVE);
        assertThat(of(SealState.Lip.CLINGS, false, 0.6, 12.0).verdict()).isEqualTo(SealState.Verdict.SLEEVE);
    }

    /** 25 mm: a contact lip 20 N·mm, a light one 5; in a closed hub the inner side may stay open. */
    @Test
    void sidesNeedNotBeAlike() {
        SealSides both = SealSides.of(SealSides.Side.CONTACT, SealSides.Side.CONTACT, 25, true);
        SealSides outer = SealSides.of(SealSides.Side.CONTACT, SealSides.Side.OPEN, 25, true);
        assertThat(both.dragNmm()).isCloseTo(40, within(1e-12));
        assertThat(outer.dragNmm()).isCloseTo(20, within(1e-12));
        assertThat(outer.protects()).isEqualTo(both.protects()).isEqualTo(SealSides.Protects.WASHING);
        assertThat(SealSides.of(SealSides.Side.CONTACT, SealSides.Side.OPEN, 25, false)
                        .protects())
                .isEqualTo(SealSides.Protects.NOTHING);
        assertThat(outer.powerW(300)).isCloseTo(0.628, within(1e-3));
    }
}
