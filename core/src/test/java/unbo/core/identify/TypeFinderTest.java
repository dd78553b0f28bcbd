package unbo.core.identify;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;

import org.junit.jupiter.api.Test;

import unbo.core.tools.identify.TypeDrawing;

class TypeFinderTest {

    @Test
    void everyPictureLeadsOnAndEveryOutcomeIsReached() {
        Set<String> reached = new HashSet<>();
        for (TypeFinder.Step step : TypeFinder.all()) {
            for (TypeFinder.Option option : step.options()) {
                assertThat(TypeFinder.step(option.leads()).isPresent()
                                ^ TypeFinder.found(option.leads()).isPresent())
                        .as(option.leads())
                        .isTrue();
                assertThat(TypeDrawing.of(option.picture(), option.words()).shapes())
                        .hasSizeGreaterThan(3);
                reached.add(option.leads());
            }
        }
        assertThat(reached)
                .contains(
                        "adjustable-taper",
                        "cartridge",
                        "unit",
                        "ball-pair",
                        "cup-and-cone",
                        "needle-pivot",
                        "head-taper");
    }

    @Test
    void outcomesNamePlacesThatAreKnownAndTheWayThere() {
        for (String code :
                new String[] {"adjustable-taper", "unit", "needle-pivot", "ball-pivot", "head-balls", "cartridge"}) {
            TypeFinder.Found found = TypeFinder.found(code).orElseThrow();
            assertThat(Suitability.placeLabel(found.place())).as(code).isPresent();
        }
        assertThat(TypeFinder.way("unit"))
                .extracting(TypeFinder.Option::leads)
                .containsExactly("wheel", "knuckle", "unit");
        assertThat(TypeFinder.way("nothing")).isEmpty();
        assertThat(TypeFinder.step("nothing")).isEmpty();
    }
}
