package unbo.core.identify;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import unbo.core.designation.Decoder;

class ShelfFitTest {

    private static ShelfFit of(String from, String place, String... shelf) {
        return ShelfFit.of(
                Decoder.SHIPPED.decode(from),
                Stream.of(shelf).map(Decoder.SHIPPED::decode).toList(),
                place,
                false);
    }

    @Test
    void theSameThenTheChangedThenWhatDoesNotGo() {
        assertThat(of("6001-2RS", "", "6001-ZZ", "6001-2RS", "6201-2RS", "nothing")
                        .found())
                .extracting(f -> f.bearing().marking().replace(" ", ""), ShelfFit.Found::way)
                .containsExactly(
                        tuple("6001-2RS", ShelfFit.Way.SAME),
                        tuple("6001-ZZ", ShelfFit.Way.CHANGED),
                        tuple("6201-2RS", ShelfFit.Way.OTHER_SIZE),
                        tuple("NOTHING", ShelfFit.Way.UNREAD));
    }

    /** A shield is of the size but does not belong in a wheel that meets water. */
    @Test
    void thePlaceHasTheLastWord() {
        ShelfFit fit = of("6001-2RS", "bicycle-hub", "6001-ZZ");
        assertThat(fit.found().get(0).way()).isEqualTo(ShelfFit.Way.WRONG);
        assertThat(fit.found().get(0).why()).anyMatch(w -> w.contains("water"));
    }
}
