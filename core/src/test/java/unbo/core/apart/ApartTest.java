package unbo.core.apart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;

import unbo.core.assembly.Assembly;
import unbo.core.designation.Decoder;
import unbo.core.strip.Tools;

/** How whole hubs come apart: what is off first, by what, and what it spoils. */
class ApartTest {

    static Assembly assembly(String kind, String... options) {
        return assembly(kind, Assembly.Grip.USUAL, Map.of(), options);
    }

    static Assembly assembly(String kind, Assembly.Grip grip, Map<String, String> numbers, String... options) {
        Map<String, String> said = new HashMap<>();
        for (int i = 0; i < options.length; i += 2) {
            said.put(options[i], options[i + 1]);
        }
        return Assembly.of(new Assembly.Asked(kind, said, grip, numbers), Decoder.SHIPPED);
    }

    private static Apart plan(Assembly assembly, String... without) {
        Set<String> tools = new TreeSet<>(Tools.codes());
        List.of(without).forEach(tools::remove);
        return Apart.of(ApartInput.of(assembly, tools, List.of()));
    }

    private static ApartStep of(Apart plan, String part) {
        return plan.steps().stream()
                .filter(step -> step.part().code().equals(part))
                .findFirst()
                .orElseThrow();
    }

    private static int at(Apart plan, String part) {
        return plan.steps().indexOf(of(plan, part));
    }

    private static String method(Apart plan, String part) {
        return of(plan, part).how().method();
    }

    @Test
    void trailerHubWithNotchesLosesSealAndPinAlone() {
        Apart plan = plan(assembly("adjustable-taper", "notches", "true"));

        assertThat(at(plan, "seal")).isLessThan(at(plan, "inner-cone"));
        assertThat(at(plan, "inner-cone")).isLessThan(at(plan, "inner-cup"));
        assertThat(at(plan, "hub")).isLessThan(at(plan, "inner-cup")).isLessThan(at(plan, "outer-cup"));
        for (String cup : List.of("inner-cup", "outer-cup")) {
            assertThat(method(plan, cup)).isEqualTo("drift");
            assertThat(of(plan, cup).how().through()).isEqualTo("tight-ring");
            assertThat(of(plan, cup).how().ring()).isEqualTo("outer");
        }
        assertThat(plan.spoiled()).containsExactlyInAnyOrder("seal", "pin");
        assertThat(plan.minutes())
                .isEqualTo(plan.steps().stream().mapToDouble(ApartStep::minutes).sum())
                .isEqualTo(2 + 1 + 3 + 1 + 1 + 1 + 2 + 1 + 6 + 6);
        assertThat(plan.cost()).isEqualTo(plan.minutes());
    }

    @Test
    void cupsWithoutDriftArePressedOrPulled() {
        Apart plan = plan(assembly("adjustable-taper", "notches", "yes"), "drift");

        assertThat(method(plan, "inner-cup")).isEqualTo("press-far");
        assertThat(plan.missing()).isEmpty();
    }

    @Test
    void cupsThatNothingReachesArePulledAndWeldedLast() {
        Assembly hub = assembly("adjustable-taper", "notches", "no");

        assertThat(method(plan(hub), "outer-cup")).isEqualTo("cup-puller");
        Apart welded = Apart.of(new ApartInput(hub, Tools.codes(), List.of(), Set.of("cup-puller")));
        assertThat(method(welded, "outer-cup")).isEqualTo("weld-bead");
        assertThat(of(welded, "outer-cup").how().words().caution()).contains("chlorinated");
        assertThat(welded.spoiled()).contains("outer-cup", "inner-cup");
    }

    @Test
    void aToolThatIsNotThereIsNamedAndCostsOnce() {
        Assembly hub = assembly("adjustable-taper", "notches", "no");

        Apart plan = plan(hub, "expander", "welder");

        assertThat(plan.missing()).containsExactly("expander");
        assertThat(plan.cost()).isEqualTo(plan.minutes() + 30);
    }

    @Test
    void cartridgeIsScrapByItsFlangeAndItsInnerHalfIsAStep() {
        Apart plan = plan(assembly("cartridge-knuckle"));

        assertThat(of(plan, "flange").how().through()).isEqualTo("elements");
        assertThat(of(plan, "flange").spoils()).containsExactly("cartridge");
        assertThat(method(plan, "inner-half")).isEqualTo("splitter");
        assertThat(at(plan, "flange")).isLessThan(at(plan, "inner-half")).isLessThan(at(plan, "clip"));
        assertThat(method(plan, "cartridge")).isEqualTo("press-far");
        assertThat(of(plan, "cartridge").how().ring()).isEqualTo("outer");
    }

    @Test
    void cartridgeInADrumHasNoFlange() {
        Apart plan = plan(assembly("cartridge-knuckle", "turns", "housing"));

        assertThat(plan.steps())
                .extracting(step -> step.part().code())
                .containsExactly("cap", "axle-nut", "hub", "inner-half", "clip", "cartridge");
    }

