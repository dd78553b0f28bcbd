package unbo.core.plain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainTest {

    @ParameterizedTest
    @CsvSource({
        "GE 20 ES-2RS, SPHERICAL, false, 20, 35, 12, 29, greased, true",
        "GE25ES, SPHERICAL, false, 25, 42, 16, 35.5, greased, false",
        "GE 12 C, SPHERICAL, false, 12, 22, 7, 18, dry, false",
        "SIL 12 E, ROD_END_FEMALE, true, 12, , 7, 18, unknown, false",
        "SIKB 12, ROD_END_FEMALE, false, 12, , 12, 22.2, unknown, false",
        "SALK 10 C, ROD_END_MALE, true, 10, , 10.5, 19.1, dry, false",
        "SAKAC 10 M, ROD_END_MALE, false, 10, , 10.5, 19.1, unknown, false",
        "sa 10, ROD_END_MALE, false, 10, , , , unknown, false",
        "20x23x15, BUSH, false, 20, 23, 15, 20, unknown, false",
    })
    void numbersAreRead(
            String text,
            PlainForm form,
            boolean left,
            double bore,
            Double outside,
            Double width,
            Double sliding,
            String film,
            boolean sealed) {
        assertThat(PlainNumber.read(text)).hasValueSatisfying(n -> {
            assertThat(n.form()).isEqualTo(form);
            assertThat(n.leftHand()).isEqualTo(left);
            assertThat(n.boreMm()).isEqualTo(bore);
            assertThat(n.outsideMm()).isEqualTo(outside);
            assertThat(n.widthMm()).isEqualTo(width);
            assertThat(n.slidingMm()).isEqualTo(sliding);
            assertThat(n.film()).isEqualTo(film);
            assertThat(n.sealed()).isEqualTo(sealed);
        });
    }

    @ParameterizedTest
    @CsvSource({"6305", "GE", "23x20x15", "SAX 3333 C"})
    void whatIsNoneIsNotRead(String text) {
        assertThat(PlainNumber.read(text)).isEmpty();
    }

    /** Not of the series: read, its sizes unknown. */
    @Test
    void aSizeThatIsNotListedIsUnknown() {
        assertThat(PlainNumber.read("GE 19 ES")).hasValueSatisfying(n -> {
            assertThat(n.slidingMm()).isNull();
            assertThat(n.boreMm()).isEqualTo(19);
        });
    }

    /** 2000 N on 20 x 20 at 60 rpm: 5 N/mm², 0.0628 m/s, 0.314: 0.18 of cast bronze's 1.75, 2.9 of nylon's 0.11. */
    @Test
    void aBushThatTurns() {
        PlainDuty duty = PlainDuty.turning(2000, 20, 20, 60);
        assertThat(duty.pressMPa()).isCloseTo(5, within(1e-12));
        assertThat(duty.speedMps()).isCloseTo(0.06283, within(1e-5));
        assertThat(duty.used(SlidingMaterial.of("cast-bronze"))).isCloseTo(0.1795, within(1e-4));
        assertThat(duty.used(SlidingMaterial.of("nylon"))).isCloseTo(2.856, within(1e-3));
    }

    /** 10° to either side, 60 a minute, on 29 mm: 2·0.17453·29·60/60000 = 0.01012 m/s. */
    @Test
    void aJointThatSwings() {
        assertThat(PlainDuty.swinging(1000, 29, 12, 10, 60).speedMps()).isCloseTo(0.010123, within(1e-6));
    }

    /** Swung by a quarter turn to either side it slides once its face round: as one turn. */
    @Property(tries = 50)
    void aSwingOfAQuarterIsATurn(
            @ForAll @DoubleRange(min = 5, max = 80) double mm, @ForAll @DoubleRange(min = 1, max = 300) double n) {
        assertThat(PlainDuty.swinging(1, mm, 10, 90, n).speedMps())
                .isCloseTo(PlainDuty.turning(1, mm, 10, n).speedMps(), within(1e-9));
    }
}
