package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.answer.Answer;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** What each station of a job prints, and the facts it leaves on the sheet. */
class StageAnswersTest {

    private static final Sheet EMPTY = Sheet.of(List.of());

    private static StageRule.Outcome outcome(RouteStage stage, Map<String, String> texts, Sheet sheet) {
        StageRule.Work work = StageRules.of(stage).work(Typed.of(texts, UnitSystem.METRIC), sheet, Knowledge.SHIPPED);
        assertThat(work.reading().problems()).as(stage.title()).isEmpty();
        return work.outcome();
    }

    private static Sheet known(Object... pairs) {
        List<Fact> facts = new java.util.ArrayList<>();
        for (int i = 0; i < pairs.length; i += 2) {
            facts.add(Fact.words((FactKey) pairs[i], (String) pairs[i + 1], How.TYPED, "vehicle"));
        }
        return Sheet.of(facts);
    }

    @Test
    void intakePrintsWhatRanSinceTheLastWork() {
        Sheet sheet = known(
                FactKey.COUNTER_UNIT,
                "km",
                FactKey.YEARLY,
                "4000",
                FactKey.LAST_DAY,
                "2025-05-04",
                FactKey.LAST_COUNTER,
                "1000");
        StageRule.Outcome intake = outcome(
                RouteStage.INTAKE,
                Map.of("complaint", "hums", "day", "2026-05-04", "counter", "5200", "load", "280 kg"),
                sheet);
        assertThat(intake.answer().figures()).extracting(Answer.Figure::value).containsExactly("12", "4200", "2.75");
        assertThat(intake.answer().worksheet().lines()).anyMatch(l -> l.value().equals("365 days"));
        assertThat(intake.facts())
                .extracting(Fact::key)
                .containsExactly(FactKey.COMPLAINT, FactKey.DAY, FactKey.COUNTER, FactKey.LOAD);
    }

    @Test
    void intakeWithoutHistorySaysSo() {
        StageRule.Outcome intake = outcome(RouteStage.INTAKE, Map.of("complaint", "hums", "day", "2026-05-04"), EMPTY);
        assertThat(intake.answer().figures())
                .singleElement()
                .satisfies(f -> assertThat(f.other()).isEqualTo("no history yet"));
    }

    @Test
    void intakeRefusesADayBeforeTheLastWork() {
        StageRule.Work work = StageRules.of(RouteStage.INTAKE)
                .work(
                        Typed.of(Map.of("complaint", "hums", "day", "2025-05-03"), UnitSystem.METRIC),
                        known(FactKey.LAST_DAY, "2025-05-04"),
                        Knowledge.SHIPPED);
        assertThat(work.reading().sentences("day")).singleElement().asString().contains("before the last work");
    }

    @Test
    void identifyPrintsAPartsListAndSaysWhatStandsOnADefault() {
        StageRule.Outcome identify = outcome(
                RouteStage.IDENTIFY, Map.of("outerCone", "32008X", "innerCone", "32010X", "seal", "50x72x10"), EMPTY);
        assertThat(identify.answer().figures())
                .extracting(Answer.Figure::value)
                .containsExactly("32008X", "32010X", "50×72×10");
        assertThat(identify.answer().sentences())
                .anyMatch(s -> s.contains("between the cups (sum of both widths)") && s.contains("spindle (halfway"));
        assertThat(identify.answer().worksheet().lines())
                .anyMatch(l -> l.symbol().equals("D") && l.value().startsWith("68 mm"));
        assertThat(identify.facts())
                .filteredOn(f -> f.key() == FactKey.SEAL)
                .singleElement()
                .satisfies(f -> assertThat(f.text()).isEqualTo("50x72x10"));
    }

    @Test
    void setPrintsTheSlotToUseOrThatNoneFits() {
        Map<String, String> nut =
                Map.of("pitch", "1.5", "slots", "6", "pinHolesDeg", "0 180", "freeAngleDeg", "45", "school", "A");
        StageRule.Outcome right = outcome(RouteStage.SET, nut, EMPTY);
        assertThat(right.answer().figures()).extracting(Answer.Figure::value).containsExactly("15", "0.063");
        assertThat(right.answer().level()).isEqualTo(Level.RIGHT);
        assertThat(right.answer().drawings()).hasSize(2);
        Map<String, String> coarse = new java.util.HashMap<>(nut);
        coarse.put("freeAngleDeg", "20");
        StageRule.Outcome none = outcome(RouteStage.SET, coarse, EMPTY);
        assertThat(none.answer().findings()).extracting(Finding::code).containsExactly("no-slot");
        assertThat(none.facts())
                .filteredOn(f -> f.key() == FactKey.SET_END_PLAY)
                .singleElement()
                .satisfies(f -> assertThat(f.value()).isBetween(0.166, 0.167));
    }

    @Test
    void proveKeepsTheMeasuredPlayWithItsUncertainty() {
        StageRule.Outcome prove = outcome(RouteStage.PROVE, Map.of("push", "0 0 0", "pull", "0.07 0.08 0.09"), EMPTY);
        assertThat(prove.facts())
                .filteredOn(f -> f.key() == FactKey.END_PLAY)
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.how()).isEqualTo(How.MEASURED);
                    assertThat(f.uncertainty()).isBetween(0.0099, 0.0101);
                });
        assertThat(prove.complete()).isFalse();
        assertThat(prove.facts()).noneMatch(f -> f.key() == FactKey.SPLIT_PIN || f.key() == FactKey.INITIALS);
    }

    @Test
    void logTakesDayCounterAndUseFromTheSheet() {
        Sheet sheet = known(
                FactKey.DAY,
                "2026-05-04",
                FactKey.COUNTER_UNIT,
                "km",
                FactKey.COUNTER,
                "5200",
                FactKey.YEARLY,
                "4000",
                FactKey.USE,
                "immersed");
        StageRule.Outcome log =
                outcome(RouteStage.LOG, Map.of("cause", "seal", "serviceSchool", "yearly", "season", "12"), sheet);
        assertThat(Sheet.of(log.facts()).text(FactKey.DUE_ON)).isEqualTo("2027-05-04");
        assertThat(Sheet.of(log.facts()).text(FactKey.DUE_COUNTER)).isEqualTo("25200");
        assertThat(Sheet.of(log.facts()).text(FactKey.DUE_IMMERSIONS)).isEqualTo("12");
        assertThat(StageRules.of(RouteStage.LOG).hangsOn(sheet, Typed.NOTHING))
                .containsEntry("USE", "immersed")
                .containsEntry("COUNTER", "5200");
    }

    @Test
    void aBareNumberInAnInchWorkshopIsAnInchButFactsStayMetric() {
        StageRule.Work work = StageRules.of(RouteStage.IDENTIFY)
                .work(
                        Typed.of(
                                Map.of("outerCone", "32008X", "innerCone", "32010X", "hubBore", "2.4"),
                                UnitSystem.INCH),
                        EMPTY,
                        Knowledge.SHIPPED);
        assertThat(Sheet.of(work.outcome().facts()).number(FactKey.HUB_BORE)).isBetween(60.959, 60.961);
    }

    @Test
    void everyStationHasItsRule() {
        assertThat(RouteStage.route())
                .allSatisfy(stage -> assertThat(StageRules.of(stage).stage()).isEqualTo(stage));
        assertThat(RouteStage.of("prove")).contains(RouteStage.PROVE);
        assertThat(RouteStage.of("nonsense")).isEmpty();
    }
}
