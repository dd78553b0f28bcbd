package unbo.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class OvenSoakTest {

    private static OvenSoak of(double hWm2K, double warmC) {
        return OvenSoak.of(25, 62, 17, new OvenSoak.Air(hWm2K, 20, 120), warmC);
    }

    /**
     * 25 × 62 × 17: 9702 mm² of surface, 0.2346 kg at seven tenths of steel; 0.2346 · 470 / (12 · 0.009702) = 947 s.
     * From 20 to 90 °C at 120: ln(100/30) = 1.204 of it, 19.0 min; with a fan 27/12 times sooner.
     */
    @Test
    void aRingWarmsByItsOwnTime() {
        assertThat(of(OvenSoak.STILL_W_M2K, 90).tauS()).isCloseTo(947.3, within(0.5));
        assertThat(of(OvenSoak.STILL_W_M2K, 90).minutes()).isCloseTo(19.0, within(0.05));
        assertThat(of(OvenSoak.FAN_W_M2K, 90).minutes()).isCloseTo(8.45, within(0.02));
    }

    /** The last three kelvins are not waited for: ln(100/3) = 3.507, 55.4 min. */
    @Test
    void theLastKelvinsAreNotWaitedFor() {
        assertThat(of(OvenSoak.STILL_W_M2K, 120).reachedC()).isEqualTo(117);
        assertThat(of(OvenSoak.STILL_W_M2K, 120).minutes()).isCloseTo(55.4, within(0.1));
    }
}
