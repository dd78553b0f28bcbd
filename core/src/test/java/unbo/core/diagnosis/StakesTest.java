package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

class StakesTest {

    private static final List<Hypothesis> TWO = List.of(
            new Hypothesis(Cause.of("wheel-bearing"), "front-left"), new Hypothesis(Cause.of("tyre"), "front-left"));

    /**
     * Halves of wheel bearing (240 driven, 40 ordered, 60 waited) and tyre (400, 60, 45): driven 320, so it stands for
     * 90; nothing ordered 52.5, the bearing 22.5 + 20 = 42.5, the tyre 30 + 30 = 60.
     */
    @Test
    void theBestThatCanBeDecidedIsWorkedByHand() {
        assertThat(Stakes.loss("car", TWO, new double[] {0.5, 0.5})).isCloseTo(90 + 42.5, within(1e-9));
        assertThat(Stakes.loss("car", TWO, new double[] {1, 0})).isCloseTo(90, within(1e-9));
        List<Hypothesis> quiet = List.of(new Hypothesis(Cause.of("jockey-bearing"), "jockey"));
        assertThat(Stakes.loss("bicycle", quiet, new double[] {1}))
                .as("driven home, its part ordered")
                .isCloseTo(10, within(1e-9));
    }

    /**
     * A check that tells both apart for sure leaves 90 either way: 42.5 minutes are saved. One that tells nothing,
     * none.
     */
    @Test
    void aCheckSavesWhatWouldBeDecidedOtherwise() {
        double[] half = {0.5, 0.5};
        assertThat(Stakes.saved("car", TWO, half, new double[][] {{1, 0}, {0, 1}}))
                .isCloseTo(42.5, within(1e-9));
        assertThat(Stakes.saved("car", TWO, half, new double[][] {{0.7, 0.3}, {0.7, 0.3}}))
                .isCloseTo(0, within(1e-9));
    }

    /** Rough bearings: a car stands, 90; a bicycle stands too, 15 against 30 ridden; its part is ordered in both. */
    @Test
    void aKindOfVehicleHasItsOwnCosts() {
        List<Hypothesis> rough = List.of(new Hypothesis(Cause.of("wheel-bearing"), "front"));
        assertThat(Stakes.loss("bicycle", rough, new double[] {1})).isCloseTo(15, within(1e-9));
        assertThat(Stakes.loss("motorcycle", rough, new double[] {1})).isCloseTo(60, within(1e-9));
        for (Cause cause : Cause.all()) {
            for (String vehicle : List.of("car", "van", "motorcycle", "bicycle", "trailer")) {
                assertThat(Stakes.loss(vehicle, List.of(new Hypothesis(cause, null)), new double[] {1}))
                        .as(vehicle + " " + cause.code())
                        .isNotNegative();
            }
        }
    }

    @Test
    void nothingIsEverLostByLooking() {
        for (String vehicle : List.of("car", "motorcycle", "bicycle", "trailer")) {
            assertThat(Asked.of(vehicle, "").nextChecks())
                    .isNotEmpty()
                    .allMatch(next -> next.savedMinutes() >= 0 && next.savedMinutes() < 1000);
        }
    }

    /** What is chosen by its stakes is what saves most a minute, and it is another list than by doubt. */
    @Test
    void theOrderFollowsWhatWasChosen() {
        List<NextCheck> doubt = rest(Asked.of("car", "noise-follows=road-speed"));
        List<NextCheck> stakes = rest(Asked.of("car", "noise-follows=road-speed", "order", "stakes"));
        assertThat(stakes)
                .extracting(NextCheck::done)
                .isNotEqualTo(doubt.stream().map(NextCheck::done).toList());
        assertThat(stakes.get(0).rate(CheckOrder.STAKES))
                .isGreaterThanOrEqualTo(doubt.get(0).rate(CheckOrder.STAKES));
        assertThat(doubt.get(0).rate()).isGreaterThanOrEqualTo(stakes.get(0).rate());
    }

    private static List<NextCheck> rest(Diagnosis diagnosis) {
        return diagnosis.nextChecks().stream().filter(next -> !next.first()).toList();
    }
}
