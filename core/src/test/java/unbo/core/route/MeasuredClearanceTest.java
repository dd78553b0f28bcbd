package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.mount.FittedShaft;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** The clearance of a bearing that goes in, measured before it does. 20 mm bore: CN 5 to 20 µm, C3 13 to 28. */
class MeasuredClearanceTest {

    private static StageRule.Work fit(String designation, String clearance) {
        Sheet sheet = Sheet.of(List.of(Fact.words(FactKey.ASSEMBLY, "ball-pair", How.TYPED, "identify")));
        Typed typed = Typed.of(
                Map.of(
                        "which",
                        "left",
                        "ring",
                        "outer",
                        "designation",
                        designation,
                        "seat",
                        "N7",
                        "material",
                        "aluminium",
                        "radialClearance",
                        clearance),
                UnitSystem.METRIC);
        return StageRules.of(RouteStage.FIT, sheet, typed.texts()).work(typed, sheet, Knowledge.SHIPPED);
    }

    @ParameterizedTest
    @CsvSource({
        "6204-2RS,0.008,clearance-measured",
        "6204-2RS,0.018,clearance-measured",
        "6204-2RS,0.025,clearance-other",
        "6204-2RS/C3,0.025,clearance-measured",
        "6204-2RS/C3,0.008,clearance-other",
        "6204-2RS,0.300,clearance-other",
    })
    void itsClassIsComparedWithItsNumber(String designation, String clearance, String finding) {
        assertThat(fit(designation, clearance).outcome().answer().findings())
                .extracting(found -> found.code())
                .contains(finding);
    }

    /** What is lost is lost of what was measured: 18 µm less the mean loss of this seat. */
    @Test
    void whatIsLeftGoesByTheMeasurement() {
        FittedShaft shaft = FittedShaft.of(
                (FittedShaft.Input) fit("6204-2RS", "0.018").reading().record());
        FittedShaft.Measured measured = shaft.measured();
        assertThat(measured).isNotNull();
        double lost = shaft.mounting().fit().chosen().made().meanUm()
                - shaft.mounting().fit().chosen().cold().meanUm();
        assertThat(lost).isPositive();
        assertThat(measured.leftUm()).isEqualTo(18 - lost, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(measured.classes()).containsExactly("CN", "C3");
    }

    @Test
    void itIsAFactOfThePlaceAndNothingIsSaidWithoutIt() {
        assertThat(fit("6204-2RS", "0.018").outcome().facts())
                .anyMatch(fact -> fact.key().equals(PlaceProperty.FITTED_CLEARANCE.at("left"))
                        && Double.valueOf(0.018).equals(fact.value()));
        assertThat(fit("6204-2RS", "").outcome().answer().findings())
                .noneMatch(found -> found.code().startsWith("clearance-"));
    }

    @Test
    void aKindWithoutListedClassesIsNotJudged() {
        FittedShaft.Input input =
                (FittedShaft.Input) fit("30204", "0.018").reading().record();
        assertThat(FittedShaft.of(input).measured()).isNull();
        assertThat(fit("30204", "0.018").outcome().answer().findings())
                .extracting(found -> found.code())
                .contains("clearance-unlisted");
    }
}
