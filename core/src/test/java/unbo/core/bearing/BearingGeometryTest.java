package unbo.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class BearingGeometryTest {

    private final BearingGeometry bearing = BearingGeometry.of(9, 7.94, 39.0, 0);

    @Test
    void linesOfABearingWithNineBalls() {
        double turnsASecond = 600 / 60.0;
        assertThat(bearing.gamma()).isCloseTo(0.2036, within(5e-5));
        assertThat(bearing.cageOrder(Turning.INNER) * turnsASecond).isCloseTo(3.982, within(5e-4));
        assertThat(bearing.outerOrder() * turnsASecond).isCloseTo(35.84, within(5e-3));
        assertThat(bearing.innerOrder() * turnsASecond).isCloseTo(54.16, within(5e-3));
        assertThat(bearing.elementOrder() * turnsASecond).isCloseTo(23.54, within(5e-3));
        assertThat(bearing.cageOrder(Turning.OUTER) * turnsASecond).isCloseTo(6.018, within(5e-4));
        assertThat(bearing.outerOrder() + bearing.innerOrder()).isCloseTo(9, within(1e-12));
    }

    @Test
    void estimatedFromItsBoundary() {
        BearingGeometry estimated = BearingGeometry.estimated(25, 52);
        assertThat(estimated.elementMm()).isCloseTo(7.97, within(0.01));
        assertThat(estimated.pitchMm()).isEqualTo(38.5);
        assertThat(estimated.elements()).isEqualTo(9);
        assertThat(estimated.estimated()).isTrue();
    }

    @Test
    void whatCannotBeABearingIsRefused() {
        assertThatThrownBy(() -> BearingGeometry.of(2, 8, 40, 0)).hasMessageContaining("2 elements");
        assertThatThrownBy(() -> BearingGeometry.of(9, 50, 40, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
