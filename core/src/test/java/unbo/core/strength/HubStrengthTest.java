package unbo.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class HubStrengthTest {

    /** d 40, D 50, r 2: h/r 2.5, x 0.2: 2.5275 − 0.2·2.9325 + 0.04·1.8986 − 0.008·0.485 = 2.013. */
    @Test
    void aShoulderByHand() {
        assertThat(new ShoulderFillet(40, 50, 2).factor()).isCloseTo(2.013, within(0.001));
    }

    /** Both ranges come to one where the thicker part grows without end, and meet at two. */
    @Test
    void theRangesMeet() {
        double below = new ShoulderFillet(40, 50, 2.5 + 1e-9).factor();
        double above = new ShoulderFillet(40, 50, 2.5 - 1e-9).factor();
        assertThat(above).isCloseTo(below, within(0.03));
        assertThat(new ShoulderFillet(40, 40, 2).factor()).isCloseTo(1, within(1e-9));
        assertThat(new ShoulderFillet(40, 60, 0.4).known()).isFalse();
    }

    @Property(tries = 200)
    void aRounderFilletIsNeverWorse(
            @ForAll @DoubleRange(min = 0.5, max = 6) double fillet,
            @ForAll @DoubleRange(min = 1.02, max = 1.6) double step) {
        double sharp = new ShoulderFillet(40, 40 * step, fillet).factor();
        double round = new ShoulderFillet(40, 40 * step, fillet * 1.3).factor();
        assertThat(round).isLessThanOrEqualTo(sharp + 0.03);
        assertThat(round).isGreaterThanOrEqualTo(1);
    }

    /** 4000 N, 0.9 of it sideways, 300 mm, 50 mm inboard: |200 − 1080| = 880 N·m; straight on 200 N·m. */
    @Test
    void aBendBendsTheHubTheOtherWay() {
        assertThat(new WheelLoad(4000, 3600, 0, 300).bendingNm(50)).isCloseTo(880, within(1e-9));
        assertThat(new WheelLoad(4000, 0, 0, 300).bendingNm(50)).isCloseTo(200, within(1e-9));
    }

    /** Top leaning in by 3°: across 3806.1 N, along 3804.4 N: |190.3 − 1141.3| = 951.0 N·m. */
    @Test
    void camberPutsWeightAlongTheAxle() {
        WheelLoad load = new WheelLoad(4000, 3600, 3, 300);
        assertThat(load.acrossN()).isCloseTo(3806.1, within(0.1));
        assertThat(load.alongN()).isCloseTo(3804.4, within(0.1));
        assertThat(load.bendingNm(50)).isCloseTo(951.0, within(0.1));
    }

    /** 32·880 000·40/(π·40⁴) = 140.1 N/mm², in the fillet 281.9; a bore of 20 mm takes a sixteenth of its modulus. */
    @Test
    void stressOfASpindle() {
        HubPart solid = new HubPart("a", 40, 0, 50, 2, 50, null);
        assertThat(solid.nominalMPa(880)).isCloseTo(140.06, within(0.01));
        assertThat(solid.localMPa(880)).isCloseTo(281.9, within(0.2));
        assertThat(new HubPart("b", 40, 20, 50, 2, 50, null).nominalMPa(880)).isCloseTo(140.06 * 16 / 15, within(0.02));
    }

    /** β 1.489 at a half: 1.489·880 000/(50·12²) = 182.0 N/mm². */
    @Test
    void stressOfAFlange() {
        assertThat(TiltedPlate.stressMPa(880, 50, 100, 12)).isCloseTo(181.99, within(0.01));
        assertThat(TiltedPlate.beta(0.45)).isBetween(1.489, 2.062);
        assertThatThrownBy(() -> TiltedPlate.stressMPa(880, 90, 100, 12)).isInstanceOf(IllegalArgumentException.class);
    }
}
