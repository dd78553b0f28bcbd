package unbo.core.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BoltedUnitTest {

    @Test
    void boltsAreDrawnHomeAcross() {
        assertThat(BoltedUnit.order(3)).containsExactly(1, 2, 3);
        assertThat(BoltedUnit.order(4)).containsExactly(1, 3, 2, 4);
        assertThat(BoltedUnit.order(5)).startsWith(1, 3);
        assertThat(BoltedUnit.order(6)).startsWith(1, 4);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 8, 10, 12})
    void eachBoltOnceAndNeverItsNeighbourNextWhereThatCanBe(int bolts) {
        List<Integer> order = BoltedUnit.order(bolts);
        assertThat(order).doesNotHaveDuplicates().hasSize(bolts);
        if (bolts > 4) {
            for (int i = 1; i < bolts - 1; i++) {
                int off = Math.abs(order.get(i) - order.get(i - 1));
                assertThat(Math.min(off, bolts - off)).isGreaterThan(1);
            }
        }
    }

    /** 0.02 mm at 60 mm is 0.1 mm at a rim of 300 mm. */
    @Test
    void runoutGrowsWithTheRadius() {
        assertThat(BoltedUnit.runoutAtMm(0.02, 60, 300)).isCloseTo(0.1, within(1e-12));
    }

    /** 36 km/h on 0.3183 m is five turns a second: 48 pairs give 240 Hz. */
    @Test
    void pulsesOfTheRing() {
        assertThat(BoltedUnit.pulsesHz(36, 1 / Math.PI, 48)).isCloseTo(240, within(1e-9));
    }
}
