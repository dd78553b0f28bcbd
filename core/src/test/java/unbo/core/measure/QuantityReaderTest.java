package unbo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityReaderTest {

    private static final Unit MM = Units.of(Quantity.LENGTH, "mm");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "4 thou",
                "0.004in",
                ".1016 mm",
                "0,1016",
                "101.6um",
                "4 th",
                "4mil",
                "0.004\"",
                ",1016",
                "0.004 in.",
                "101,6 µm"
            })
    void readsOneLengthHoweverItIsWritten(String text) {
        assertThat(QuantityReader.read(text, MM).amount().base()).isCloseTo(0.1016, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            LENGTH                 | mm    | 1-3/8"      | 34.925
            LENGTH                 | mm    | 1 3/8 in    | 34.925
            LENGTH                 | mm    | 1⅜"         | 34.925
            LENGTH                 | mm    | 5/16in      | 7.9375
            LENGTH                 | in    | 1.0625      | 26.9875
            LENGTH                 | mm    | 2.5 cm      | 25
            LENGTH                 | mm    | 1,234.5     | 1234.5
            LENGTH                 | mm    | 1.234,5     | 1234.5
            LENGTH                 | mm    | −5 mm       | -5
            TORQUE                 | N·m   | 50 lbf.ft   | 67.790897
            TORQUE                 | N·m   | 50 ft-lb    | 67.790897
            TORQUE                 | N·m   | 12 in-lb    | 1.355818
            TORQUE                 | N·m   | 68 Nm       | 68
            TORQUE                 | N·m   | 2 kgf·m     | 19.6133
            FORCE                  | N     | 2 kN        | 2000
            FORCE                  | N     | 10 lbf      | 44.482216
            TEMPERATURE            | °C    | 230F        | 110
            TEMPERATURE            | °C    | 110 C       | 110
            TEMPERATURE            | °C    | 293.15K     | 20
            TEMPERATURE_DIFFERENCE | K     | 36 °F       | 20
            TEMPERATURE_DIFFERENCE | K     | 20 °C       | 20
            SPEED                  | km/h  | 50 mph      | 80.4672
            DISTANCE               | km    | 100 miles   | 160.9344
            PRESSURE               | bar   | 10 bar      | 1
            PRESSURE               | bar   | 145 psi     | 0.99974
            MASS                   | g     | 2 oz        | 56.69905
            MASS                   | g     | 1.5 kg      | 1500
            VOLUME                 | cm³   | 20 ml       | 20
            VISCOSITY              | mm²/s | 220 cSt     | 220
            ROTATION               | rpm   | 800         | 800
            POWER                  | W     | 12 W        | 12
            PITCH                  | mm    | 1.5         | 1.5
            PITCH                  | mm    | 16 tpi      | 1.5875
            PITCH                  | mm    | 0.0625in    | 1.5875
            PITCH                  | mm    | 1/16"       | 1.5875
            PITCH                  | mm    | 0.0625 in   | 1.5875
            PITCH                  | mm    | 3/4-16      | 1.5875
            PITCH                  | mm    | 3/4-16 UNF  | 1.5875
            PITCH                  | mm    | 1-14        | 1.814286
            PITCH                  | mm    | M20x1.5     | 1.5
            PITCH                  | mm    | M24 × 2     | 2
            """)
    void readsWhatMechanicsWrite(Quantity quantity, String bare, String text, double base) {
        QuantityReader.Outcome outcome = QuantityReader.read(text, Units.of(quantity, bare));
        assertThat(outcome.refusal()).isNull();
        assertThat(outcome.amount().base()).isCloseTo(base, within(1e-5));
    }

    @Test
    void aDifferenceOfTwentyDegreesCelsiusIsThirtySixFahrenheit() {
        Amount warmer = QuantityReader.read("20 °C", Units.of(Quantity.TEMPERATURE_DIFFERENCE, "K"))
                .amount();
        assertThat(warmer.in(Units.of(Quantity.TEMPERATURE_DIFFERENCE, "°F"))).isCloseTo(36, within(1e-9));
        assertThat(warmer.echo()).isEqualTo("20 K = 36 °F");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            1,234   | can be read as 1.234 or as 1234
            abc     | is not a number
            1e999   | far beyond any length
            1e99999 | far beyond any length
            5 Nm    | measures torque, but a length is asked here
            5 furlongs | is no unit this place knows
            1/0 in  | divides by zero
            1.2.3   | more than one decimal sign
            """)
    void refusesInASentence(String text, String words) {
        QuantityReader.Outcome outcome = QuantityReader.read(text, MM);
        assertThat(outcome.ok()).isFalse();
        assertThat(outcome.refusal()).contains(words).endsWith(".");
    }

    @Test
    void echoesBothSystems() {
        assertThat(QuantityReader.read("4 thou", MM).amount().echo()).isEqualTo("0.102 mm = 0.004 in");
        assertThat(QuantityReader.read("50 lbf.ft", Units.of(Quantity.TORQUE, "N·m"))
                        .amount()
                        .echo())
                .isEqualTo("67.79 N·m = 50 lbf·ft");
        assertThat(QuantityReader.read("230F", Units.of(Quantity.TEMPERATURE, "°C"))
                        .amount()
                        .echo())
                .isEqualTo("110 °C = 230 °F");
        assertThat(QuantityReader.read("16 tpi", Units.of(Quantity.PITCH, "mm"))
                        .amount()
                        .echo())
                .isEqualTo("1.588 mm = 16 tpi");
    }

    @Property
    void aShownLengthReadsBackAsItself(@ForAll @DoubleRange(min = 0.001, max = 900) @Scale(3) double mm) {
        String shown = Show.value(mm, MM);
        assertThat(QuantityReader.read(shown, MM).amount().base()).isCloseTo(mm, within(0.0005001));
    }

    @Property
    void everyUnitConvertsThereAndBack(@ForAll @DoubleRange(min = 0.5, max = 5000) double value) {
        for (Quantity quantity : Quantity.values()) {
            for (Unit unit : Units.all(quantity)) {
                assertThat(unit.fromBase(unit.toBase(value))).isCloseTo(value, within(value * 1e-9));
            }
        }
    }
}
