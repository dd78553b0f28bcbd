package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.tools.diagnosing.DiagnosisWords;

/** Wheel bearings on both sides of an axle at once: one hypothesis more for each pair. */
class BothSidesTest {

    private static final String PAIR = "wheel-bearing@axle1-left+axle1-right";

    private static double share(Diagnosis diagnosis, String key) {
        return diagnosis.ranked().stream()
                .filter(r -> r.hypothesis().key().equals(key))
                .mapToDouble(Diagnosis.Ranked::probability)
                .sum();
    }

    @Test
    void beforeAnyCheckBothTogetherAreATenthOfOne() {
        Diagnosis open = Asked.of("trailer", "");
        assertThat(share(open, PAIR) / share(open, "wheel-bearing@axle1-left")).isCloseTo(0.1, within(1e-9));
        assertThat(open.ranked())
                .extracting(r -> r.hypothesis().key())
                .filteredOn(key -> key.contains("+"))
                .containsExactly(PAIR);
        assertThat(Asked.of("car", "").ranked())
                .extracting(r -> r.hypothesis().key())
                .filteredOn(key -> key.contains("+"))
                .containsExactlyInAnyOrder(
                        "wheel-bearing@front-left+front-right", "wheel-bearing@rear-left+rear-right");
        assertThat(Asked.of("motorcycle", "").ranked())
                .noneMatch(r -> r.hypothesis().key().contains("+"));
    }

    @Test
    void twoHotHubsOfOneAxleAreBothBearings() {
        Diagnosis hot = Asked.of(
                "trailer",
                "heat-after-run@axle1-left=hot-90 heat-after-run@axle1-right=hot-90 "
                        + "brake-drag@axle1-left=no brake-drag@axle1-right=no");
        assertThat(hot.leader().hypothesis().key()).isEqualTo(PAIR);
        assertThat(hot.leader().hypothesis().position()).isNull();
        assertThat(hot.leader().hypothesis().positions()).isEqualTo(List.of("axle1-left", "axle1-right"));
        assertThat(hot.leader().hypothesis().words("trailer"))
                .isEqualTo("wheel bearings, axle 1 left and axle 1 right");
        assertThat(DiagnosisWords.of(hot).advice()).startsWith("Both sides of one axle: the same hand set them");
    }

    @Test
    void oneHotHubIsOneBearing() {
        Diagnosis hot = Asked.of(
                "trailer",
                "heat-after-run@axle1-left=hot-90 brake-drag@axle1-left=no heat-after-run@axle1-right=same-as-twin");
        assertThat(hot.leader().hypothesis().key()).isEqualTo("wheel-bearing@axle1-left");
    }

    /** A bend that speaks for one side is no sign of both. */
    @Test
    void whatTellsTheSidesApartSpeaksAgainstBoth() {
        Diagnosis bend = Asked.of("car", "noise-turning=louder-left");
        double before = share(Asked.of("car", ""), "wheel-bearing@front-left+front-right");
        assertThat(share(bend, "wheel-bearing@front-left+front-right")).isLessThan(before);
    }
}
