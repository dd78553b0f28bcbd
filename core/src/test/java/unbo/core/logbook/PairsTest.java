package unbo.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

class PairsTest {

    private static Pairs.Pair pair(String name, double left, double right) {
        return new Pairs.Pair(name, left, right);
    }

    /** Differences 0, 1, −1, 1, 0 and 9: middle 0.5, distances 0.5, 0.5, 1.5, 0.5, 0.5, 8.5, spread 0.7413. */
    @Test
    void theOddSideIsFoundByThePairsOwnSpread() {
        Pairs pairs = Pairs.of(
                List.of(
                        pair("a", 31, 31),
                        pair("b", 32, 31),
                        pair("c", 30, 31),
                        pair("d", 33, 32),
                        pair("e", 31, 31),
                        pair("hot", 40, 31)),
                0.1);
        assertThat(pairs.middle()).isEqualTo(0.5);
        assertThat(pairs.spread()).isCloseTo(0.7413, within(1e-4));
        assertThat(pairs.odd()).extracting(odd -> odd.pair().name()).containsExactly("hot");
        assertThat(pairs.odd().get(0).distance()).isCloseTo(8.5 / 0.7413, within(1e-3));
        assertThat(pairs.odd().get(0).leftIsOdd()).isTrue();
    }

    @Test
    void tooFewPairsHaveNoSpreadOfTheirOwn() {
        assertThat(Pairs.of(List.of(pair("a", 30, 31), pair("b", 60, 31)), 0.5).odd())
                .isEmpty();
        assertThat(Pairs.of(List.of(), 0.5).judged()).isEmpty();
    }

    /** All alike: the instrument's step keeps a hair's breadth from being called odd. */
    @Test
    void theInstrumentsStepIsTheLeastSpread() {
        List<Pairs.Pair> alike =
                List.of(pair("a", 5, 5), pair("b", 5, 5), pair("c", 5, 5), pair("d", 5, 5), pair("e", 5.02, 5));
        assertThat(Pairs.of(alike, 0.01).odd()).isEmpty();
        assertThat(Pairs.of(alike, 0.005).odd()).hasSize(1);
    }
}
