package unbo.core.event;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;

import org.junit.jupiter.api.Test;

import unbo.core.diagnosis.Priors;
import unbo.core.vehicle.Place;

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
                .filteredOn(
                        kind -> kind.within().days() != null || kind.within().hardDays() != null)
                .allSatisfy(kind -> assertThat(kind.why()).isNotEmpty());
    }

    /** A kerb reaches a wheel and a head, not what turns on its own in the engine; a flood reaches an axle drive. */
    @Test
    void whatIsBuriedIsLeftAlone() {
        assertThat(reaches("blow", "motorcycle", "front")).isTrue();
        assertThat(reaches("blow", "motorcycle", "steering-head")).isTrue();
        assertThat(reaches("blow", "motorcycle", "crank")).isFalse();
        assertThat(reaches("blow", "van", "pulley")).isFalse();
        assertThat(reaches("wash", "motorcycle", "gearbox")).isFalse();
        assertThat(reaches("descent", "bicycle", "bottom-bracket")).isFalse();
        assertThat(reaches("flood", "van", "pinion")).isTrue();
        assertThat(reaches("run", "van", "front-left")).isFalse();
    }

    private static boolean reaches(String event, String vehicle, String place) {
        return kind(event).reaches(Place.of(vehicle, place).orElseThrow());
    }

    /** Places that are named are places of some vehicle. */
    @Test
    void placesAreThoseOfVehicles() {
        for (EventKind kind : EventKind.all()) {
            assertThat(kind.reach().places())
                    .allMatch(code -> Place.kinds().stream()
                            .anyMatch(vehicle -> Place.of(vehicle, code).isPresent()));
        }
    }

    @Test
    void whatItWentThroughIsWhatALifeIsCountedWith() {
        Exposure left = EventKind.left("pressure-washing salt-water kerb-strike");
        assertThat(left.cleanliness()).isEqualTo(0.2);
        assertThat(left.blowTimes()).isEqualTo(5);
        assertThat(left.loadTimes()).isNull();
        assertThat(EventKind.left("")).isEqualTo(Exposure.NONE);
    }
}
