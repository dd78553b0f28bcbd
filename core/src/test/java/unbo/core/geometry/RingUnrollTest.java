package unbo.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class RingUnrollTest {

    private static final RingUnroll RING = RingUnroll.of(
            new RingUnroll.Spot(100, 80), new RingUnroll.Spot(160, 80), new RingUnroll.Spot(100, 130), false);

    /** Centre 100, 80; edges 60 and 50: at the top 100, 20; a quarter round at the middle 155, 80. */
    @Test
    void aPlaceOfTheRaceByHand() {
        assertThat(RING.at(0, 0)).isEqualTo(new RingUnroll.Spot(100, 20));
        assertThat(RING.at(90, 0.5).x()).isCloseTo(155, within(1e-9));
        assertThat(RING.at(90, 0.5).y()).isCloseTo(80, within(1e-9));
        assertThat(new RingUnroll(100, 80, 60, 50, true).at(90, 0.5).x()).isCloseTo(45, within(1e-9));
    }

    /** The larger edge 60 mm across: half a millimetre a unit; the race 5 mm wide, 27.5·π/180 mm a degree. */
    @Test
    void itsScale() {
        assertThat(RING.widthMm(60)).isCloseTo(5, within(1e-9));
        assertThat(RING.mmPerDegree(60)).isCloseTo(0.47997, within(1e-5));
    }

    @Test
    void twoEdgesAreWanted() {
        assertThat(RING.sound()).isTrue();
        assertThat(new RingUnroll(0, 0, 50, 50.1, false).sound()).isFalse();
        assertThat(new RingUnroll(0, 0, 0, 50, false).sound()).isFalse();
    }

    @Property(tries = 50)
    void everyPlaceLiesBetweenTheEdges(
            @ForAll @DoubleRange(min = 0, max = 360) double angle,
            @ForAll @DoubleRange(min = 0, max = 1) double across) {
        RingUnroll.Spot spot = RING.at(angle, across);
        assertThat(Math.hypot(spot.x() - 100, spot.y() - 80)).isBetween(50 - 1e-9, 60 + 1e-9);
    }
}
