package unbo.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RatingsTest {

    private static Ratings of(String kind, double d, double outside, double width, double alpha) {
        return Ratings.of(Inside.estimated(BearingKind.of(kind).orElseThrow(), d, outside, width, alpha)
                .orElseThrow());
    }

    @Test
    void factorsAreThoseOfTheStandard() {
        assertThat(Ratings.ballFactor(0.20)).isCloseTo(59.9, within(0.1));
        assertThat(Ratings.rollerFactor(0.17)).isCloseTo(88.8, within(0.2));
    }

    @Test
    void aMiddlingBallBearingComesToItsCatalogueFigures() {
        Ratings r = of("deep-groove-ball", 25, 52, 15, 0);
        assertThat(r.cN()).isCloseTo(14_100, within(200.0));
        assertThat(r.c0N()).isCloseTo(7_900, within(150.0));
        assertThat(r.estimated()).isTrue();
    }

    @Test
    void aTaperIsInsideTheBandOfItsCatalogues() {
        Ratings r = of("tapered-roller", 25, 52, 16.25, 14);
        assertThat(r.cN()).isBetween(31_000.0, 38_000.0).isCloseTo(37_000, within(700.0));
        assertThat(r.c0N()).isCloseTo(41_000, within(1000.0));
    }

    @ParameterizedTest
    @CsvSource({"20,47,14,12700", "30,55,13,13300", "35,72,17,25500", "40,80,18,30700", "12,28,8,5100", "45,85,19,33200"
    })
    void otherCommonSizesWithinTwelvePercent(double d, double outside, double width, double catalogue) {
        assertThat(of("deep-groove-ball", d, outside, width, 0).cN()).isCloseTo(catalogue, within(0.12 * catalogue));
    }

    @Test
    void kindsWithoutARuleHaveNoInside() {
        assertThat(Inside.estimated(BearingKind.THRUST_BALL, 20, 40, 14, 90)).isEmpty();
        assertThat(Inside.estimated(BearingKind.DEEP_GROOVE_BALL, 30, 30, 9, 0)).isEmpty();
    }
}
