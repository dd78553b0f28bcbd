package unbo.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;

class RatingsTest {

    private static Ratings of(String kind, double d, double outside, double width, double alpha) {
        Bearing b = Bearing.marked("")
                .kind(BearingKind.of(kind).orElseThrow())
                .sizes(d, outside, width)
                .made();
        return Ratings.of((alpha == 0 ? b : b.at(alpha)).inside().orElseThrow());
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

    /** C and C0 of catalogues, kN, a range where makers differ. */
    @ParameterizedTest
    @CsvSource({
        "6902,4.35,4.35,2.26,2.26",
        "688,1.25,1.33,0.57,0.59",
        "6205,14.0,14.0,7.8,7.8",
        "1206,15.6,15.6,4.65,4.65",
        "2206,23.8,23.8,6.7,6.7",
        "7206B,20,24,13.5,15.6",
        "3206,30,30,20,20",
        "QJ206,36,37.5,27,31",
        "NU206E,44,44,36.5,36.5",
        "NU205E,34,34,27,27",
        "HK2016,12.7,12.7,20,20",
        "51205,27,27,50,50",
        "DAC34640037,37,37,31,31",
        "DAC39720037,45,45,38,38"
    })
    void everyKindKeepsTheBandThatIsPrinted(String number, double cLeast, double cMost, double c0Least, double c0Most) {
        Inside inside = Shipped.decode(number).inside().orElseThrow();
        Ratings r = Ratings.of(inside);
        double miss = Math.max(miss(r.cN() / 1000, cLeast, cMost), miss(r.c0N() / 1000, c0Least, c0Most));
        System.out.printf(
                "%-12s %-32s C %6.2f  C0 %6.2f kN  off by %4.1f %%, band %2.0f %%%n",
                number, inside.kind(), r.cN() / 1000, r.c0N() / 1000, 100 * miss, inside.bandPercent());
        assertThat(100 * miss).isLessThanOrEqualTo(inside.bandPercent());
        String held = Inside.proportions(inside.kind()).orElseThrow().heldTo().replace(" ", "");
        assertThat(held).contains(number);
    }

    private static double miss(double ours, double least, double most) {
        return ours < least ? 1 - ours / least : ours > most ? ours / most - 1 : 0;
    }

    @ParameterizedTest
    @CsvSource({
        "7206B,1,13,40",
        "7205C,1,13,15",
        "3206,2,9,30",
        "QJ206,2,13,35",
        "DAC34640037,2,12,36",
        "1206,2,14,10",
        "6205,1,9,0",
        "51205,1,13,90",
        "4206,2,10,0",
        "AXK2035,1,26,90"
    })
    void rowsElementsAndAngleOfEachKind(String number, int rows, int elements, double contact) {
        Inside inside = Shipped.decode(number).inside().orElseThrow();
        assertThat(inside.rows()).isEqualTo(rows);
        assertThat(inside.geometry().elements()).isEqualTo(elements);
        assertThat(inside.geometry().contactDeg()).isEqualTo(contact);
    }

    @Test
    void withoutACageThereAreMoreElements() {
        assertThat(Shipped.decode("6902 MAX").inside().orElseThrow().geometry().elements())
                .isGreaterThan(
                        Shipped.decode("6902").inside().orElseThrow().geometry().elements() + 4);
        assertThat(Shipped.decode("HK2016").inside().orElseThrow().geometry().elements())
                .isEqualTo(25);
    }

    @Test
    void oneRowCarriesLessThanHalfOfTwoForItsLoad() {
        Inside inside = Shipped.decode("DAC34640037").inside().orElseThrow();
        assertThat(Ratings.of(inside).cN() / Ratings.ofRow(inside).cN()).isCloseTo(Math.pow(2, 0.7), within(1e-9));
        assertThat(Ratings.of(inside).c0N() / Ratings.ofRow(inside).c0N()).isCloseTo(2, within(1e-9));
    }

    @Test
    void kindsWithoutARuleHaveNoInside() {
        assertThat(Shipped.decode("25x52x15").inside()).isEmpty();
        assertThat(Shipped.decode("6234").inside()).isEmpty();
        for (BearingKind kind : BearingKind.named()) {
            assertThat(Inside.proportions(kind)).as(kind.code()).isPresent();
        }
    }

    @Test
    void factorTablesAreReadBetweenTheirRows() {
        Factors factors = new Factors(java.util.List.of(new Factors.Row(0.1, 10), new Factors.Row(0.2, 30)));
        assertThat(factors.at(0.05)).isEqualTo(10);
        assertThat(factors.at(0.15)).isCloseTo(20, within(1e-9));
        assertThat(factors.at(0.3)).isEqualTo(30);
    }
}
