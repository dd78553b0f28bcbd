package unbo.core.spares;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

class ShelfTest {

    /** 26.09 a year over 14 days is 1.0: P(0..2) = 0.920, P(0..3) = 0.981. */
    @Test
    void asManyAsGetThroughAnOrdersTime() {
        Shelf shelf = Shelf.of(
                List.of(
                        new Shelf.Number("seldom", 2, 0.1),
                        new Shelf.Number("often", 12, 365.25 / 14),
                        new Shelf.Number("never", 6, 0)),
                14,
                0.95);
        assertThat(shelf.lines()).extracting(line -> line.number().name()).containsExactly("often", "never", "seldom");
        assertThat(shelf.lines()).extracting(Shelf.Line::keep).containsExactly(3, 0, 0);
        assertThat(shelf.lines().get(0).served()).isCloseTo(0.6, within(1e-9));
        assertThat(shelf.lines().get(2).served()).isCloseTo(1, within(1e-9));
        assertThat(Shelf.of(List.of(), 14, 0.95).lines()).isEmpty();
    }
}
