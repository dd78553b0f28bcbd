package unbo.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

import unbo.core.runout.RimRock;

class PlayTiltTest {

    /** e 0.10 mm, α 14°, a 60 mm: g = 0.024933 mm, θ = 8.311e-4 = 0.04762°; 0.2493 mm at 300, 0.1164 mm at 140 mm. */
    @Test
    void aTenthOfEndPlayOnAShortPair() {
        PlayTilt tilt = PlayTilt.ofEndPlay(0.10, 14, 60);
        assertThat(tilt.looseMm()).isCloseTo(0.024933, within(1e-6));
        assertThat(tilt.tiltDeg()).isCloseTo(0.04762, within(1e-5));
        assertThat(tilt.alongMm(300)).isCloseTo(0.24933, within(1e-5));
        assertThat(tilt.alongMm(140)).isCloseTo(0.11635, within(1e-5));
    }

    /** 0.015 mm of clearance in each of two balls 48 mm apart: 0.0358°, 0.1875 mm at a bicycle rim of 300 mm. */
    @Test
    void clearanceOfTwoBallBearings() {
        PlayTilt tilt = PlayTilt.ofLooseness(0.015, 48);
        assertThat(tilt.tiltDeg()).isCloseTo(0.03581, within(1e-5));
        assertThat(tilt.alongMm(300)).isCloseTo(0.1875, within(1e-9));
    }

    /** The same geometry that reads end play from rock at the rim, the other way round. */
    @Property(tries = 200)
    void theRimRocksByWhatTheRockIsReadFrom(
            @ForAll @DoubleRange(min = 0, max = 0.5) double play,
            @ForAll @DoubleRange(min = 5, max = 45) double angle,
            @ForAll @DoubleRange(min = 10, max = 400) double spread) {
        PlayTilt tilt = PlayTilt.ofEndPlay(play, angle, spread);
        assertThat(RimRock.of(new RimRock.Input(tilt.alongMm(300), 300, spread, angle))
                        .endPlayMm())
                .isCloseTo(play, within(1e-9));
        assertThat(PlayTilt.endPlayMm(tilt.tiltDeg(), angle, spread)).isCloseTo(play, within(1e-9));
    }

    @Test
    void lessThanNoPlayIsNone() {
        assertThat(PlayTilt.ofLooseness(0, 60).alongMm(300)).isZero();
        assertThatThrownBy(() -> PlayTilt.ofLooseness(-0.01, 60)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> PlayTilt.ofLooseness(0.01, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
