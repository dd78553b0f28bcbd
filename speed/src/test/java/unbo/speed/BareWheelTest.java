package unbo.speed;

import static org.assertj.core.api.Assertions.assertThat;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

import unbo.core.designation.Decoder;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.life.WheelInput;
import unbo.core.life.WheelLife;
import unbo.core.tools.running.WheelFields;
import unbo.core.tools.running.WheelLifeTool;

/** What the product's figure is measured against computes the same figure. */
class BareWheelTest {

    @Test
    void theBareFormulasGiveTheLifeOfTheProduct() {
        WheelInput wheel = FieldReader.read(
                        WheelFields.LIST, new WheelLifeTool().sample(), UnitSystem.METRIC, Decoder.SHIPPED)
                .record()
                .wheel();
        assertThat(BareWheel.lifeKm(wheel))
                .isCloseTo(WheelLife.of(wheel).systemLifeKm(), Percentage.withPercentage(1e-9));
    }
}
