package unbo.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.designation.Decoder;

class IncomingTest {

    private static Incoming of(String code, double bore, double outside, Double runout, double goodFor) {
        return Incoming.of(new Incoming.Input(
                Decoder.SHIPPED.find("6205"),
                code,
                List.of(bore - 0.001, bore, bore + 0.001),
                List.of(outside),
                runout,
                goodFor));
    }

    /** 25 mm of P0: 0 to −10 µm; 52 mm: 0 to −13; runout 13 µm. */
    @Test
    void insideTheBandsOfItsClass() {
        Incoming in = of("P0", 24.995, 51.994, 6.0, 1);
        assertThat(in.checks()).extracting(Incoming.Check::what).containsExactly("bore", "outside", "runout");
        assertThat(in.checks().get(0).meanUm()).isCloseTo(-5, within(1e-6));
        assertThat(in.checks().get(0).spreadUm()).isCloseTo(2, within(1e-6));
        assertThat(in.checks().get(0).lowUm()).isEqualTo(-10);
        assertThat(in.verdict()).isEqualTo(Incoming.Verdict.ACCEPT);
    }

    @ParameterizedTest
    @CsvSource({
        "24.995, 1, ACCEPT",
        "24.9995, 1, HOLD",
        "24.9905, 1, HOLD",
        "25.0005, 1, HOLD",
        "25.003, 1, SEND_BACK",
        "24.985, 1, SEND_BACK",
        "25.003, 5, HOLD"
    })
    void whatLiesWithinTheMeasuringOfALimitIsHeld(double bore, double goodFor, Incoming.Verdict verdict) {
        assertThat(of("P0", bore, 51.994, null, goodFor).checks().get(0).verdict())
                .isEqualTo(verdict);
    }

    /** A runout of 6 µm excludes P5 (4 µm at 25 mm) and not P6 (8): bought as P5 it goes back. */
    @Test
    void aClassIsNotExcludedAndNeverProved() {
        Incoming in = of("P5", 24.997, 51.997, 6.0, 0.5);
        assertThat(in.verdict()).isEqualTo(Incoming.Verdict.SEND_BACK);
        assertThat(in.notExcluded()).isEqualTo("P6");
        assertThat(of("P0", 24.95, 51.994, null, 1).notExcluded()).isNull();
    }
}
