package unbo.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.tools.strip.InspectionFields;
import unbo.core.tools.strip.InspectionWords;

class InspectionTest {

    private static final String ETCHED = "dark-line/60 0:50 18:50 36:50 54:50 72:50 90:50 108:50 126:50 144:50 162:50 "
            + "180:50 198:50 216:50 234:50 252:50 270:50 288:50 306:50 324:50 342:50";

    private static Reading<Inspection.Input> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(Map.of("designation", "L44610", "elements", "20", "outer", ETCHED));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(InspectionFields.LIST, texts, UnitSystem.METRIC);
    }

    private static Inspection inspection(String... pairs) {
        return Inspection.of(read(pairs).record());
    }

    @Test
    void theSeatIsJudgedOnlyWhereItWasMeasured() {
        assertThat(inspection().seat()).isNull();
        assertThat(inspection().cureHours()).isNull();
        Inspection loose = inspection("plane1", "50.38 50.385 50.39", "cureAt", "10");
        assertThat(loose.seat().verdict()).isEqualTo(Seat.Verdict.SPUN);
        assertThat(loose.seat().leastMm()).isEqualTo(50.38);
        assertThat(loose.seat().mostMm()).isEqualTo(50.39);
    }

    @Test
    void aCureBeginsOnlyWhereCompoundWasChosen() {
        assertThat(inspection("plane1", "50.38 50.385 50.39", "cureAt", "10").cureHours())
                .isNull();
        assertThat(inspection("plane1", "50.38 50.385 50.39", "cureAt", "10", "remedy", "sleeve")
                        .cureHours())
                .isNull();
        Inspection cured = inspection("plane1", "50.38 50.385 50.39", "cureAt", "10", "remedy", "compound");
        assertThat(cured.cureHours()).isEqualTo(48);
        assertThat(cured.remedy()).isEqualTo("retaining compound");
    }

    @Test
    void compoundNeedsAGapItCanBridge() {
        assertThat(read("remedy", "compound").sentences("remedy"))
                .singleElement()
                .asString()
                .contains("measure the seat first");
        assertThat(read("plane1", "50.25 50.25 50.25", "remedy", "compound").sentences("remedy"))
                .singleElement()
                .asString()
                .contains("no gap");
        assertThat(read("plane1", "51.5 51.5 51.5", "seatSize", "50.8", "remedy", "compound")
                        .sentences("remedy"))
                .singleElement()
                .asString()
                .contains("wider than any compound");
    }

    @Test
    void whatWasFoundHereBeforeAndStandsAgainIsNamed() {
        assertThat(InspectionWords.answer(inspection("past", "etching 2025-04-01; seal 2024-01-02"))
                        .findings())
                .anyMatch(f -> f.code().equals("again-etching")
                        && f.sentence().contains("2025-04-01")
                        && f.sentence().contains("immersion routine"));
        assertThat(InspectionWords.answer(inspection("past", "creep 2025-04-01"))
                        .findings())
                .noneMatch(f -> f.code().startsWith("again"));
    }

    @Test
    void bothAnswersStandInOneWithTheMapFirst() {
        var answer = InspectionWords.answer(inspection("plane1", "50.38 50.385 50.39"));
        assertThat(answer.figures().get(0).value()).isEqualTo("Etched by water");
        assertThat(answer.drawings().get(0).name()).isEqualTo("race-map");
        assertThat(answer.drawings()).hasSize(3);
        assertThat(answer.level()).isEqualTo(Level.STOP);
        assertThat(answer.worksheet().lines()).anyMatch(l -> l.name().equals("oval"));
    }

    @Test
    void faultsOfBothPartsAreSaid() {
        assertThat(read("outer", "scribble", "plane1", "20 20 20").problems())
                .extracting(p -> p.field())
                .contains("outer", "plane1");
        assertThat(read("plane1", "50 xx").ok()).isFalse();
    }

    private static Sheet sheet(FactKey key, String words) {
        return Sheet.of(List.of(Fact.words(key, words, How.COMPUTED, "inspect")));
    }

    @Test
    void whatIsFoundIsCarriedToTheStagesThatMustHeedIt() {
        assertThat(Carried.to("grease", sheet(PlaceProperty.DAMAGE.at(FactKey.FIRST), "etching, debris-bruising")))
                .hasSize(2);
        assertThat(Carried.to("set", sheet(PlaceProperty.DAMAGE.at(FactKey.FIRST), "end-play-rock")))
                .singleElement()
                .asString()
                .contains("0.025 to 0.125");
        assertThat(Carried.to("prove", sheet(PlaceProperty.DAMAGE.at(FactKey.FIRST), "etching")))
                .isEmpty();
        assertThat(Carried.to("fit", sheet(PlaceProperty.HOUSING_STATE.at(FactKey.FIRST), "spun")))
                .singleElement()
                .asString()
                .contains("spun");
        assertThat(Carried.to("fit", sheet(PlaceProperty.HOUSING_STATE.at(FactKey.FIRST), "right")))
                .isEmpty();
        assertThat(Carried.to(
                        "set",
                        Sheet.of(List.of(
                                Fact.number(PlaceProperty.CURE_HOURS.at(FactKey.FIRST), 24, How.COMPUTED, "inspect")))))
                .singleElement()
                .asString()
                .contains("cured");
        assertThat(Carried.to("fit", sheet(PlaceProperty.DAMAGE.at(FactKey.FIRST), "true-brinelling")))
                .singleElement()
                .asString()
                .contains("tight ring");
    }
}
