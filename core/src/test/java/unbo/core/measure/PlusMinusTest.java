package unbo.core.measure;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlusMinusTest {

    private static PlusMinus.Outcome half(String text, Unit bare) {
        PlusMinus parted = PlusMinus.of(text).orElseThrow();
        return parted.half(
                requireNonNull(QuantityReader.read(parted.measured(bare), bare).amount()));
    }

    @ParameterizedTest
    @CsvSource({
        "LENGTH,mm,59.13 ±0.01,0.01",
        "LENGTH,mm,59.13 ±0.01 mm,0.01",
        "LENGTH,mm,2.328 in ± 0.001,0.0254",
        "LENGTH,mm,2.328 ± 1 thou,0.0254",
        "LENGTH,mm,59.13 mm +/- 1 thou,0.0254",
        "LENGTH,mm,59.13 ± caliper,0.03",
        "LENGTH,mm,59.13 ±Depth Micrometer,0.01",
        "TORQUE,N·m,40 N·m ± 5 %,2",
        "TEMPERATURE,°C,80 ±5,5",
        "TEMPERATURE,°C,80 °C ±5 K,5",
        "TEMPERATURE,°C,176 °F ±9,5",
        "ANGLE,°,14 ±1,1"
    })
    void howFarInTheBaseUnit(Quantity quantity, String unit, String text, double half) {
        assertThat(half(text, Units.of(quantity, unit)).half()).isCloseTo(half, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"59.13 ±,Behind ±", "59.13 ±a bit,Behind ±", "59.13 ±0.01 Nm,is no unit", "59.13 mm ±-1,Behind ±"})
    void whatIsNoRangeIsRefusedInASentence(String text, String says) {
        assertThat(half(text, Units.of(Quantity.LENGTH, "mm")).refusal()).contains(says);
    }
}
