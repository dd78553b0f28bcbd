package unbo.core.apart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static unbo.core.apart.ApartTest.assembly;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.PlaceFit;
import unbo.core.fit.Band;
import unbo.core.strip.Tools;

/** How whole hubs go together, and what clearance their bearings have left. */
class TogetherTest {

    private static Together together(Assembly assembly, Map<String, Together.Seats> seats) {
        return Together.of(Apart.of(ApartInput.of(assembly, Tools.codes(), List.of())), seats);
    }

    private static List<String> order(Together together) {
        return together.steps().stream().map(step -> step.part().code()).toList();
    }

    private static MountStep of(Together together, String part) {
        return together.steps().stream()
                .filter(step -> step.part().code().equals(part))
                .findFirst()
                .orElseThrow();
    }

    private static Together.Seats seats(String inner, String outer) {
        return new Together.Seats(new PlaceFit.Seat(inner, null), new PlaceFit.Seat(outer, null));
    }

    @Test
    void locatedSideOfAWheelGoesInFirstAndSealsLast() {
        List<String> order = order(together(assembly("ball-pair"), Map.of()));

        assertThat(order.subList(0, 3)).containsExactly("left-bearing", "spacer", "right-bearing");
        assertThat(order.indexOf("left-seal")).isGreaterThan(order.indexOf("clip"));
        assertThat(order).endsWith("axle");
    }

    @Test
    void dustSealLiesUnderTheLowerConeBeforeIt() {
        List<String> order = order(together(assembly("steering-head"), Map.of()));

        assertThat(order.indexOf("dust-seal")).isLessThan(order.indexOf("lower-cone"));
        assertThat(order.indexOf("lower-cup")).isLessThan(order.indexOf("upper-cup"));
    }

    @Test
    void axleGoesInBeforeTheBearingThatItBroughtOut() {
        Together front = together(assembly("bicycle-front"), Map.of());

        assertThat(order(front)).containsExactly("right-bearing", "axle", "left-bearing", "right-cap", "left-cap");
        assertThat(of(front, "left-bearing").method()).isEqualTo("press-plate");
    }

    @Test
    void theInnerHalfComesWithTheNewCartridge() {
        assertThat(order(together(assembly("cartridge-knuckle"), Map.of()))).doesNotContain("inner-half");
    }

    @Test
    void aRingSlidesOnAtItsLimitWhereItStandsOpenAtAll() {
        Together crank = together(assembly("crank", "left", "separable"), Map.of());

        MountStep ring = of(crank, "left-inner-ring");
        assertThat(ring.method()).isEqualTo("heat-ring");
        assertThat(ring.celsius()).isEqualTo(120);
    }

    @Test
    void whatIsTightenedAsksForTheMakersTorqueAndWhatWasSpoiledIsNew() {
        Together unit = together(assembly("unit-bolted"), Map.of());

        assertThat(unit.steps())
                .filteredOn(step -> step.ends().torque())
                .extracting(step -> step.part().code())
                .containsExactly("bolts", "axle-nut");
        assertThat(of(unit, "bolts").ends().renewed()).isTrue();
        assertThat(of(unit, "unit").ends().renewed()).isFalse();
    }

    /** 20 × 47 × 14, CN 5 to 20 µm: k5 takes 2 + 10 at the mean, the warmer ring 3.9. */
    @Test
    void clearanceIsLessWhatBothSeatsTake() {
        Assembly wheel = assembly("ball-pair", Assembly.Grip.USUAL, Map.of("left", "6204", "right", "6204"));

        Together free = together(wheel, Map.of());
        Together inner = together(wheel, Map.of("left", new Together.Seats(new PlaceFit.Seat("k5", null), null)));
        Together both = together(wheel, Map.of("left", seats("k5", "N7")));

        ClearanceLeft none = free.clearances().get(0);
        assertThat(none.why()).isEqualTo("both-free");
        assertThat(none.band().meanUm()).isCloseTo(12.5 - 11.7e-3 * 33.5 * 10, within(0.01));
        ClearanceLeft one = inner.clearances().get(0);
        assertThat(one.why()).isEqualTo("outer-free");
        // k5 at 20 mm is +2 to +11, the bore 0 to −10: 11.5 µm at the mean, of which d/F = 20/26.75 reaches the race
        assertThat(none.band().meanUm() - one.band().meanUm()).isCloseTo(11.5 * 20 / 26.75, within(0.3));
        ClearanceLeft two = both.clearances().get(0);
        assertThat(two.why()).isEqualTo("counted");
        assertThat(two.band().meanUm()).isLessThan(one.band().meanUm() - 5);
        assertThat(both.clearances().get(1).why()).isEqualTo("both-free");
    }

    @Test
    void aMeasuredSeatCountsAsItWasMeasured() {
        Assembly wheel = assembly("ball-pair", Assembly.Grip.USUAL, Map.of("left", "6204", "right", "6204"));

        Together loose =
                together(wheel, Map.of("left", new Together.Seats(null, new PlaceFit.Seat("", new Band(20, 30)))));

        assertThat(loose.clearances().get(0).band().meanUm()).isCloseTo(12.5 - 3.92, within(0.01));
    }

    @Test
    void adjustedPairsAndUnitsHaveNoneToSpeakOf() {
        assertThat(together(assembly("pinion"), Map.of()).clearances())
                .allSatisfy(left -> assertThat(left.band()).isNull())
                .extracting(ClearanceLeft::why)
                .containsOnly("set");
        assertThat(together(assembly("unit-bolted"), Map.of()).clearances())
                .extracting(ClearanceLeft::why)
                .containsOnly("made");
        assertThat(together(assembly("needle-pivot"), Map.of()).clearances())
                .extracting(ClearanceLeft::why)
                .containsOnly("raceway");
    }
}
