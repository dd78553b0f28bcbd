package unbo.core.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.Shipped;
import unbo.core.measure.Quantity;

class TypedTest {

    private record Two(double first, double second) {}

    private static final FieldList<Two> LENGTHS = FieldList.of(
            List.of(
                    Field.quantity("first", "First", Quantity.LENGTH, "mm", 0, 1000)
                            .must(),
                    Field.quantity("second", "Second", Quantity.LENGTH, "mm", 0, 1000)
                            .must()),
            v -> new Two(v.number("first"), v.number("second")));
    private static final FieldList<LocalDate> DAY =
            FieldList.of(List.of(Field.date("day", "Day").must()), v -> v.date("day"));

    @Test
    void eachTextIsReadInTheSystemItWasTypedIn() {
        Typed typed = Typed.of(Map.of("first", "2"), UnitSystem.METRIC).with("second", "2", UnitSystem.INCH);
        Two two = Shipped.read(LENGTHS, typed).record();
        assertThat(two.first()).isEqualTo(2);
        assertThat(two.second()).isCloseTo(50.8, within(1e-12));
    }

    @Test
    void theSameFiguresInTwoSystemsSayDifferentThings() {
        Typed metric = Typed.of(Map.of("first", "0.1"), UnitSystem.METRIC);
        Typed inch = Typed.of(Map.of("first", "0.1"), UnitSystem.INCH);
        assertThat(metric.says(inch)).isFalse();
        assertThat(metric.says(Typed.of(Map.of("first", "0.1", "second", ""), UnitSystem.METRIC)))
                .isTrue();
        assertThat(Typed.of(Map.of("first", ""), UnitSystem.INCH).says(Typed.NOTHING))
                .isTrue();
    }

    @Test
    void layingOneOverAnotherKeepsEachSystem() {
        Typed base = Typed.of(Map.of("first", "1", "second", "2"), UnitSystem.METRIC);
        Typed both = base.with(Typed.of(Map.of("second", "3"), UnitSystem.INCH));
        assertThat(both.of("first")).isEqualTo(UnitSystem.METRIC);
        assertThat(both.of("second")).isEqualTo(UnitSystem.INCH);
        assertThat(both.without("second"::equals).texts()).containsExactly(Map.entry("first", "1"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1949-12-31", "+999999999-12-31", "0001-01-01", "2999-01-01"})
    void daysThatNoWorkshopHasAreRefusedInASentence(String day) {
        assertThat(Shipped.read(DAY, Map.of("day", day), UnitSystem.METRIC).sentences("day"))
                .singleElement()
                .asString()
                .contains("days from 1950");
    }

    @Test
    void theYearAfterNextIsPossible() {
        String day = (LocalDate.now().getYear() + 2) + "-12-31";
        assertThat(Shipped.read(DAY, Map.of("day", day), UnitSystem.METRIC).ok())
                .isTrue();
        assertThat(Shipped.read(DAY, Map.of("day", "1950-01-01"), UnitSystem.METRIC)
                        .ok())
                .isTrue();
    }
}
