package unbo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class UnitsTest {

    @ParameterizedTest
    @EnumSource(Quantity.class)
    void everyNameOfEveryUnitIsReadAsThatUnit(Quantity quantity) {
        for (Unit unit : Units.all(quantity)) {
            for (String name : unit.names()) {
                QuantityReader.Outcome outcome = QuantityReader.read("2 " + name, quantity.metric());
                assertThat(outcome.refusal()).as(quantity + " " + name).isNull();
                assertThat(outcome.amount().base()).as(quantity + " " + name).isCloseTo(unit.toBase(2.0), within(1e-9));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Quantity.class)
    void theBaseUnitStandsFirst(Quantity quantity) {
        Unit base = Units.all(quantity).get(0);
        assertThat(base.toBase(7.25)).isEqualTo(7.25);
        assertThat(base.fromBase(7.25)).isEqualTo(7.25);
    }

    @Test
    void aDifferenceIsNotATemperature() {
        assertThat(Units.of(Quantity.TEMPERATURE, "°F").toBase(212.0)).isCloseTo(100, within(1e-9));
        assertThat(Units.of(Quantity.TEMPERATURE_DIFFERENCE, "°F").toBase(180.0))
                .isCloseTo(100, within(1e-9));
    }

    @Test
    void unitsOfDifferentQuantitiesNeverConvert() {
        Amount length =
                QuantityReader.read("5 mm", Units.of(Quantity.LENGTH, "mm")).amount();
        assertThatThrownBy(() -> length.in(Units.of(Quantity.MASS, "g")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("does not measure a length");
        assertThatThrownBy(() -> Units.of(Quantity.LENGTH, "furlong")).hasMessageContaining("furlong");
    }

    @ParameterizedTest
    @CsvSource({
        "0.0254,3,0.025",
        "0.00098,4,0.001",
        "0.00012,3,0.0001",
        "26.98749999999,3,26.988",
        "1400,1,1400",
        "-0.0833,3,−0.083",
        "0.25,3,0.25",
        "-0.00000001,3,0"
    })
    void printsAsManyDecimalsAsMeanSomething(double value, int decimals, String shown) {
        assertThat(Show.number(value, decimals)).isEqualTo(shown);
    }

    @Test
    void printsPlayWithThreeDecimalsAndNothingForNoNumber() {
        assertThat(Show.play(0.25)).isEqualTo("0.250 mm");
        assertThat(Show.play(-0.0833)).isEqualTo("−0.083 mm");
        assertThat(Show.number(Double.NaN, 2)).isEqualTo("–");
        assertThat(Show.fixed(Double.POSITIVE_INFINITY, 2)).isEqualTo("–");
        assertThat(Show.value(20, Units.of(Quantity.ANGLE, "°"))).isEqualTo("20°");
    }

    @Test
    void heavyMassesAreEchoedInKilogramsAndPounds() {
        assertThat(Show.both(Quantity.MASS, 1500)).isEqualTo("1.5 kg = 3.31 lb");
        assertThat(Show.both(Quantity.MASS, 15)).isEqualTo("15 g = 0.53 oz");
        assertThat(Show.both(Quantity.VISCOSITY, 220)).isEqualTo("220 mm²/s");
    }
}
