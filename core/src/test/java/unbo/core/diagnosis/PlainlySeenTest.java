package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is plainly seen wins over "none of these". */
class PlainlySeenTest {

    @ParameterizedTest
    @CsvSource({
        "car,wheel-nuts@front-left=loose,loose-wheel,front-left,0.8",
        "trailer,wheel-nuts@axle1-left=loose,loose-wheel,axle1-left,0.8",
        "car,tyre-wall@rear-right=bulge-or-cord,tyre,rear-right,0.8",
        "motorcycle,tyre-wall@rear=bulge-or-cord,tyre,rear,0.8",
        "trailer,parts-lost@axle1-left=found,wheel-bearing,axle1-left,0.8",
        "car,parts-lost@front-left=found,wheel-bearing,front-left,0.8",
        "trailer,locking@axle1-right=missing,wheel-bearing,axle1-right,0.75",
        "van,propshaft-play=play,propshaft-joint,,0.75",
        "motorcycle,carrier-rock=play,sprocket-carrier-bearing,rear,0.75",
        "trailer,heat-after-run@axle1-left=hot-90 brake-drag@axle1-left=no grease-out@axle1-left=thrown,"
                + "wheel-bearing,axle1-left,0.85",
        "car,rock-3-9@front-left=play-stays-with-brake rock-12-6@front-left=none,track-rod,front-left,0.6"
    })
    void leadsWithItsShare(String vehicle, String seen, String cause, String position, double least) {
        Diagnosis d = Asked.of(vehicle, seen);
        assertThat(d.probability(cause, position)).isGreaterThanOrEqualTo(least);
        assertThat(d.leader().hypothesis().cause().code()).isEqualTo(cause);
    }
}
