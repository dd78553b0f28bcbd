package unbo.core.identify;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

import unbo.core.catalogue.Catalogue;

class HeadSetTest {

    private static HeadSet of(double stem, double cup, double height) {
        return HeadSet.of(new HeadSet.Seat(stem, cup, height), Catalogue.numbers(), 8);
    }

    /** 32006: 30 x 55 x 17 goes in as it is; 2 mm higher than what was there. */
    @Test
    void aTaperOfItsSizesGoesInAsItIs() {
        HeadSet.Found first = of(30, 55, 15).found().get(0);
        assertThat(first.asItIs()).isTrue();
        assertThat(of(30, 55, 15).found())
                .filteredOn(HeadSet.Found::asItIs)
                .extracting(f -> f.bearing().designation())
                .contains("32006");
        assertThat(of(30, 55, 15).found())
                .filteredOn(f -> f.bearing().designation().equals("32006"))
                .allSatisfy(f -> assertThat(f.higherMm()).isEqualTo(2));
    }

    /** Never one too large, and no ring that is too thin to turn. */
    @Test
    void whatWouldNotGoInIsNotFound() {
        assertThat(of(30, 57, 15).found()).allSatisfy(f -> {
            assertThat(f.ringMm() == 0 || f.ringMm() >= HeadSet.THINNEST_RING_MM)
                    .isTrue();
            assertThat(f.bearing().outsideMm()).isLessThanOrEqualTo(57 + HeadSet.SAME_MM);
            assertThat(f.bearing().boreMm()).isGreaterThanOrEqualTo(30 - HeadSet.SAME_MM);
        });
        assertThat(of(300, 310, 15).found()).isEmpty();
    }
}
