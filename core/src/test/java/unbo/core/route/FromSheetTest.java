package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Field;
import unbo.core.input.UnitSystem;
import unbo.core.life.PressureCentres;
import unbo.core.measure.Quantity;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.identify.DecodeTool;
import unbo.core.tools.identify.SealTool;
import unbo.core.tools.running.BearingGreaseFields;
import unbo.core.tools.running.HubGreaseFields;
import unbo.core.tools.running.InsideFiguresFields;
import unbo.core.tools.running.ShaftFields;
import unbo.core.tools.running.WheelFields;
import unbo.core.tools.setting.FitFields;
import unbo.core.tools.setting.PreloadFields;

class FromSheetTest {

    private static Fact words(FactKey key, String text) {
        return Fact.words(key, text, How.TYPED, "identify");
    }

    private static Fact mm(FactKey key, double value) {
        return Fact.number(key, value, How.TABLE, "identify");
    }

    private static final Sheet HUB = Sheet.of(List.of(
            words(FactKey.OUTER_CONE, "L44643"),
            words(FactKey.OUTER_CUP, "L44610"),
            words(FactKey.INNER_CONE, "L68149"),
            words(FactKey.INNER_CUP, "L68110"),
            mm(FactKey.OUTER_BORE, 25.4),
            mm(FactKey.OUTER_OUTSIDE, 50.292),
            mm(FactKey.OUTER_WIDTH, 14.224),
            mm(FactKey.INNER_BORE, 34.988),
            mm(FactKey.INNER_OUTSIDE, 59.131),
            mm(FactKey.INNER_WIDTH, 15.875),
            mm(FactKey.OUTER_HALF_ANGLE, 14),
            mm(FactKey.INNER_HALF_ANGLE, 14),
            mm(FactKey.BETWEEN_CUPS, 42),
            Fact.number(FactKey.LOAD, 400.0, How.TYPED, "intake"),
            words(FactKey.VEHICLE_KIND, "trailer"),
            words(FactKey.GREASE_KIND, "CaS")));

    @Test
    void aWheelsQuestionBeginsWithItsBearingsLoadAndSpread() {
        Map<String, String> texts = FromSheet.of(WheelFields.LIST, HUB);
        assertThat(texts)
                .containsEntry("outerDesignation", "L44643/L44610")
                .containsEntry("innerDesignation", "L68149/L68110")
                .containsEntry("vehicle", "trailer")
                .containsEntry("wheelLoadN", "3923 N")
                .containsKey("spreadMm")
                .doesNotContainKey("rollingRadiusM");
        texts.put("rollingRadiusM", "0.3 m");
        assertThat(Shipped.read(WheelFields.LIST, texts, UnitSystem.INCH)
                        .record()
                        .wheel()
                        .wheelLoadN())
                .as("units travel with the numbers")
                .isEqualTo(3923);
    }

    @Test
    void pressureCentresLieOutsideTheBearingsBackToBack() {
        double middles = 42 + (14.224 + 15.875) / 2;
        double outside = ((25.4 + 50.292) / 4 + (34.988 + 59.131) / 4) * Math.tan(Math.toRadians(14));
        assertThat(PressureCentres.of(HUB))
                .hasValueSatisfying(mm -> assertThat(mm).isCloseTo(middles + outside, within(1e-9)));
        assertThat(PressureCentres.of(Sheet.of(List.of(mm(FactKey.BETWEEN_CUPS, 42)))))
                .isEmpty();
    }

    @Test
    void aNumberGoesBeforeSizesAndOnlyBoxesThatAreThereAreFilled() {
        assertThat(FromSheet.of(InsideFiguresFields.LIST, HUB)).containsOnlyKeys("designation");
        assertThat(FromSheet.of(BearingGreaseFields.LIST, HUB))
                .containsEntry("designation", "L44643/L44610")
                .doesNotContainKeys("boreMm", "vehicle");
        assertThat(FromSheet.of(HubGreaseFields.LIST, HUB))
                .containsEntry("betweenCups", "42 mm")
                .containsEntry("oldKind", "CaS");
        assertThat(Shipped.read(
                                InsideFiguresFields.LIST,
                                FromSheet.of(InsideFiguresFields.LIST, HUB),
                                UnitSystem.METRIC)
                        .ok())
                .isTrue();
    }

