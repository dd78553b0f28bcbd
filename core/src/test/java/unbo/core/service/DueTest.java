package unbo.core.service;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;

import org.junit.jupiter.api.Test;

import unbo.core.finding.Finding;

class DueTest {

    private static final LocalDate DAY = LocalDate.of(2026, 4, 30);

    private static Due due(String unit, Double counter, Double yearly, boolean immersed, String school) {
        return Due.of(new DueInput("regular-service", "", DAY, unit, counter, yearly, immersed, ServiceSchool.of(school), 20));
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
        assertThat(due("mi", 1_000.0, 6_000.0, false, "yearly").atCounter()).isCloseTo(1_000 + 20_000 / 1.609344, within(1e-6));
        assertThat(due("h", 100.0, 50.0, false, "yearly").atCounter()).isNull();
    }

    @Test
    void immersionsCountWhereTheHubGoesUnderWater() {
        assertThat(due("none", null, 1_000.0, true, "yearly").immersions()).isEqualTo(20);
        assertThat(due("none", null, 1_000.0, true, "with-brakes").findings()).extracting(Finding::code).containsExactly("school-too-long");
    }

    @Test
    void saysWhenNothingMakesItDue() {
        Due due = due("none", null, null, false, "with-brakes");
        assertThat(due.on()).isNull();
        assertThat(due.findings()).extracting(Finding::code).containsExactly("never-due");
    }
}
