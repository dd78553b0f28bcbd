package unbo.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.assembly.AssemblyKind;
import unbo.core.designation.Decoder;
import unbo.core.fact.FactKey;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.parts.PartLine;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.parts.PartsProposed;
import unbo.core.tools.strip.PartsLookedFields;

/** Seals, spacers, nuts and what else is no bearing, looked at one by one. */
class PartsLookedTest {

    private static Sheet pair(Fact... more) {
        return Sheet.of(List.of(Fact.words(FactKey.ASSEMBLY, "ball-pair", How.TYPED, "identify")))
                .with(List.of(more));
    }

    private static StageRule.Work work(Sheet sheet, String looked, String spacer) {
        Map<String, String> texts = new HashMap<>(Map.of("which", PartsLookedFields.WHICH, "looked", looked));
        texts.put(PartsLookedFields.SPACER, spacer);
        return StageRules.of(RouteStage.INSPECT, sheet, texts)
                .work(Typed.of(texts, UnitSystem.METRIC), sheet, Knowledge.SHIPPED);
    }

    private static List<String> findings(StageRule.Work work) {
        return work.outcome().answer().findings().stream()
                .map(finding -> finding.code())
                .toList();
    }

    @Test
    void whatIsRenewedIsAFactAndGoesToThePartsList() {
        StageRule.Work work =
                work(pair(), "left-seal renew: lip cut\nspacer again\nleft-collar right: groove dressed", "");
        assertThat(work.ok()).isTrue();
        assertThat(findings(work)).isEmpty();
        Sheet after = pair().with(work.outcome().facts());
        assertThat(after.text(FactKey.PARTS_RENEWED)).isEqualTo("left seal");
        assertThat(PartsProposed.of(after)).extracting(PartLine::what).contains("left seal");
        assertThat(work.outcome().answer().figures())
                .extracting(figure -> figure.what() + " " + figure.value() + ": " + figure.other())
                .containsExactly(
                        "used again 1: spacer tube",
                        "renewed 1: left seal (lip cut)",
                        "put right 1: left collar (groove dressed)");
    }

    @Test
    void whatIsNeverUsedTwiceIsSaidWhereItIs() {
        assertThat(findings(work(pair(), "left-seal again", ""))).containsExactly("never-used-twice");
        assertThat(findings(work(pair(), "left-seal right", ""))).containsExactly("seal-is-renewed");
        assertThat(findings(work(pair(), "left-collar again", ""))).isEmpty();
    }

    /** A spacer tube is made to about 0.05 mm: 0.04 is its making, 0.06 is wear or a flare. */
    @ParameterizedTest
    @CsvSource({"59.96,no,", "60.04,no,", "59.94,yes,shorter", "60.06,yes,longer"})
    void aSpacerIsComparedWithItsRecord(String now, String changed, String way) {
        Sheet known = pair(Fact.number(FactKey.SPACER, 60.0, How.MEASURED, "set"));
        StageRule.Work work = work(known, "", now);
        assertThat(findings(work).contains("spacer-changed")).isEqualTo(changed.equals("yes"));
        if (way != null) {
            assertThat(work.outcome().answer().findings().get(0).sentence()).contains(way);
        }
        assertThat(known.with(work.outcome().facts()).number(FactKey.SPACER)).isEqualTo(Double.parseDouble(now));
    }

    @ParameterizedTest
    @ValueSource(strings = {"left-bearing again", "left-seal perhaps", "no such line"})
    void whatCannotBeReadIsSaid(String line) {
        StageRule.Work work = work(pair(), line, "");
        assertThat(work.ok()).isFalse();
        assertThat(work.reading().problems())
                .extracting(problem -> problem.field())
                .containsOnly("looked");
    }

    @Test
    void nothingSaidIsNoEntry() {
        assertThat(work(pair(), "", "").ok()).isFalse();
    }

    @Test
    void everyKindHasPartsToLookAt() {
        for (AssemblyKind kind : AssemblyKind.all()) {
            assertThat(PartsLookedFields.parts(kind.code(), "", "", Decoder.SHIPPED))
                    .as(kind.code())
                    .isNotEmpty()
                    .noneMatch(part -> part.place() != null);
        }
        assertThat(PartsLookedFields.parts("ball-pair", "", "", Decoder.SHIPPED))
                .as("where its lips run is looked at too")
                .anyMatch(part -> part.code().equals("seal-tracks"));
        assertThat(PartsLookedFields.parts("ball-pair", "", "without clip", Decoder.SHIPPED))
                .noneMatch(part -> part.code().equals("clip"));
    }
}
