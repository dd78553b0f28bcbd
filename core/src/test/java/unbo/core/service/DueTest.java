package unbo.core.service;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.assembly.AssemblyKind;
import unbo.core.finding.Finding;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.proving.DueFields;

class DueTest {

    private static final LocalDate DAY = LocalDate.of(2026, 4, 30);

    private static Due due(String unit, Double counter, Double yearly, boolean immersed, String school) {
        return Due.of(new DueInput(
                "regular-service",
                "",
                DAY,
                new DueInput.Counter(unit, counter),
                yearly,
                immersed,
                new DueInput.Rule(ServiceSchool.of(school), null, null),
                20));
    }

    @Test
    void yearlyComesBeforeADistanceThatTakesLonger() {
        Due due = due("km", 10_000.0, 5_000.0, false, "yearly");
        assertThat(due.on()).isEqualTo(LocalDate.of(2027, 4, 30));
        assertThat(due.atCounter()).isEqualTo(30_000.0);
        assertThat(due.immersions()).isNull();
    }

    @Test
    void aFarRunnerIsDueByDistanceFirst() {
        Due due = due("km", 10_000.0, 40_000.0, false, "yearly");
        assertThat(due.on()).isEqualTo(DAY.plusDays(182));
    }

    @Test
    void milesAndHoursAreRespected() {
        assertThat(due("mi", 1_000.0, 6_000.0, false, "yearly").atCounter())
                .isCloseTo(1_000 + 20_000 / 1.609344, within(1e-6));
        assertThat(due("h", 100.0, 50.0, false, "yearly").atCounter()).isNull();
    }

    @Test
    void immersionsCountWhereTheHubGoesUnderWater() {
        assertThat(due("none", null, 1_000.0, true, "yearly").immersions()).isEqualTo(20);
        assertThat(due("none", null, 1_000.0, true, "with-brakes").findings())
                .extracting(Finding::code)
                .containsExactly("school-too-long");
    }

    @Test
    void saysWhenNothingMakesItDue() {
        Due due = due("none", null, null, false, "with-brakes");
        assertThat(due.on()).isNull();
        assertThat(due.findings()).extracting(Finding::code).containsExactly("never-due");
    }

    @Test
    void aSealedBearingKnowsNoDate() {
        Due due = due("km", 10_000.0, 5_000.0, true, "condition");
        assertThat(due.on()).isNull();
        assertThat(due.atCounter()).isNull();
        assertThat(due.immersions()).isNull();
        assertThat(due.findings()).extracting(Finding::code).containsExactly("on-condition");
    }

    @ParameterizedTest
    @CsvSource({
        "adjustable-taper,with-brakes",
        "unit-bolted,condition",
        "cartridge-knuckle,condition",
        "ball-pair,condition",
        "crank,condition",
        "cup-and-cone,season",
        "steering-head,season",
        "needle-pivot,season"
    })
    void theUsualRuleIsByTheKindOfAssembly(String kind, String rule) {
        assertThat(ServiceSchool.usual(AssemblyKind.find(kind).orElseThrow(), "with-brakes"))
                .isEqualTo(rule);
    }

    @Test
    void anOwnRuleIsWhatWasTyped() {
        Due due = Due.of(read(Map.of(
                        "serviceSchool",
                        "own",
                        "ownMonths",
                        "6",
                        "ownCount",
                        "1500 km",
                        "ownImmersions",
                        "8",
                        "counter",
                        "12 000"))
                .record());
        assertThat(due.on()).isEqualTo(DAY.plusMonths(6));
        assertThat(due.atCounter()).isEqualTo(13_500.0);
        assertThat(due.immersions()).isEqualTo(8);
        assertThat(read(Map.of("serviceSchool", "own")).sentences("ownMonths"))
                .singleElement()
                .asString()
                .contains("needs months");
        assertThat(read(Map.of("serviceSchool", "yearly", "ownMonths", "6")).sentences("serviceSchool"))
                .hasSize(1);
    }

    private static Reading<DueInput> read(Map<String, String> more) {
        Map<String, String> texts = new HashMap<>(Map.of("cause", "seal", "day", DAY.toString(), "counterUnit", "km"));
        texts.putAll(more);
        return Shipped.read(DueFields.LIST, texts, UnitSystem.METRIC);
    }
}
