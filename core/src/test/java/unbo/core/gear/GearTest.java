package unbo.core.gear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.stack.StackInput;

class GearTest {

    /** 40 + 0.42 + 89.20 = 129.62; 105 + 0.05 wanted; 23.25 of bearing: 129.62 − 105.05 − 23.25 = 1.32. */
    @Test
    void aPinionsShimIsWhatIsLeft() {
        PinionDepth depth = PinionDepth.of(new PinionDepth.Input(
                105,
                0.05,
                new PinionDepth.Gauge(40, 0.42, 89.20),
                23.25,
                1.20,
                List.of(new StackInput.Shim(1.0, 1), new StackInput.Shim(0.30, 2), new StackInput.Shim(0.33, 1))));
        assertThat(depth.shimMm()).isCloseTo(1.32, within(1e-9));
        assertThat(depth.changeMm()).isCloseTo(0.12, within(1e-9));
        assertThat(depth.shims()).containsExactlyInAnyOrder(1.0, 0.33);
    }

    @Test
    void aPinionFartherOutWantsLessShimAndOneThatStandsTooFarHasNone() {
        PinionDepth.Gauge gauge = new PinionDepth.Gauge(129.62, 0, 0);
        double less = PinionDepth.of(new PinionDepth.Input(105, 0.10, gauge, 23.25, null, List.of()))
                .shimMm();
        assertThat(less).isCloseTo(1.27, within(1e-9));
        PinionDepth none =
                PinionDepth.of(new PinionDepth.Input(107, 0, gauge, 23.25, null, List.of(new StackInput.Shim(1, 9))));
        assertThat(none.shimMm()).isNegative();
        assertThat(none.shims()).isNull();
        assertThat(none.changeMm()).isNull();
    }

    /**
     * Straight teeth of 20° on a flat gear: a millimetre takes 2·tan 20° = 0.728 out. 0.20 in the mean against 0.125
     * wanted: 0.075/0.728 = 0.103 toward the pinion.
     */
    @Test
    void backlashIsMovedByTheGearAlongItsAxis() {
        Backlash lash = Backlash.of(new Backlash.Input(
                List.of(0.19, 0.20, 0.21, 0.20), 100, 100, 0.10, 0.15, new Backlash.Teeth(20, 0, 90)));
        assertThat(lash.perMm()).isCloseTo(0.7279, within(1e-4));
        assertThat(lash.moveMm()).isCloseTo(0.1030, within(1e-4));
        assertThat(lash.spreadMm()).isCloseTo(0.02, within(1e-9));
        assertThat(lash.inBand()).isFalse();
        assertThat(lash.tooUneven()).isFalse();
    }

    /** Read at 120 mm, meant at 90: three quarters. A spiral of 35° takes more out of it for the same move. */
    @Test
    void aReadingIsBroughtToThePitchLine() {
        Backlash lash = Backlash.of(
                new Backlash.Input(List.of(0.16, 0.16, 0.28), 120, 90, 0.10, 0.15, new Backlash.Teeth(20, 35, 75)));
        assertThat(lash.meanMm()).isCloseTo(0.15, within(1e-9));
        assertThat(lash.mostMm()).isCloseTo(0.21, within(1e-9));
        assertThat(lash.perMm()).isCloseTo(0.8584, within(1e-4));
        assertThat(lash.tooUneven()).isTrue();
    }

    /** Twelve patterns: which shim is first, and which way. */
    @ParameterizedTest
    @CsvSource({
        "0.45, 0.50, 0.45, 0.50, NOTHING, 0",
        "0.50, 0.55, 0.42, 0.50, NOTHING, 0",
        "0.75, 0.80, 0.20, 0.78, PINION, 1",
        "0.60, 0.72, 0.35, 0.70, PINION, 1",
        "0.20, 0.20, 0.75, 0.22, PINION, -1",
        "0.30, 0.32, 0.62, 0.30, PINION, -1",
        "0.80, 0.55, 0.78, 0.52, GEAR, 1",
        "0.70, 0.60, 0.66, 0.60, GEAR, 1",
        "0.15, 0.45, 0.18, 0.48, GEAR, -1",
        "0.25, 0.40, 0.28, 0.42, GEAR, -1",
        "0.45, 0.90, 0.45, 0.30, NO_SETTING, 0",
        "0.70, 0.15, 0.30, 0.80, NO_SETTING, 0"
    })
    void aPatternIsRead(double dl, double dh, double cl, double ch, ToothContact.First first, int way) {
        ToothContact contact = ToothContact.of(new ToothContact.Input(
                List.of(new ToothContact.Round(1.0, new ToothContact.Side(dl, dh), new ToothContact.Side(cl, ch)))));
        assertThat(contact.first()).isEqualTo(first);
        assertThat(Math.signum(contact.depthMm() + contact.gearMm())).isEqualTo(way);
    }

    /** 0.10 mm more moved it from 0.30 to 0.10: 2 a millimetre, so another 0.05 is left. */
    @Test
    void twoRoundsTellHowMuchAShimMovesIt() {
        ToothContact contact = ToothContact.of(new ToothContact.Input(List.of(
                new ToothContact.Round(1.00, new ToothContact.Side(0.75, 0.80), new ToothContact.Side(0.15, 0.80)),
                new ToothContact.Round(1.10, new ToothContact.Side(0.55, 0.60), new ToothContact.Side(0.35, 0.60)))));
        assertThat(contact.learned()).isTrue();
        assertThat(contact.outward()).isCloseTo(0.10, within(1e-9));
        assertThat(contact.depthMm()).isCloseTo(0.05, within(1e-9));
    }

    @Test
    void noStepIsLargerThanAHandWouldTake() {
        ToothContact contact = ToothContact.of(new ToothContact.Input(
                List.of(new ToothContact.Round(1.00, new ToothContact.Side(1, 1), new ToothContact.Side(0, 1)))));
        assertThat(contact.depthMm()).isEqualTo(0.15);
        assertThat(contact.learned()).isFalse();
    }
}
