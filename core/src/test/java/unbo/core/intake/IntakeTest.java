package unbo.core.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;

import org.junit.jupiter.api.Test;

import unbo.core.finding.Finding;

class IntakeTest {

    private static final LocalDate THEN = LocalDate.of(2025, 4, 1);

    private static Intake intake(String complaint, Double counter, Double yearly, Double lastCounter, LocalDate last) {
        return Intake.of(
                new IntakeInput(complaint, THEN.plusYears(1), "km", counter, yearly, 300.0, lastCounter, last));
    }

    @Test
    void countsTheDistanceWhereThereIsACounter() {
        Intake intake = intake("hum", 12_000.0, 9_000.0, 4_000.0, THEN);
        assertThat(intake.distance()).isEqualTo(8_000);
        assertThat(intake.byCounter()).isTrue();
        assertThat(intake.loadN()).isCloseTo(2942, within(0.01));
    }

    @Test
    void estimatesItWhereThereIsNone() {
        Intake intake = intake("hum", null, 3652.5, null, THEN);
        assertThat(intake.distance()).isCloseTo(3650, within(1e-6));
        assertThat(intake.byCounter()).isFalse();
    }

    @Test
    void namesACounterThatRanBackwardsAndAnEstimateThatIsFarOff() {
        assertThat(intake("hum", 100.0, 9_000.0, 4_000.0, THEN).findings())
                .extracting(Finding::code)
                .containsExactly("counter-backwards");
        assertThat(intake("hum", 40_000.0, 1_000.0, 4_000.0, THEN).findings())
                .extracting(Finding::code)
                .containsExactly("estimate-off");
    }

    @Test
    void safetyComesFirstWhenTheComplaintAsksForIt() {
        assertThat(intake("Wheel feels LOOSE in bends", null, null, null, null).findings())
                .extracting(Finding::code)
                .containsExactly("safety-first");
        assertThat(intake("hums", null, null, null, null).findings()).isEmpty();
    }
}