    @Test
    void firstWheelBearingIsDriftedPastAFlatSpacer() {
        Apart plan = plan(assembly("ball-pair", new Assembly.Grip(0, 0.3, 0.5), Map.of()));

        assertThat(method(plan, "left-bearing")).isEqualTo("drift");
        assertThat(of(plan, "left-bearing").how().name()).contains("tipped spacer");
        assertThat(method(plan, "right-bearing")).isEqualTo("drift");
        assertThat(of(plan, "right-bearing").how().name()).contains("full-face");
        assertThat(at(plan, "left-bearing")).isLessThan(at(plan, "spacer")).isLessThan(at(plan, "right-bearing"));
        assertThat(plan.spoiled()).contains("left-bearing", "right-bearing");
    }

    @Test
    void firstWheelBearingIsPulledWhereAJawFindsALip() {
        Apart plan = plan(assembly("ball-pair", new Assembly.Grip(0.5, 0.3, 0.5), Map.of()));

        assertThat(method(plan, "left-bearing")).isEqualTo("expanding-puller");
        assertThat(plan.spoiled()).contains("left-bearing", "right-bearing");
    }

    @Test
    void aSpacerThatCannotBeTippedLeavesHeatOrTheOtherSide() {
        Apart plan = plan(assembly("ball-pair", "spacerTips", "no"));

        assertThat(method(plan, "left-bearing")).isEqualTo("heat-housing");
        assertThat(of(plan, "left-bearing").celsius()).isCloseTo(99.1, within(0.1));
        assertThatThrownBy(() -> plan(assembly("ball-pair", "spacerTips", "no", "heatAllowed", "no")))
                .isInstanceOfSatisfying(
                        NoWayOut.class, no -> assertThat(no.part()).isEqualTo("left-bearing"))
                .hasMessageContaining("nothing finds a hold");
    }

    @Test
    void openBearingsOfAWheelAreSavedByHeat() {
        Assembly wheel = assembly("ball-pair", Assembly.Grip.USUAL, Map.of("left", "6204", "right", "6204"));

        Apart plan = Apart.of(ApartInput.of(wheel, Tools.codes(), List.of("left-bearing", "right-bearing")));

        assertThat(method(plan, "left-bearing")).isEqualTo("heat-housing");
        assertThat(method(plan, "right-bearing")).isEqualTo("heat-housing");
        assertThat(plan.lost()).isEmpty();
    }

    @Test
    void sealedBearingsToBeKeptAreLostEitherWay() {
        Apart plan =
                Apart.of(ApartInput.of(assembly("ball-pair"), Tools.codes(), List.of("left-bearing", "right-bearing")));

        assertThat(plan.lost()).containsExactlyInAnyOrder("left-bearing", "right-bearing");
        assertThat(plan.cost()).isEqualTo(plan.minutes() + 2000);
    }

    @Test
    void crankWithARollerMainLeavesWithoutForceOnIt() {
        Apart plan = plan(assembly("crank", Assembly.Grip.USUAL, Map.of("right", "NU205")));

        assertThat(of(plan, "crank").how().through()).isEqualTo("none");
        assertThat(of(plan, "case-half").how().through()).isEqualTo("none");
        assertThat(method(plan, "right-bearing")).isEqualTo("heat-housing");
        assertThat(at(plan, "right-plate")).isLessThan(at(plan, "right-bearing"));
        assertThat(of(plan, "right-inner-ring").how().ring()).isEqualTo("inner");
        assertThat(plan.spoiled()).doesNotContain("right-bearing", "right-inner-ring", "left-bearing");
    }

    @Test
    void crankThatMayNotBeWarmedIsJackedAndItsMainCrossed() {
        Apart plan = plan(assembly("crank", "heatAllowed", "no"));

        assertThat(method(plan, "crank")).isEqualTo("jack-screws");
        assertThat(of(plan, "crank").spoils()).containsExactly("left-bearing");
        assertThat(of(plan, "crank").celsius()).isNull();
    }

    @Test
    void pulleyThatIsOpenIsClearedByTheNewBearing() {
        Apart plan = plan(assembly("pulley"));

        assertThat(method(plan, "only-bearing")).isEqualTo("new-pushes-old");
        assertThat(of(plan, "only-bearing").how().through()).isEqualTo("tight-ring");
    }

    @Test
    void pulleyWithAShoulderNeverIs() {
        for (String side : List.of("inboard", "outboard")) {
            Apart plan = plan(assembly("pulley", "shoulder", side));

            assertThat(method(plan, "only-bearing")).isIn("drift", "press-far");
            assertThat(of(plan, "only-bearing").exit().code()).isNotEqualTo(side);
        }
        assertThatThrownBy(() -> plan(assembly("pulley", "shoulder", "both")))
                .isInstanceOf(NoWayOut.class)
                .hasMessageContaining("both sides");
    }

    @Test
    void unitThatIsRustedInIsPushedOutUnlessItIsRenewed() {
        Apart plan = plan(assembly("unit-bolted", "rust", "yes"));

        assertThat(plan.steps())
                .filteredOn(step -> step.part().code().equals("unit"))
                .extracting(step -> step.how().method())
                .containsExactly("push-bolts", "by-hand");
        assertThat(plan.spoiled()).doesNotContain("unit");
    }

    @Test
    void aHammerDoesNotDoWhatAsksForAPress() {
        Apart plan = plan(assembly("cartridge-knuckle"));

        assertThat(of(plan, "cartridge").how().force()).isNotNull();
        assertThat(of(plan, "cartridge").how().force().leastN()).isGreaterThan(8000);
        assertThat(method(plan, "cartridge")).isNotEqualTo("drift");
    }
}