    @Test
    void aShaftTakesTheBearingsOfItsArrangement() {
        Sheet gearbox = Sheet.of(List.of(words(FactKey.LEFT_BEARING, "6305"), words(FactKey.RIGHT_BEARING, "NU305")));
        assertThat(FromSheet.of(ShaftFields.LIST, gearbox))
                .containsOnly(Map.entry("leftDesignation", "6305"), Map.entry("rightDesignation", "NU305"));
        assertThat(FromSheet.of(ShaftFields.LIST, HUB))
                .containsEntry("leftDesignation", "L68149/L68110")
                .containsEntry("rightDesignation", "L44643/L44610");
    }

    @Test
    void aBoxIsFilledByWhatItAsksAndNotByItsName() {
        Sheet sheet = HUB.with(List.of(
                words(FactKey.SEAL, "45x65x10"),
                words(PlaceProperty.SHAFT_FIT.at(FactKey.FIRST), "k5"),
                Fact.number(FactKey.NUT_PITCH, 1.5, How.TYPED, "set")));
        assertThat(FromSheet.of(new SealTool().fields(), sheet)).containsOnly(Map.entry("marking", "45x65x10"));
        assertThat(FromSheet.of(PreloadFields.LIST, sheet)).doesNotContainKeys("seal", "pitch");
        assertThat(FromSheet.of(FitFields.LIST, sheet)).containsEntry("seat", "k5");
        assertThat(FromSheet.of(new DecodeTool().fields(), sheet)).containsEntry("marking", "L44643/L44610");
    }

    @ParameterizedTest
    @CsvSource({"km, 8000 km", "mi, 8000 mi", "none, 8000 km", "h, ''"})
    void aYearOfHoursIsNoDistance(String counts, String yearly) {
        Sheet sheet = Sheet.of(List.of(words(FactKey.YEARLY, "8000"), words(FactKey.COUNTER_UNIT, counts)));
        assertThat(FromSheet.of(BearingGreaseFields.LIST, sheet).getOrDefault("yearly", ""))
                .isEqualTo(yearly);
    }

    @Test
    void aFactOfAnotherTypeIsRefusedWhereABoxIsMade() {
        Field seal = Field.text("seal", "Seal", 40);
        Field length = Field.quantity("spacer", "Spacer", Quantity.LENGTH, "mm", 0, 9);
        Field bearing = Field.bearing("bearing", "Bearing");
        Field force = Field.quantity("load", "Load", Quantity.FORCE, "N", 0, 9);
        assertThat(seal.from(FactKey.SEAL).from()).containsExactly(FactKey.SEAL);
        assertThat(force.from(FactKey.LOAD).from()).containsExactly(FactKey.LOAD);
        Stream.<Runnable>of(
                        () -> seal.from(FactKey.OUTER_CONE),
                        () -> bearing.from(FactKey.SEAL),
                        () -> length.from(FactKey.NUT_PITCH),
                        () -> length.from(FactKey.SEAL),
                        () -> seal.from(FactKey.BETWEEN_CUPS, FactKey.OUTER_CONE),
                        () -> force.from(FactKey.YEARLY))
                .forEach(wrong -> assertThatIllegalArgumentException().isThrownBy(wrong::run));
    }

    @Test
    void whatIsNotKnownIsLeftOut() {
        assertThat(FromSheet.of(WheelFields.LIST, Sheet.of(List.of()))).isEmpty();
    }

    @Test
    void theHubsHeatOfTheLastRunIsWhatItsOilAndGreaseAreJudgedAt() {
        Sheet warm = Sheet.of(List.of(Fact.number(FactKey.HUB_HEAT, 85.0, How.MEASURED, "prove")));
        assertThat(FromSheet.of(unbo.core.tools.running.ViscosityFields.LIST, warm))
                .containsOnly(Map.entry("temperature", "85 °C"));
        assertThat(StageRules.of(RouteStage.GREASE).prefill(warm)).containsEntry("hubTemperature", "85 °C");
        assertThat(FactKey.HUB_HEAT.outlives()).isTrue();
    }
}
