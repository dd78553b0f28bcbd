package unbo.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;

class SheetTest {

    @Test
    void laterFactsLieOverEarlierOnes() {
        Sheet sheet = Sheet.of(List.of(Fact.number(FactKey.SPINDLE, 30, How.DEFAULT, "identify")))
                .with(List.of(Fact.number(FactKey.SPINDLE, 31, How.MEASURED, "identify")));
        assertThat(sheet.number(FactKey.SPINDLE)).isEqualTo(31);
        assertThat(sheet.get(FactKey.SPINDLE)).map(Fact::how).contains(How.MEASURED);
        assertThat(sheet.all()).hasSize(1);
    }

    @Test
    void whatIsUnknownIsEmptyNotAFault() {
        Sheet sheet = Sheet.of(List.of());
        assertThat(sheet.number(FactKey.SPINDLE)).isNull();
        assertThat(sheet.text(FactKey.SEAL)).isEmpty();
        assertThat(sheet.typed(FactKey.SEAL)).isEmpty();
        assertThat(sheet.has(FactKey.SEAL)).isFalse();
    }

    @Test
    void aTypedFactReadsBackAsItselfWhateverTheWorkshopsUnits() {
        for (FactKey key : FactKey.all()) {
            if (key.quantity() != null) {
                Fact fact = Fact.number(key, 12.3456, How.MEASURED, "x");
                Field field = Field.quantity("f", "F", key.quantity(), key.unit(), -1e6, 1e6);
                for (UnitSystem units : UnitSystem.values()) {
                    assertThat((Double) FieldReader.readOne(field, fact.typed(), units)
                                    .value())
                            .as(key + " " + units)
                            .isCloseTo(12.3456, within(1e-4));
                }
            }
        }
    }
}
