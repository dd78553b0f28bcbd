package unbo.core.event;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;

import org.junit.jupiter.api.Test;

import unbo.core.diagnosis.Priors;

class EventKindTest {

    private static final LocalDate DAY = LocalDate.parse("2026-03-10");

    private static EventKind kind(String code) {
        return EventKind.find(code).orElseThrow();
    }

    @Test
    void aBlowMakesDueAndAHardOneSooner() {
        assertThat(kind("blow").dueBy(DAY, 2)).isEqualTo("2026-03-17");
        assertThat(kind("blow").dueBy(DAY, 3)).isEqualTo("2026-03-11");
        assertThat(kind("blow").dueBy(DAY, 1)).isNull();
        assertThat(kind("blow").because(DAY)).startsWith("kerb or pothole blow on 2026-03-10: ");
    }

    @Test
    void aRunMakesNothingDue() {
        assertThat(kind("run").dueBy(DAY, 3)).isNull();
        assertThat(kind("race").dueBy(DAY, 2)).isNull();
        assertThat(kind("race").dueBy(DAY, 3)).isNotNull();
    }

    /** What Diagnose is told of it, Diagnose knows. */
    @Test
    void circumstancesAreThoseOfDiagnose() {
        assertThat(EventKind.all())
                .filteredOn(kind -> !kind.circumstance().isEmpty())
                .isNotEmpty()
                .allSatisfy(kind -> assertThat(Priors.circumstances())
                        .anyMatch(choice -> choice.code().equals(kind.circumstance())));
        assertThat(EventKind.all())
                .filteredOn(kind -> kind.days() != null || kind.hardDays() != null)
                .allSatisfy(kind -> assertThat(kind.why()).isNotEmpty());
    }
}
