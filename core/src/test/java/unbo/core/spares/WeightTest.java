package unbo.core.spares;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.designation.Decoder;

class WeightTest {

    /** Catalogue masses, g; 6205 by hand: 0.7 · 7.85e-3 · π/4 · (52² − 25²) · 15 = 134.6. */
    @ParameterizedTest
    @CsvSource({"6205,130", "6306,350", "6001,22", "32008X,270", "608,12"})
    void isGoodToAFifth(String number, double listedG) {
        assertThat(Weight.grams(Decoder.SHIPPED.find(number)).orElseThrow() / listedG)
                .isBetween(0.8, 1.25);
    }

    @Test
    void byHand() {
        assertThat(Weight.grams(Decoder.SHIPPED.find("6205")).orElseThrow()).isCloseTo(134.6, within(0.1));
        assertThat(Weight.grams(Decoder.SHIPPED.find("QQ"))).isEmpty();
    }
}
